import type { WiringChoice } from '@/core/work/judging/evaluatePlan';
import {
  asGrid,
  laidOutGrid,
  withStringCount,
  withStringsOfLength,
} from '@/core/physics/desk/deskEdits';
import type { DeskArrangement } from '@/core/physics/desk/deskSchema';
import { LONGEST_STRING, MAX_CELLS } from '@/core/physics/desk/limits';
import type { Plan } from '@/core/records/plan/planSchema';

type Counts = Pick<WiringChoice, 'cellsInSeries' | 'strings'>;

/** Most cells a string can have with these strings, and most strings with these cells. */
export function countLimits(wiring: Counts): {
  mostInSeries: number;
  mostStrings: number;
} {
  return {
    mostInSeries: Math.min(LONGEST_STRING, Math.floor(MAX_CELLS / wiring.strings)),
    mostStrings: Math.floor(MAX_CELLS / wiring.cellsInSeries),
  };
}

/** The educator's own counts, kept within what a plan can hold. */
export function withOwnWiring(plan: Plan, wiring: Counts): Plan {
  const cellsInSeries = clamp(wiring.cellsInSeries, LONGEST_STRING);
  const strings = clamp(wiring.strings, Math.floor(MAX_CELLS / cellsInSeries));
  return { ...plan, arrangement: { kind: 'own', cellsInSeries, strings } };
}

/** The battery as laid out by hand, whatever it was before. */
export function deskOfArrangement(plan: Plan, wiring: Counts): DeskArrangement {
  return plan.arrangement.kind === 'desk'
    ? plan.arrangement
    : laidOutGrid(wiring.cellsInSeries, wiring.strings);
}

/** The plan with its desk changed by hand; a desk that is a plain grid after all is stored as one. */
export function withDesk(
  plan: Plan,
  wiring: Counts,
  change: (desk: DeskArrangement) => DeskArrangement,
): Plan {
  const desk = change(deskOfArrangement(plan, wiring));
  const grid = asGrid(desk);
  return { ...plan, arrangement: grid === null ? desk : { kind: 'own', ...grid } };
}

/** The load turned round, or back again. */
export function withLoadTurned(plan: Plan, wiring: Counts): Plan {
  return withDesk(plan, wiring, (desk) => ({ ...desk, loadReversed: !desk.loadReversed }));
}

/** Cells in every string, and strings, changed by one; what was laid out by hand stays. */
export function withCounts(plan: Plan, wiring: Counts, next: Counts): Plan {
  if (plan.arrangement.kind !== 'desk') return withOwnWiring(plan, next);
  const longer = next.cellsInSeries - wiring.cellsInSeries;
  const more = next.strings - wiring.strings;
  return withDesk(plan, wiring, (desk) => {
    if (longer !== 0) return withStringsOfLength(desk, longer > 0 ? 1 : -1);
    return more === 0 ? desk : withStringCount(desk, more > 0 ? 1 : -1);
  });
}

function clamp(value: number, most: number): number {
  return Math.min(Math.max(1, value), most);
}
