import { capital } from '../../words';
import { moneyWords } from '../parts/moneyWords';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { entryOf } from '../../records/cupboard/cupboardSchema';
import type { Kit } from './kitOfPlan';
import { type PartId, PARTS } from '../../physics/recipes/parts';
import { valuedWords, wholeUnits, type Valued } from '../parts/amountWords';

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
  /** Of that: what a school has, and what comes back into the cupboard. */
  readonly atSchool: number;
  readonly comesBack: number;
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
  const sumOf = (wanted: (part: PartId) => boolean): number =>
    lines.reduce((sum, line) => sum + (wanted(line.part) ? (line.price ?? 0) : 0), 0);
  const price = sumOf(() => true);
  const isAtSchool = (part: PartId): boolean => PARTS[part].aisle === 'at school';
  const toBuy = price - sumOf(isAtSchool);
  const unpriced = lines.filter((line) => line.price === null).length;
  return {
    lines,
    price,
    atSchool: sumOf(isAtSchool),
    comesBack: sumOf((part) => !isAtSchool(part) && PARTS[part].reusable),
    unpriced,
    pricePerGroup: toBuy / kit.groups,
    pricePerPupil: toBuy / pupils,
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

/** `To buy: 12.50 EUR (2 EUR a group, 0.50 EUR a pupil) · of that 8 EUR comes back · should be at school: 30 EUR · 3 of 9 prices unknown` */
export function totalWords(list: ShoppingList, currency: string): string {
  const { lines, price, atSchool, comesBack, unpriced, pricePerGroup, pricePerPupil } = list;
  const bought = lines.filter(({ packs }) => packs > 0).length;
  if (bought === 0) return 'Nothing has to be bought.';
  const unknown = `${unpriced} of ${bought} ${bought === 1 ? 'price' : 'prices'} unknown`;
  if (unpriced === bought) return `${capital(unknown)}.`;
  const money = (one: number): string => moneyWords(one, currency);
  return [
    `To buy: ${money(price - atSchool)} (${money(pricePerGroup)} a group, ${money(pricePerPupil)} a pupil)`,
    ...(comesBack > 0 ? [`of that ${money(comesBack)} comes back`] : []),
    ...(atSchool > 0 ? [`should be at school: ${money(atSchool)}`] : []),
    ...(unpriced > 0 ? [unknown] : []),
  ].join(' · ');
}

/** `2 × 6 kiwis`, `1 × 500 g table salt`, `12 trays`. */
export function packWords({ part, packs, pack }: ShoppingLine, battery: Valued): string {
  return pack === 1
    ? valuedWords(part, packs, battery)
    : `${packs} × ${valuedWords(part, pack, battery)}`;
}

/** What so much of a part costs in whole packs, after the cupboard gave what it has. */
export function priceOf(
  part: PartId,
  needed: number,
  cupboard: Pick<CupboardState, 'entries'>,
): number | null {
  return lineOf(part, needed, cupboard).price;
}
