import {
  entryOf,
  withEntry,
  type CupboardState,
  type TakenOut,
} from '../../records/cupboard/cupboardSchema';
import type { Kit } from './kitOfPlan';
import { PART_IDS, PARTS, type PartId } from '../../records/cupboard/parts';

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
    const amount = Math.min(stock, total);
    if (amount <= 0) continue;
    parts[part] = amount;
    after = withEntry(after, part, { stock: stock - amount });
  }
  return { ...after, taken: [...after.taken, { ...lesson, parts }] };
}

/** The cupboard after the lesson: what can be used again is back, what was used up is gone. */
export function putBack(cupboard: CupboardState, planId: string): CupboardState {
  const out = cupboard.taken.filter((one) => one.planId === planId);
  let after: CupboardState = {
    ...cupboard,
    taken: cupboard.taken.filter((one) => one.planId !== planId),
  };
  for (const { parts } of out) {
    for (const part of PART_IDS) {
      const amount = parts[part] ?? 0;
      if (amount === 0 || !PARTS[part].reusable) continue;
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
