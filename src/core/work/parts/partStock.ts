import { type BillLine, type PartId, PARTS } from '../../physics/recipes/parts';
import type { PartCounts } from '../../records/plan/haveSchema';

/** Bands and tape are always about. */
const ALWAYS_ABOUT: readonly PartId[] = ['rubber-band', 'tape'];
/** What else does the same. */
const AS_GOOD: Readonly<Partial<Record<PartId, PartId>>> = { 'clip-lead': 'bell-wire' };
/** Rounding of shares that were added up. */
const ROUNDING = 1e-9;

/** A part of which there is too little. */
export interface MissingPart {
  readonly part: PartId;
  readonly needed: number;
  readonly there: number;
}

/** How much of a part there is. */
export function countOf(counts: PartCounts, part: PartId): number {
  const other = AS_GOOD[part];
  return (counts[part] ?? 0) + (other === undefined ? 0 : (counts[other] ?? 0));
}

/** Parts of a bill of which there is too little, most lacking first. */
export function missingParts(bill: readonly BillLine[], counts: PartCounts): MissingPart[] {
  return limiting(mergeBillLines(bill))
    .map(({ part, amount }) => ({ part, needed: amount, there: countOf(counts, part) }))
    .filter(({ needed, there }) => needed > there + ROUNDING)
    .sort((a, b) => b.needed - b.there - (a.needed - a.there));
}

/** How often a bill can be made of what is there, after what is needed once; `Infinity` where nothing in it runs out. */
export function timesFrom(
  counts: PartCounts,
  bill: readonly BillLine[],
  once: readonly BillLine[],
): number {
  const first = new Map(mergeBillLines(once).map(({ part, amount }) => [part, amount]));
  if (missingParts(once, counts).length > 0) return 0;
  return limiting(mergeBillLines(bill)).reduce((least, { part, amount }) => {
    const left = countOf(counts, part) - (first.get(part) ?? 0);
    return Math.min(least, Math.floor(left / amount + ROUNDING));
  }, Infinity);
}

/** What each of so many batteries may take. */
export function sharedOut(counts: PartCounts, batteries: number): PartCounts {
  if (batteries === 1) return counts;
  return Object.fromEntries(
    Object.entries(counts).map(([part, count]) => [part, count / batteries]),
  );
}

/** A bill with each part once. */
export function mergeBillLines(bill: readonly BillLine[]): BillLine[] {
  const amounts = new Map<PartId, number>();
  for (const { part, amount } of bill) amounts.set(part, (amounts.get(part) ?? 0) + amount);
  return [...amounts].map(([part, amount]) => ({ part, amount }));
}

function limiting(bill: readonly BillLine[]): BillLine[] {
  return bill.filter(({ part }) => !ALWAYS_ABOUT.includes(part));
}

/** Parts that a battery is made of, and the meter; other tools, goggles and what is always about are not counted. */
export function isBatteryPart(part: PartId): boolean {
  const { kind } = PARTS[part];
  if (part === 'meter') return true;
  return kind !== 'tool' && kind !== 'safety' && !ALWAYS_ABOUT.includes(part);
}
