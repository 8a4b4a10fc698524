import { familyOf } from '../../physics/chemistry/families';
import { PIECE_FACTS } from '../../physics/chemistry/pieces';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import { gridDesk } from '../../physics/desk/desk';
import { solveDesk } from '../../physics/desk/solveDesk';
import { billOfCells, times, type CellMade } from '../parts/billOfBattery';
import { billOfCell, type BillLine } from '../parts/bills';
import { joined } from '../parts/partStock';
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
  { basis, cell, need, wiring }: Pick<PlanEvaluation, 'basis' | 'cell' | 'need' | 'wiring'>,
  prices: Prices,
): { string: Addition; metal: Addition } | null {
  const { recipe, body, piece } = cell;
  const { supplies, morePairs } = familyOf(recipe.family);
  if (!morePairs) return null;
  const { cellsInSeries, strings } = wiring;
  const cells = cellsInSeries * strings;
  const amps = (desk: ReturnType<typeof gridDesk>): number => solveDesk(desk, need.load).amps;
  const made: CellMade = {
    recipe,
    bodyId: body.id,
    piece,
    size: basis.cell.size ?? recipe.usualSize,
    overhangMillimetres: basis.cell.overhangMillimetres,
  };
  const { pairs } = made.size;
  const doubled = { ...cell, model: sideBySide(cell.model, 2) };
  // A part may stand in several lines of a bill: each is added up before the two are compared.
  const billWith = (times: number): BillLine[] => {
    const electrodes = { pairs: pairs * times, extraPlus: 0, extraMinus: 0 };
    return joined(billOfCell(recipe, body.id, electrodes, piece));
  };
  const before = billWith(1);
  const metal = billWith(2)
    .map(({ part, amount }) => ({
      part,
      amount: amount - (before.find((line) => line.part === part)?.amount ?? 0),
    }))
    .filter(({ amount }) => amount > 0);
  return {
    string: {
      kind: 'string',
      amps: amps(gridDesk(cell, cellsInSeries, strings + 1)),
      bodies: cellsInSeries,
      pairs: cellsInSeries * pairs,
      price: priceOfBill(billOfCells(made, cellsInSeries), prices)?.all ?? null,
      foodGrams: cellsInSeries * supplies.foodGrams * PIECE_FACTS[piece].share,
    },
    metal: {
      kind: 'metal',
      amps: amps(gridDesk(doubled, cellsInSeries, strings)),
      bodies: 0,
      pairs: cells * pairs,
      price: priceOfBill(times(metal, cells), prices)?.all ?? null,
      foodGrams: 0,
    },
  };
}
