import { cellsOf, type Desk } from '../desk/desk';
import { billOfCell, billOfString } from '../preparation/bills';
import { entryOf, type CupboardState } from '../preparation/cupboardSchema';
import { PARTS } from '../preparation/parts';

/** What a battery's parts cost by the piece, in the currency of the cupboard. */
export interface Money {
  readonly all: number;
  /** Of that, what does not come back: food, liquids, foil. */
  readonly usedUp: number;
}

/** Parts of all cells and leads; separators and liquids, which are cut and mixed for a whole class, are left out. */
export function moneyOfDesk(desk: Desk, cupboard: Pick<CupboardState, 'entries'>): Money {
  const lines = [
    ...cellsOf(desk).flatMap(({ recipe, body }) => billOfCell(recipe, body.id, 1)),
    ...desk.strings.flatMap((items) => {
      const first = cellsOf({ strings: [items] })[0];
      return first === undefined ? [] : billOfString(first.recipe, items.length);
    }),
  ];
  let all = 0;
  let usedUp = 0;
  for (const { part, amount } of lines) {
    const { pack, packPrice } = entryOf(cupboard, part);
    const price = (amount / pack) * packPrice;
    all += price;
    if (!PARTS[part].reusable) usedUp += price;
  }
  return { all, usedUp };
}
