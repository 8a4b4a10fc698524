import { RateLimiterMemory } from 'rate-limiter-flexible';

/** Wrong tries of one address before it has to wait, and for how long they count, seconds. */
const MAX_WRONG = 10;
const WINDOW_SECONDS = 60;

/** Counts wrong codes by address, so that nobody guesses through all of them; forgets an address when its time is over. */
export interface RateLimiter {
  mayTry(address: string): Promise<boolean>;
  failed(address: string): Promise<void>;
}

export function createRateLimiter(): RateLimiter {
  const wrong = new RateLimiterMemory({ points: MAX_WRONG, duration: WINDOW_SECONDS });
  return {
    mayTry: async (address) => ((await wrong.get(address))?.consumedPoints ?? 0) < MAX_WRONG,
    failed: async (address) => void (await wrong.penalty(address)),
  };
}

const holder = globalThis as typeof globalThis & { grozerRateLimiter?: RateLimiter };

/** The one count of this process. */
export function rateLimiter(): RateLimiter {
  holder.grozerRateLimiter ??= createRateLimiter();
  return holder.grozerRateLimiter;
}
