import { cellOfSize, type PlannedCell } from '../../physics/readings/plannedCell';
import { mergeBillLines } from '../parts/partStock';
import {
  billOfCell,
  billOfCells,
  foodGramsOf,
  multiplyBill,
} from '../../physics/recipes/cellBuild';
import { gridDesk } from '../../physics/desk/desk';
import { loadOnDesk } from '../../physics/desk/solveDesk';
import { priceOfBill, type Prices } from '../parts/priceOfBill';
import type { PlanEvaluation } from './evaluatePlan';

/** One way to more current, against the battery as it is. */
export interface Addition {
  readonly kind: 'string' | 'metal';
  readonly amps: number;
  /** What it takes beside what is there. */
  readonly bodies: number;
  readonly pairs: number;
  /** `null` where a price is not known. */
  readonly price: number | null;
  readonly foodGrams: number;
}

/** One more string against twice the metal in every body; `null` where no more metal goes into a body. */
export function compareAdditions(
  { cell, need, wiring }: Pick<PlanEvaluation, 'cell' | 'need' | 'wiring'>,
  prices: Prices,
): { string: Addition; metal: Addition } | null {
  if (!cell.recipe.morePairs) return null;
  const { cellsInSeries, strings } = wiring;
  const cells = cellsInSeries * strings;
  const { pairs, extraPlus, extraMinus } = cell.size;
  const doubled = cellOfSize(cell, {
    ...cell.size,
    pairs: 2 * pairs,
    extraPlus: 2 * extraPlus,
    extraMinus: 2 * extraMinus,
  });
  const ampsOf = (one: PlannedCell, count: number): number =>
    loadOnDesk(gridDesk(one, cellsInSeries, count), need.load).amps;
  // A part may stand in several lines of a bill: each is added up before the two are compared.
  const before = mergeBillLines(billOfCell(cell));
  const metal = mergeBillLines(billOfCell(doubled))
    .map(({ part, amount }) => ({
      part,
      amount: amount - (before.find((line) => line.part === part)?.amount ?? 0),
    }))
    .filter(({ amount }) => amount > 0);
  return {
    string: {
      kind: 'string',
      amps: ampsOf(cell, strings + 1),
      bodies: cellsInSeries,
      pairs: cellsInSeries * pairs,
      price: priceOfBill(billOfCells(cell, cellsInSeries), prices)?.all ?? null,
      foodGrams: cellsInSeries * foodGramsOf(cell),
    },
    metal: {
      kind: 'metal',
      amps: ampsOf(doubled, strings),
      bodies: 0,
      pairs: cells * pairs,
      price: priceOfBill(multiplyBill(metal, cells), prices)?.all ?? null,
      foodGrams: 0,
    },
  };
}
