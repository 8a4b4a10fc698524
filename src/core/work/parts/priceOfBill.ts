import type { BillLine } from './bills';
import { entryOf, type CupboardState } from '../../records/cupboard/cupboardSchema';
import { PARTS } from '../../records/cupboard/parts';

/** What parts cost by the piece, in the currency of the cupboard. */
export interface Cost {
  readonly all: number;
  /** Of that, what does not come back: food, liquids, foil. */
  readonly usedUp: number;
}

/** Parts at their share of a pack, not in whole packs as a shop sells them. */
export function priceOfBill(
  lines: readonly BillLine[],
  cupboard: Pick<CupboardState, 'entries'>,
): Cost {
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
