import {
  entryOf,
  withEntry,
  type CupboardState,
  type TakenOut,
} from '../../records/cupboard/cupboardSchema';
import { wholeUnits } from '../parts/amountWords';
import type { MissingPart } from '../parts/partStock';
import type { Kit } from './kitOfPlan';
import { PART_IDS, PARTS, type PartId } from '../../physics/recipes/parts';

/** The cupboard after a lesson's kit was taken out of it: as much as there is of each part. */
export function takeOut(
  cupboard: CupboardState,
  kit: Pick<Kit, 'lines'>,
  lesson: Pick<TakenOut, 'planId' | 'title' | 'takenAt'>,
): CupboardState {
  const parts: Partial<Record<PartId, number>> = {};
  let after = cupboard;
  for (const { part, total } of kit.lines) {
    const { stock } = entryOf(after, part);
    const amount = Math.min(stock, wholeUnits(total));
    if (amount <= 0) continue;
    parts[part] = amount;
    after = withEntry(after, part, { stock: stock - amount });
  }
  return { ...after, taken: [...after.taken, { ...lesson, parts }] };
}

/** Parts of a kit of which the cupboard has too little, most lacking first. */
export function shortOf(cupboard: CupboardState, kit: Pick<Kit, 'lines'>): MissingPart[] {
  return kit.lines
    .map(({ part, total }) => ({
      part,
      needed: wholeUnits(total),
      there: entryOf(cupboard, part).stock,
    }))
    .filter(({ needed, there }) => needed > there)
    .sort((a, b) => b.needed - b.there - (a.needed - a.there));
}

/** What is likely left of what was taken out: all that can be used again. */
export function usuallyLeft(parts: TakenOut['parts']): TakenOut['parts'] {
  return Object.fromEntries(
    PART_IDS.flatMap((part) => {
      const amount = parts[part];
      return amount === undefined ? [] : [[part, PARTS[part].reusable ? amount : 0]];
    }),
  );
}

/** The cupboard after the lesson: what is left over is back, the rest is gone; `null`: all that can be used again is. */
export function putBack(
  cupboard: CupboardState,
  planId: string,
  left: TakenOut['parts'] | null = null,
): CupboardState {
  const out = cupboard.taken.filter((one) => one.planId === planId);
  let after: CupboardState = {
    ...cupboard,
    taken: cupboard.taken.filter((one) => one.planId !== planId),
  };
  for (const { parts } of out) {
    const back = left ?? usuallyLeft(parts);
    for (const part of PART_IDS) {
      const amount = Math.min(back[part] ?? 0, parts[part] ?? 0);
      if (amount === 0) continue;
      after = withEntry(after, part, { stock: entryOf(after, part).stock + amount });
    }
  }
  return after;
}

/** The cupboard as a plan sees it: what was taken out for it is still there for it. */
export function cupboardOf(cupboard: CupboardState, planId: string): CupboardState {
  let seen = cupboard;
  for (const one of cupboard.taken) {
    if (one.planId !== planId) continue;
    for (const part of PART_IDS) {
      const amount = one.parts[part] ?? 0;
      if (amount > 0) seen = withEntry(seen, part, { stock: entryOf(seen, part).stock + amount });
    }
  }
  return seen;
}
