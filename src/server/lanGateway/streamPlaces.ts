/** Event streams that may be open at a time: a class behind one address, and the devices of one group. */
const MOST_OF_ADDRESS = 400;
const MOST_OF_SEAT = 20;

/** Bounds open event streams by address and by seat. */
export interface StreamPlaces {
  /** A place, to be left by the returned function; `null` where all are taken. */
  take(address: string, seat: string): (() => void) | null;
}

export function createStreamPlaces(
  ofAddress = MOST_OF_ADDRESS,
  ofSeat = MOST_OF_SEAT,
): StreamPlaces {
  const open = new Map<string, number>();
  const add = (key: string, by: 1 | -1): void => {
    const count = (open.get(key) ?? 0) + by;
    if (count === 0) open.delete(key);
    else open.set(key, count);
  };
  return {
    take: (address, seat) => {
      const keys = [`address ${address}`, `seat ${seat}`] as const;
      const [atAddress, atSeat] = keys.map((key) => open.get(key) ?? 0);
      if ((atAddress ?? 0) >= ofAddress || (atSeat ?? 0) >= ofSeat) return null;
      for (const key of keys) add(key, 1);
      let left = false;
      return () => {
        if (!left) for (const key of keys) add(key, -1);
        left = true;
      };
    },
  };
}

const holder = globalThis as typeof globalThis & { grozerStreamPlaces?: StreamPlaces };

/** The places of this process. */
export function streamPlaces(): StreamPlaces {
  holder.grozerStreamPlaces ??= createStreamPlaces();
  return holder.grozerStreamPlaces;
}
