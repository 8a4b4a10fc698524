import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { LED_COLOURS, LED_PRESETS } from '../../physics/circuit/load/ledPresets';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { PlanTarget } from '../../records/plan/planSchema';
import { limitOfTarget } from './seriesResistor';
import { planBatteries } from './planBatteries';
import type { BatteryCandidate, PlannerQuestion } from './plannerTypes';

/** The best that can be lit with what there is. */
export interface BestFromStock {
  readonly target: PlanTarget;
  readonly candidate: BatteryCandidate;
}

/** For each visible colour the brightest light that the stock allows, brightest first, then with the fewest cells. */
export function bestFromStock(input: Omit<PlannerQuestion, 'need' | 'limit'>): BestFromStock[] {
  const found: (BestFromStock & { rank: number })[] = [];
  for (const colour of LED_COLOURS) {
    if (!LED_PRESETS[colour].visible) continue;
    for (const brightness of [...WANTED_BRIGHTNESSES].reverse()) {
      const target: PlanTarget = { kind: 'led', colour, brightness };
      const need = requirementOf(target, input.running.celsius);
      const [candidate] = planBatteries({
        ...input,
        need,
        limit: limitOfTarget(target),
      }).candidates;
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
