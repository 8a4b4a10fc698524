import { RateLimiterMemory } from 'rate-limiter-flexible';

/** What one address may send in a minute, bytes: a whole class behind it sends its photos at the end. */
const BYTES_A_MINUTE = 200_000_000;
/** Lines that one group may log in a minute: ten a second, with several phones. */
const LINES_A_MINUTE = 600;
const MINUTE_SECONDS = 60;
/** Photos of one group, and of a class, in the time of a class: some for each step and group. */
const PHOTOS_OF_SEAT = 40;
const PHOTOS_OF_CLASS = 400;
const CLASS_SECONDS = 6 * 60 * 60;

/** Bounds what comes in. */
export interface TrafficLimit {
  /** Counts so many more pieces; false where there were too many. */
  take(key: string, pieces: number): Promise<boolean>;
}

export function createTrafficLimit(most: number, seconds = MINUTE_SECONDS): TrafficLimit {
  const limiter = new RateLimiterMemory({ points: most, duration: seconds });
  return {
    take: async (key, pieces) => (await limiter.penalty(key, pieces)).consumedPoints <= most,
  };
}

export const bytesOfAddresses = createTrafficLimit(BYTES_A_MINUTE);
export const linesOfSeats = createTrafficLimit(LINES_A_MINUTE);
export const photosOfSeats = createTrafficLimit(PHOTOS_OF_SEAT, CLASS_SECONDS);
export const photosOfClasses = createTrafficLimit(PHOTOS_OF_CLASS, CLASS_SECONDS);
