import { entryOf, type CupboardState } from '../../records/cupboard/cupboardSchema';
import { type BillLine, type PartId, PARTS } from '../../physics/recipes/parts';

/** Prices as the cupboard has them. */
export type Prices = Pick<CupboardState, 'entries'>;

/** What parts cost by the piece, in the currency of the cupboard. */
export interface Cost {
  readonly all: number;
  /** Of that, what does not come back: food, liquids, foil. */
  readonly usedUp: number;
}

/** Parts at their share of a pack, not in whole packs as a shop sells them; `null` where a price is not known. */
export function priceOfBill(lines: readonly BillLine[], prices: Prices): Cost | null {
  let all = 0;
  let usedUp = 0;
  for (const { part, amount } of lines) {
    const price = priceOfUnit(part, prices);
    if (price === null) return null;
    all += amount * price;
    if (!PARTS[part].reusable) usedUp += amount * price;
  }
  return { all, usedUp };
}

/** Price of one unit of a part at its share of a pack; `null` where nobody set one. */
export function priceOfUnit(part: PartId, prices: Prices): number | null {
  const { pack, packPrice } = entryOf(prices, part);
  return packPrice === null ? null : packPrice / pack;
}
