import { RateLimiterMemory } from 'rate-limiter-flexible';

/** What one address may send in a minute, bytes: a whole class behind it sends its photos at the end. */
const BYTES_A_MINUTE = 200_000_000;
/** Lines that one group may log in a minute: ten a second, with several phones. */
const LINES_A_MINUTE = 600;
const MINUTE_SECONDS = 60;

/** Bounds what comes in. */
export interface TrafficLimit {
  /** Counts one more piece; false where the rest of the minute is to be waited for. */
  take(key: string, pieces: number): Promise<boolean>;
}

export function createTrafficLimit(piecesAMinute: number): TrafficLimit {
  const limiter = new RateLimiterMemory({ points: piecesAMinute, duration: MINUTE_SECONDS });
  return {
    take: async (key, pieces) =>
      (await limiter.penalty(key, pieces)).consumedPoints <= piecesAMinute,
  };
}

export const bytesOfAddresses = createTrafficLimit(BYTES_A_MINUTE);
export const linesOfSeats = createTrafficLimit(LINES_A_MINUTE);
