import { RateLimiterMemory } from 'rate-limiter-flexible';

/** Wrong tries that are allowed within a time, seconds. */
interface Allowed {
  readonly tries: number;
  readonly seconds: number;
}

/** This machine itself, which nobody guesses from. */
const HERE = 'local';
const MINUTE_SECONDS = 60;

/**
 * Counts wrong tries by address and over all addresses, so that nobody guesses through all codes, alone or from many devices. An
 * address that has not guessed wrong yet may always try: nobody locks others out. This machine itself is never limited.
 */
export interface RateLimiter {
  mayTry(address: string): Promise<boolean>;
  failed(address: string): Promise<void>;
  /** For how long an address has to wait, in words. */
  waitWords(address: string): Promise<string>;
}

export function createRateLimiter(ofAddress: Allowed, ofAll: Allowed): RateLimiter {
  const counter = ({ tries, seconds }: Allowed) =>
    new RateLimiterMemory({ points: tries, duration: seconds });
  const [wrong, all] = [counter(ofAddress), counter(ofAll)];
  const used = async (of: RateLimiterMemory, key: string): Promise<number> =>
    (await of.get(key))?.consumedPoints ?? 0;
  // Whoever guessed once is no stranger for as long as all are counted.
  const known = counter({ tries: Number.MAX_SAFE_INTEGER, seconds: ofAll.seconds });
  const secondsLeft = async (
    of: RateLimiterMemory,
    key: string,
    tries: number,
  ): Promise<number> => {
    const state = await of.get(key);
    return state !== null && state.consumedPoints >= tries ? state.msBeforeNext / 1000 : 0;
  };
  return {
    mayTry: async (address) =>
      address === HERE ||
      (await used(known, address)) === 0 ||
      ((await used(wrong, address)) < ofAddress.tries && (await used(all, 'all')) < ofAll.tries),
    failed: async (address) => {
      if (address === HERE) return;
      await wrong.penalty(address);
      await known.penalty(address);
      await all.penalty('all');
    },
    waitWords: async (address) => {
      const seconds = Math.max(
        await secondsLeft(wrong, address, ofAddress.tries),
        await secondsLeft(all, 'all', ofAll.tries),
      );
      const minutes = Math.ceil(seconds / MINUTE_SECONDS);
      return minutes <= 1 ? 'a minute' : `${minutes} minutes`;
    },
  };
}

const OF_ADDRESS: Allowed = { tries: 10, seconds: 60 };
/** A billion codes: sixty groups may mistype theirs twice a minute. */
const ALL_CODES: Allowed = { tries: 120, seconds: 60 };
/** A million passcodes, six hours at most: 600 guesses at one. Nobody else than a teacher’s further device types it. */
const ALL_PASSCODES: Allowed = { tries: 100, seconds: 3600 };

interface Limiters {
  readonly codes: RateLimiter;
  readonly passcodes: RateLimiter;
}

const holder = globalThis as typeof globalThis & { grozerRateLimiters?: Limiters };

/** The counts of this process, codes and passcodes apart. */
export function rateLimiters(): Limiters {
  holder.grozerRateLimiters ??= {
    codes: createRateLimiter(OF_ADDRESS, ALL_CODES),
    passcodes: createRateLimiter(OF_ADDRESS, ALL_PASSCODES),
  };
  return holder.grozerRateLimiters;
}
