/** Wrong tries of one address before it has to wait, and for how long they count. */
const MAX_WRONG = 10;
const WINDOW_MS = 60_000;

/** Counts wrong codes by address, so that nobody guesses through all of them. */
export interface Attempts {
  mayTry(address: string, now: number): boolean;
  failed(address: string, now: number): void;
}

export function createAttempts(): Attempts {
  const wrong = new Map<string, number[]>();
  const recent = (address: string, now: number): number[] =>
    (wrong.get(address) ?? []).filter((at) => now - at < WINDOW_MS);
  return {
    mayTry: (address, now) => recent(address, now).length < MAX_WRONG,
    failed: (address, now) => void wrong.set(address, [...recent(address, now), now]),
  };
}

const holder = globalThis as typeof globalThis & { grozerAttempts?: Attempts };

/** The one count of this process. */
export function attempts(): Attempts {
  holder.grozerAttempts ??= createAttempts();
  return holder.grozerAttempts;
}
