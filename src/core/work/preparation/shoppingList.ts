import { capital } from '../../words';
import { moneyWords } from '../parts/moneyWords';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { entryOf } from '../../records/cupboard/cupboardSchema';
import type { Kit } from './kitOfPlan';
import type { PartId } from '../../physics/recipes/parts';
import { amountWords, wholeUnits } from '../parts/amountWords';

export interface ShoppingLine {
  readonly part: PartId;
  readonly needed: number;
  readonly inCupboard: number;
  /** Still to buy, in units of the part; 0 where the cupboard has enough. */
  readonly missing: number;
  readonly packs: number;
  readonly pack: number;
  /** Of those packs; `null` where nobody set one. */
  readonly price: number | null;
}

export interface ShoppingList {
  readonly lines: readonly ShoppingLine[];
  /** Of what has a price. */
  readonly price: number;
  /** Parts to buy whose price is not known. */
  readonly unpriced: number;
  readonly pricePerGroup: number;
  readonly pricePerPupil: number;
}

/** What has to be bought for a kit, in whole packs, after the cupboard gave what it has. */
export function shoppingList(
  kit: Pick<Kit, 'lines' | 'groups'>,
  cupboard: Pick<CupboardState, 'entries'>,
  pupils: number,
): ShoppingList {
  const lines = kit.lines.map(({ part, total }) => lineOf(part, total, cupboard));
  const price = lines.reduce((sum, line) => sum + (line.price ?? 0), 0);
  const unpriced = lines.filter((line) => line.price === null).length;
  return {
    lines,
    price,
    unpriced,
    pricePerGroup: price / kit.groups,
    pricePerPupil: price / pupils,
  };
}

function lineOf(
  part: PartId,
  needed: number,
  cupboard: Pick<CupboardState, 'entries'>,
): ShoppingLine {
  const { stock, pack, packPrice } = entryOf(cupboard, part);
  const missing = Math.max(0, needed - stock);
  const packs = Math.max(0, wholeUnits(missing / pack));
  const price = packs === 0 ? 0 : packPrice === null ? null : packs * packPrice;
  return { part, needed, inCupboard: stock, missing, packs, pack, price };
}

/** `Total 12.50 EUR (2 EUR a group, 0.50 EUR a pupil); 3 prices unknown`. */
export function totalWords(list: ShoppingList, currency: string): string {
  const { lines, price, unpriced, pricePerGroup, pricePerPupil } = list;
  const bought = lines.filter(({ packs }) => packs > 0).length;
  if (bought === 0) return 'Nothing has to be bought.';
  const unknown =
    unpriced === 0 ? '' : `${unpriced} of ${bought} ${bought === 1 ? 'price' : 'prices'} unknown`;
  if (unpriced === bought) return `${capital(unknown)}: set them in the cupboard.`;
  const money = (one: number): string => moneyWords(one, currency);
  const known = `Total ${money(price)} (${money(pricePerGroup)} a group, ${money(pricePerPupil)} a pupil)`;
  return `${[known, unknown].filter((words) => words !== '').join('; ')}.`;
}

/** `2 × 6 kiwis`, `1 × 500 g table salt`, `12 trays`. */
export function packWords({ part, packs, pack }: ShoppingLine): string {
  return pack === 1 ? amountWords(part, packs) : `${packs} × ${amountWords(part, pack)}`;
}

/** What so much of a part costs in whole packs, after the cupboard gave what it has. */
export function priceOf(
  part: PartId,
  needed: number,
  cupboard: Pick<CupboardState, 'entries'>,
): number | null {
  return lineOf(part, needed, cupboard).price;
}
