'use client';

import { createContext, useContext } from 'react';

/** The group and string that the bench shows. */
export interface BenchChoice {
  readonly group: string;
  readonly string: number;
  readonly choose: (choice: { readonly group?: string; readonly string?: number }) => void;
}

export const BenchChoiceContext = createContext<BenchChoice | null>(null);

export function useBenchChoice(): BenchChoice {
  const value = useContext(BenchChoiceContext);
  if (value === null) throw new Error('a bench component stands outside the plan');
  return value;
}
