import type { PlanEvaluation } from '../planning/evaluatePlan';
import { cellsOf } from '../../physics/desk/desk';
import { cautionsOf, cautionsOfVolts, type CautionId } from '../../physics/safety/cautions';
import { soundVolts } from './soundVolts';
import type { Kit } from './kitOfPlan';
import { PARTS } from '../../records/cupboard/parts';

/** A caution and where in this plan it comes from. */
export interface PlacedCaution {
  readonly id: CautionId;
  readonly text: string;
  /** `recipe: Fruit, copper and zinc`, `material: sandpaper`, `arrangement`. */
  readonly from: readonly string[];
}

/** Cautions from materials, recipe, arrangement and steps, each with where it applies. */
export function cautionsOfPlan(
  evaluation: PlanEvaluation,
  kit: Pick<Kit, 'lines' | 'mixing'>,
): PlacedCaution[] {
  const found = new Map<CautionId, Set<string>>();
  const add = (id: CautionId, from: string): void => {
    const places = found.get(id) ?? new Set();
    found.set(id, places.add(from));
  };
  for (const { recipe } of cellsOf(evaluation.desk)) {
    for (const id of recipe.cautions) add(id, `recipe: ${recipe.name}`);
  }
  for (const { part } of kit.lines) {
    for (const id of PARTS[part].cautions) add(id, `material: ${PARTS[part].name}`);
  }
  for (const { title, cautions } of kit.mixing) {
    for (const id of cautions) add(id, `step: mixing ${title.toLowerCase()}`);
  }
  for (const { id } of cautionsOfVolts(soundVolts(evaluation)))
    add(id, 'arrangement: volts in series');
  return cautionsOf([...found.keys()]).map((caution) => ({
    ...caution,
    from: [...(found.get(caution.id) ?? [])],
  }));
}
