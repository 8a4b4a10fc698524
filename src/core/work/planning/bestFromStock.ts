import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { LED_COLOURS, LED_PRESETS, type LedColour } from '../../physics/circuit/load/ledPresets';
import { requirementOf, type LoadRequirement } from '../../records/plan/loadRequirement';
import type { PlanTarget } from '../../records/plan/planSchema';
import { limitOfTarget } from './seriesResistor';
import { planBatteries } from './planBatteries';
import type { BatteryCandidate, PlannerQuestion } from './plannerTypes';

/** LEDs that there are: colours, and how many shine at once, side by side. */
export interface LedStock {
  readonly colours: readonly LedColour[];
  readonly sideBySide: number;
}

const EVERY_LED: LedStock = { colours: LED_COLOURS, sideBySide: 1 };

/** The best that can be lit with what there is. */
export interface BestFromStock {
  readonly target: PlanTarget;
  readonly candidate: BatteryCandidate;
}

/** For each visible colour the brightest light that the stock allows, brightest and bluest first. */
export function bestFromStock(
  input: Omit<PlannerQuestion, 'need' | 'limit'>,
  { colours, sideBySide }: LedStock = EVERY_LED,
): BestFromStock[] {
  const found: (BestFromStock & { rank: number })[] = [];
  for (const colour of colours) {
    if (!LED_PRESETS[colour].visible) continue;
    for (const brightness of [...WANTED_BRIGHTNESSES].reverse()) {
      const target: PlanTarget = { kind: 'led', colour, brightness };
      const need = needOfSeveral(requirementOf(target, input.running.celsius), sideBySide);
      // LEDs side by side have no resistor in common.
      const limit = sideBySide === 1 ? limitOfTarget(target) : null;
      const [candidate] = planBatteries({ ...input, need, limit }).candidates;
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

/** Equal LEDs side by side share the current. */
function needOfSeveral(need: LoadRequirement, count: number): LoadRequirement {
  if (need.load.kind !== 'led' || count === 1) return need;
  const { led } = need.load;
  const load = { kind: 'led-group', led, inSeries: 1, inParallel: count } as const;
  return { ...need, amps: need.amps * count, load };
}
