/** What the body of a request may hold, bytes, by the beginning of its path: a code, a photo, a line, a teacher’s file. */
const LARGEST_BODIES: readonly (readonly [RegExp, number])[] = [
  [/^\/api\/(class\/join|passcode)/, 4000],
  [/^\/api\/class\/photos/, 2_100_000],
  [/^\/api\/class\//, 100_000],
  [/^\/api\/[^/]+\/import/, 200_000_000],
  [/^\/api\/lessons\/[^/]+\/(log|photos)/, 20_000_000],
];
/** Of any other: a plan is some ten kilobytes. */
const LARGEST_OTHER = 1_000_000;

/** More than any request to a path ever holds, bytes: the gateway and the app count up to the same. */
export function largestBody(path: string): number {
  return LARGEST_BODIES.find(([one]) => one.test(path))?.[1] ?? LARGEST_OTHER;
}
