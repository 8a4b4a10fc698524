/** The value of a cookie in a request's header; `undefined` where it is not there, or not readable. */
export function cookieIn(header: string, name: string): string | undefined {
  const value = header
    .split(/;\s*/)
    .find((one) => one.startsWith(`${name}=`))
    ?.slice(name.length + 1);
  try {
    return value === undefined ? undefined : decodeURIComponent(value);
  } catch {
    // A broken escape: nobody's cookie of ours.
    return undefined;
  }
}
