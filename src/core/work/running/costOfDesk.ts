import { cellsOf, type Desk } from '../../physics/desk/desk';
import { billOfCell, billOfString } from '../preparation/bills';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { priceOfBill, type Cost } from '../preparation/priceOfBill';

/** What the parts of all cells and leads cost; separators and liquids, cut and mixed for a whole class, are left out. */
export function costOfDesk(desk: Desk, cupboard: Pick<CupboardState, 'entries'>): Cost {
  const lines = [
    ...cellsOf(desk).flatMap(({ recipe, body }) => billOfCell(recipe, body.id)),
    ...desk.strings.flatMap((items) => {
      const first = cellsOf({ strings: [items] })[0];
      return first === undefined ? [] : billOfString(first.recipe, items.length);
    }),
  ];
  return priceOfBill(lines, cupboard);
}
