import { distance } from 'fastest-levenshtein';
import { countOf } from '../../words';
import { PART_IDS, type PartId, PARTS } from '../../physics/recipes/parts';
import type { PartCounts } from '../../records/plan/haveSchema';

/** What people say instead of the name on the list. */
const ALSO_CALLED: Readonly<Partial<Record<PartId, readonly string[]>>> = {
  'galvanised-nail': ['nail', 'zinc nail', 'galvanized nail', 'galv nail', 'screw'],
  'copper-strip': ['copper', 'copper wire', 'piece of copper', 'copper pipe'],
  'zinc-strip': ['zinc', 'piece of zinc'],
  'clip-lead': ['lead', 'clip', 'wire', 'cable', 'crocodile clip', 'alligator clip', 'croc clip'],
  'copper-coin': ['coin', 'copper coin', 'bronze coin', 'penny', 'cent'],
  'nickel-coin': ['nickel coin', 'silver coin'],
  'zinc-washer': ['washer', 'zinc washer', 'galvanised washer'],
  'aluminium-foil': ['foil', 'aluminum foil', 'aluminium foil', 'tin foil', 'foil strip'],
  'graphite-rod': ['graphite', 'carbon rod', 'pencil lead'],
  'magnesium-ribbon': ['magnesium'],
  'table-salt': ['salt'],
  vinegar: ['vinegar'],
  'cucumber-piece': ['cucumber'],
  cup: ['glass', 'beaker cup', 'plastic cup'],
  'felt-sheet': ['felt'],
  card: ['cardboard'],
  'led-red': ['led', 'red led', 'light', 'red light'],
  meter: ['multimeter', 'meter', 'voltmeter'],
  'lcd-clock': ['clock', 'lcd clock'],
  'piezo-buzzer': ['buzzer'],
  'pocket-radio': ['radio'],
};

const MANY: Readonly<Record<string, number>> = {
  no: 0,
  a: 1,
  an: 1,
  some: 4,
  'a few': 4,
  'a dozen': 12,
};

/** Commas, *and*, or the next number where somebody types in haste; 3 mm belongs to its nail. */
const BETWEEN_PARTS =
  /[,;\n]|\band\b|\bplus\b|&|\+|(?<=[a-z])\s+(?=\d+\s*[x×]?\s+(?!mm\b|cm\b)[a-z])/i;

/** What a sentence says of parts, and which of its pieces nothing on the list is called. */
export interface SaidParts {
  readonly counts: PartCounts;
  readonly unknown: readonly string[];
}

/** `9 potatoes, 6 nails, 10 copper strips and a red LED`: counts and parts, however they are called and spelt. */
export function partsInSentence(sentence: string): SaidParts {
  const counts: Partial<Record<PartId, number>> = {};
  const unknown: string[] = [];
  for (const piece of sentence.split(BETWEEN_PARTS)) {
    const said = piece
      .trim()
      .replace(/[.!?]$/, '')
      .replace(/^(i have|we have|there are)\s+/i, '');
    if (said === '') continue;
    const [amount, name] = countAndName(said);
    const part = partCalled(name);
    if (part === null) unknown.push(said);
    else counts[part] = (counts[part] ?? 0) + amount;
  }
  return { counts, unknown };
}

/** How many, and of what; the amount is in the unit of the part as it is typed, 1 where none is. */
function countAndName(said: string): readonly [number, string] {
  const digits = /^(\d+(?:[.,]\d+)?)\s*(?:x|×|g|ml|cm)?\s+(.+)$/i.exec(said);
  if (digits !== null) return [Number(digits[1]?.replace(',', '.')), digits[2] ?? ''];
  const spelt = /^(a few|a dozen|[a-z]+)\s+(.+)$/i.exec(said);
  const word = spelt?.[1]?.toLowerCase() ?? '';
  const count = MANY[word] ?? countOf(word);
  return spelt === null || count === null ? [1, said] : [count, spelt[2] ?? ''];
}

/** Words that say nothing about which part it is. */
const EMPTY = new Set([
  'of',
  'the',
  'a',
  'an',
  'some',
  'small',
  'big',
  'large',
  'old',
  'new',
  'mm',
  '3',
]);

/** A name as its words, without plural endings. */
function wordsOf(name: string): string {
  return name
    .toLowerCase()
    .replace(/aluminum/g, 'aluminium')
    .replace(/galvanized/g, 'galvanised')
    .replace(/[^a-z ]/g, ' ')
    .split(/\s+/)
    .filter((word) => word !== '' && !EMPTY.has(word))
    .map(singular)
    .join(' ');
}

function singular(word: string): string {
  if (word.length < 4) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (word.endsWith('oes')) return word.slice(0, -2);
  return word.endsWith('s') && !word.endsWith('ss') ? word.slice(0, -1) : word;
}

const NAMES: readonly (readonly [name: string, part: PartId])[] = PART_IDS.flatMap((part) =>
  [
    PARTS[part].name,
    PARTS[part].name.replace(/,.*/, ''),
    part.replaceAll('-', ' '),
    ...(ALSO_CALLED[part] ?? []),
  ].map((name) => [wordsOf(name), part] as const),
);

/** Letters that may be wrong in so many. */
const LETTERS_PER_SLIP = 5;

/** The part that is called so, or nearly so; `null`: none. */
function partCalled(name: string): PartId | null {
  const wanted = wordsOf(name);
  if (wanted === '') return null;
  const exact = NAMES.find(([one]) => one === wanted);
  if (exact !== undefined) return exact[1];
  const near = NAMES.map(([one, part]) => ({ part, slips: distance(one, wanted) })).reduce(
    (best, one) => (one.slips < best.slips ? one : best),
  );
  if (near.slips <= Math.floor(wanted.length / LETTERS_PER_SLIP)) return near.part;
  // “long galvanised nails”: the last words name it.
  const [, shorter] = /^\S+ (.+)$/.exec(wanted) ?? [];
  return shorter === undefined ? null : partCalled(shorter);
}
