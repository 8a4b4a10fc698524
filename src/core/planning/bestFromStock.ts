import { WANTED_BRIGHTNESSES } from '../circuit/brightness';
import { LED_COLOURS, LED_PRESETS } from '../circuit/load/ledPresets';
import { needOfTarget } from '../plan/needOfTarget';
import type { PlanTarget } from '../plan/planSchema';
import { planBatteries, type BatteryCandidate, type PlannerInput } from './planBatteries';

/** The best that can be lit with what there is. */
export interface BestFromStock {
  readonly target: PlanTarget;
  readonly candidate: BatteryCandidate;
}

/** For each visible colour the brightest light that the stock allows, brightest and bluest first. */
export function bestFromStock(input: Omit<PlannerInput, 'need'>): BestFromStock[] {
  const found: (BestFromStock & { rank: number })[] = [];
  for (const colour of LED_COLOURS) {
    if (!LED_PRESETS[colour].visible) continue;
    for (const brightness of [...WANTED_BRIGHTNESSES].reverse()) {
      const target: PlanTarget = { kind: 'led', colour, brightness };
      const [candidate] = planBatteries({ ...input, need: needOfTarget(target) }).candidates;
      if (candidate === undefined) continue;
      const rank = WANTED_BRIGHTNESSES.indexOf(brightness);
      found.push({ target, candidate, rank });
      break;
    }
  }
  return found
    .sort((a, b) => b.rank - a.rank || a.candidate.cells - b.candidate.cells)
    .map(({ target, candidate }) => ({ target, candidate }));
}
