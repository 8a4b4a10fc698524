'use client';

import { startTransition, useEffect, useState } from 'react';

/** The latest value once it has rested for a while: for pictures that need not follow every one of many quick edits. */
export function useSettled<T>(value: T, milliseconds: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setSettled(value)), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return settled;
}
