import { RECIPES } from '../../physics/recipes/recipes';
import type { PartCounts } from '../../records/plan/haveSchema';
import { freshCell } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import type { LitThing } from './whatCanBeLit';

/** The plan for something that can be lit, made from what there is: one battery, for one group. */
export function planOfThing(
  base: Plan,
  { target, option, minutes, candidate }: LitThing,
  have: PartCounts,
): Plan {
  const { cellsInSeries, strings, pairsPerBody } = candidate;
  const { usualSize } = RECIPES[option.recipe];
  return {
    ...base,
    target,
    minutes,
    cell: {
      ...freshCell(option.recipe, option.body),
      piece: option.piece,
      size: pairsPerBody === 1 ? null : { ...usualSize, pairs: pairsPerBody },
    },
    arrangement: { kind: 'own', cellsInSeries, strings },
    seriesResistor: { kind: 'as-needed' },
    have,
    lesson: {
      ...base.lesson,
      groups: 1,
      meters: Math.max(1, have.meter ?? base.lesson.meters),
      joinCode: null,
    },
  };
}
