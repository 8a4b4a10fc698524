'use client';

import { createContext, useContext } from 'react';
import { benchName } from '@/core/work/preparation/groupNames';
import { usePlanContext } from './PlanProvider';

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

/** Who stands at the bench that is shown, within a sentence: “group Tern”, or “the demonstration”. */
export function useBenchName(): string {
  const { evaluation } = usePlanContext();
  return benchName(useBenchChoice().group, evaluation.inLesson);
}
