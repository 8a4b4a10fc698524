/** Address that a request came from as the gateway saw it; `local` on this machine. */
export function addressOf(request: Request): string {
  return request.headers.get('x-forwarded-for') ?? 'local';
}
