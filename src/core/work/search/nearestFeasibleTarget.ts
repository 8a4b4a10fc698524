import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { LED_COLOURS, LED_PRESETS } from '../../physics/circuit/load/ledPresets';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { PlanTarget } from '../../records/plan/planSchema';
import { planGrids } from './planGrids';
import type { GridCandidate, GridRequirement } from './searchGrids';
import { limitOfTarget } from './loadLimits';

/** A wish close to one that is out of reach. */
export interface FeasibleTarget {
  readonly target: PlanTarget;
  /** `a dim white LED` */
  readonly wording: string;
  readonly grid: GridCandidate;
}

/**
 * The nearest thing that the same cell can do: first the same LED less bright, then another colour as bright as
 * wanted, then any LED at all. `null` where not even a glimmer is possible.
 */
export function nearestFeasibleTarget(
  asked: GridRequirement,
  target: PlanTarget,
): FeasibleTarget | null {
  for (const candidate of wishesNear(target)) {
    const need = requirementOf(candidate, asked.running.celsius);
    const limit = limitOfTarget(candidate);
    const plan = planGrids({ ...asked, need, limit, mostStrings: undefined });
    if (plan.status === 'possible') {
      return { target: candidate, wording: wordingOf(candidate), grid: plan.suggested };
    }
  }
  return null;
}

function* wishesNear(target: PlanTarget): Generator<Extract<PlanTarget, { kind: 'led' }>> {
  const wanted = target.kind === 'led' ? target.brightness : 'dim';
  const notBrighter = WANTED_BRIGHTNESSES.slice(
    0,
    WANTED_BRIGHTNESSES.indexOf(wanted) + 1,
  ).reverse();
  if (target.kind === 'led') {
    for (const brightness of notBrighter.slice(1)) yield { ...target, brightness };
  }
  const visible = LED_COLOURS.filter((colour) => LED_PRESETS[colour].visible);
  for (const brightness of notBrighter) {
    for (const colour of visible) yield { kind: 'led', colour, brightness };
  }
}

function wordingOf({ colour, brightness }: Extract<PlanTarget, { kind: 'led' }>): string {
  const name = LED_PRESETS[colour].name;
  return brightness === 'glimmer' ? `a glimmer from a ${name}` : `a ${name}, ${brightness}`;
}
