/** Whether a request comes from a page under its own address; with TLS in front the page's address begins otherwise. */
export function isOwnOrigin(origin: string | undefined, host: string): boolean {
  return origin === `http://${host}` || origin === `https://${host}`;
}
