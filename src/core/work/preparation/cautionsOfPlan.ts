import type { PlanEvaluation } from '../judging/evaluatePlan';
import { cautionsOfCell } from '../../physics/recipes/recipe';
import { cellsOf } from '../../physics/desk/desk';
import { cautionIdsOfBattery, cautionsOf, type CautionId } from '../../physics/safety/cautions';
import type { Kit } from './kitOfPlan';
import { PARTS } from '../../physics/recipes/parts';

/** What in a plan a caution comes from. */
export interface CautionOrigin {
  readonly kind: 'recipe' | 'material' | 'step' | 'arrangement';
  readonly name: string;
}

/** A caution and where in this plan it comes from. */
export interface PlacedCaution {
  readonly id: CautionId;
  readonly text: string;
  readonly from: readonly CautionOrigin[];
}

/** “material: sandpaper”. */
export function originWords({ kind, name }: CautionOrigin): string {
  return `${kind}: ${name}`;
}

/** Ids of the cautions of the plan's battery as it is meant, whatever its cells are. */
export function cautionIdsOfPlan({
  soundVolts,
  wiring,
  cell,
}: Pick<PlanEvaluation, 'soundVolts' | 'wiring' | 'cell'>): CautionId[] {
  return cautionIdsOfBattery(soundVolts, wiring.strings * cell.belief.shortAmps);
}

/** Cautions from materials, recipe, arrangement and steps, each with where it applies. */
export function cautionsOfPlan(
  evaluation: PlanEvaluation,
  kit: Pick<Kit, 'lines' | 'mixing'>,
): PlacedCaution[] {
  const found = new Map<CautionId, Map<string, CautionOrigin>>();
  const add = (id: CautionId, origin: CautionOrigin): void => {
    const origins = found.get(id) ?? new Map<string, CautionOrigin>();
    found.set(id, origins.set(originWords(origin), origin));
  };
  for (const { recipe, body } of cellsOf(evaluation.desk)) {
    for (const id of cautionsOfCell(recipe, body)) add(id, { kind: 'recipe', name: recipe.name });
  }
  for (const { part } of kit.lines) {
    for (const id of PARTS[part].cautions) add(id, { kind: 'material', name: PARTS[part].name });
  }
  for (const { title, cautions } of kit.mixing) {
    for (const id of cautions) add(id, { kind: 'step', name: `mixing ${title.toLowerCase()}` });
  }
  for (const id of cautionIdsOfPlan(evaluation)) {
    const name = id === 'short-circuit' ? 'strings side by side' : 'volts in series';
    add(id, { kind: 'arrangement', name });
  }
  return cautionsOf([...found.keys()]).map((caution) => ({
    ...caution,
    from: [...(found.get(caution.id)?.values() ?? [])],
  }));
}
