import { RateLimiterMemory } from 'rate-limiter-flexible';

/** Wrong tries that are allowed within a time, seconds. */
interface Allowed {
  readonly tries: number;
  readonly seconds: number;
}

/** Counts wrong tries by address and over all addresses, so that nobody guesses through all codes, alone or from many devices. */
export interface RateLimiter {
  mayTry(address: string): Promise<boolean>;
  failed(address: string): Promise<void>;
}

export function createRateLimiter(ofAddress: Allowed, ofAll: Allowed): RateLimiter {
  const counter = ({ tries, seconds }: Allowed) =>
    new RateLimiterMemory({ points: tries, duration: seconds });
  const [wrong, all] = [counter(ofAddress), counter(ofAll)];
  const used = async (of: RateLimiterMemory, key: string): Promise<number> =>
    (await of.get(key))?.consumedPoints ?? 0;
  return {
    mayTry: async (address) =>
      (await used(wrong, address)) < ofAddress.tries && (await used(all, 'all')) < ofAll.tries,
    failed: async (address) => {
      await wrong.penalty(address);
      await all.penalty('all');
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
