import type { PlanEvaluation } from '../judging/evaluatePlan';
import type { ShoppingList } from './shoppingList';

/** What three cells are bought of, before the class's: `three kiwis`; `null` where one was read already, or nothing is bought. */
export function trialWords({
  evaluation,
  shopping,
}: {
  readonly evaluation: Pick<PlanEvaluation, 'cell'>;
  readonly shopping: ShoppingList;
}): string | null {
  const { cell } = evaluation;
  const bought = new Set(shopping.lines.flatMap(({ part, packs }) => (packs > 0 ? [part] : [])));
  if (cell.belief.cellsRead > 0 || bought.size === 0) return null;
  const { part, plural } = cell.body;
  return part !== null && bought.has(part) ? `three ${plural}` : 'what three cells take';
}
