import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { entryOf } from '../../records/cupboard/cupboardSchema';
import type { Kit } from './kitOfPlan';
import { PARTS, type PartId } from '../../records/cupboard/parts';

export interface ShoppingLine {
  readonly part: PartId;
  readonly needed: number;
  readonly inCupboard: number;
  /** Still to buy, in units of the part; 0 where the cupboard has enough. */
  readonly missing: number;
  readonly packs: number;
  readonly pack: number;
  readonly price: number;
}

export interface ShoppingList {
  readonly lines: readonly ShoppingLine[];
  readonly price: number;
  readonly pricePerGroup: number;
  readonly pricePerPupil: number;
}

/** Rounding of amounts that were added up must not buy one pack more. */
const ROUNDING = 1e-9;

/** What has to be bought for a kit, in whole packs, after the cupboard gave what it has. */
export function shoppingList(
  kit: Pick<Kit, 'lines' | 'groups'>,
  cupboard: Pick<CupboardState, 'entries'>,
  pupils: number,
): ShoppingList {
  const lines = kit.lines.map(({ part, total }) => lineOf(part, total, cupboard));
  const price = lines.reduce((sum, line) => sum + line.price, 0);
  return { lines, price, pricePerGroup: price / kit.groups, pricePerPupil: price / pupils };
}

function lineOf(
  part: PartId,
  needed: number,
  cupboard: Pick<CupboardState, 'entries'>,
): ShoppingLine {
  const { stock, pack, packPrice } = entryOf(cupboard, part);
  const missing = Math.max(0, needed - stock);
  const packs = Math.max(0, wholeUnits(missing / pack));
  return { part, needed, inCupboard: stock, missing, packs, pack, price: packs * packPrice };
}

/** What so much of a part costs in whole packs, after the cupboard gave what it has. */
export function priceOf(
  part: PartId,
  needed: number,
  cupboard: Pick<CupboardState, 'entries'>,
): number {
  return lineOf(part, needed, cupboard).price;
}

/** `12 kiwis`, `250 g table salt`, `1 sheet of felt`. */
export function amountWords(part: PartId, amount: number): string {
  const { unit } = PARTS[part];
  const counted = unit === 'piece' || unit === 'sheet' ? '' : ` ${unit}`;
  return `${wholeUnits(amount)}${counted} ${partWords(part, amount)}`;
}

/** A part by its name for so many of it: `kiwi`, `kiwis`. */
export function partWords(part: PartId, amount: number): string {
  const { name, plural } = PARTS[part];
  return wholeUnits(amount) === 1 ? name : plural;
}

/** Whole units that hold an amount. */
export function wholeUnits(amount: number): number {
  return Math.ceil(amount - ROUNDING);
}
