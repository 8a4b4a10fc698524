import { LONGEST_STRING, MOST_CELLS, type Plan } from '@/core/plan/planSchema';
import type { Wiring } from '@/core/planning/evaluatePlan';

/** Most cells a string can have with these strings, and most strings with these cells. */
export function countLimits(wiring: Pick<Wiring, 'cellsInSeries' | 'strings'>): {
  mostInSeries: number;
  mostStrings: number;
} {
  return {
    mostInSeries: Math.min(LONGEST_STRING, Math.floor(MOST_CELLS / wiring.strings)),
    mostStrings: Math.floor(MOST_CELLS / wiring.cellsInSeries),
  };
}

/** The educator's own counts, kept within what a plan can hold. */
export function withOwnWiring(plan: Plan, wiring: Pick<Wiring, 'cellsInSeries' | 'strings'>): Plan {
  const cellsInSeries = clamp(wiring.cellsInSeries, LONGEST_STRING);
  const strings = clamp(wiring.strings, Math.floor(MOST_CELLS / cellsInSeries));
  return { ...plan, arrangement: { kind: 'own', cellsInSeries, strings } };
}

function clamp(value: number, most: number): number {
  return Math.min(Math.max(1, value), most);
}
