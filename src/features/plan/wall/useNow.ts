'use client';

import { useEffect, useState } from 'react';

const TICK_MS = 10_000;

/** The time, a few times a minute; 0 until the page runs in the browser. */
export function useNow(): number {
  const [now, setNow] = useState(0);
  useEffect(() => {
    const tick = (): void => setNow(Date.now());
    const first = setTimeout(tick);
    const timer = setInterval(tick, TICK_MS);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, []);
  return now;
}
