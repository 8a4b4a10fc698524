import type { ElectrodeSize } from '../../physics/chemistry/electrodeSize';
import { PIECE_FACTS, type Piece } from '../../physics/chemistry/pieces';
import type { Recipe, RecipeId } from '../../physics/chemistry/recipe';
import type { PartId } from '../../records/cupboard/parts';

/** So much of a part, in its units; a half fruit is half of one. */
export interface BillLine {
  readonly part: PartId;
  readonly amount: number;
}

/** What a separator is cut from, and how the disc is called. */
export interface SeparatorSource {
  readonly sheet: PartId;
  readonly what: string;
}

interface FamilyBill {
  /** For one cell with one pair of metals, besides its body and separator. */
  readonly cell: readonly BillLine[];
  /** Metals of one further pair in the same body: + and −. */
  readonly plus: readonly BillLine[];
  readonly minus: readonly BillLine[];
  /** Once for each string. */
  readonly string: readonly BillLine[];
  /** The cells touch: a string needs leads at its two ends only. */
  readonly touching: boolean;
}

const STACK: Pick<FamilyBill, 'plus' | 'minus' | 'string' | 'touching'> = {
  plus: [],
  minus: [],
  string: [{ part: 'rubber-band', amount: 1 }],
  touching: true,
};
const LOOSE: Pick<FamilyBill, 'string' | 'touching'> = { string: [], touching: false };
const each = (...parts: readonly PartId[]): BillLine[] =>
  parts.map((part) => ({ part, amount: 1 }));

/** A loose cell of its metals and what else stands once for each. */
function loose(
  plus: readonly BillLine[],
  minus: readonly BillLine[],
  once: readonly BillLine[] = [],
): FamilyBill {
  return { ...LOOSE, cell: [...once, ...plus, ...minus], plus, minus };
}

const CHARCOAL_TAB: BillLine[] = [...each('copper-tab'), { part: 'charcoal', amount: 5 }];
const ribbon = (centimetres: number): BillLine[] => [
  { part: 'magnesium-ribbon', amount: centimetres },
];

/** Parts of each family (parts and amounts: common practice, no source). */
const FAMILY_BILLS: Readonly<Record<RecipeId, FamilyBill>> = {
  'copper-zinc-fruit': loose(each('copper-strip'), each('galvanised-nail')),
  'root-vegetable': loose(each('copper-strip'), each('galvanised-nail')),
  'juice-cup': loose(each('copper-strip'), each('zinc-strip'), each('cup')),
  'coin-pile-brine': { ...STACK, cell: each('copper-coin', 'zinc-washer') },
  // n cells: n sanded coins and one whole coin on top.
  'one-coin-pile': {
    ...STACK,
    cell: each('coin-to-sand'),
    string: [...STACK.string, { part: 'whole-coin', amount: 1 }],
  },
  'nickel-zinc-pile': { ...STACK, cell: each('nickel-coin', 'zinc-washer') },
  'aluminium-air-brine': loose(each('graphite-rod'), each('aluminium-foil')),
  'aluminium-air-acid': loose(CHARCOAL_TAB, each('aluminium-foil'), each('roof-card')),
  'magnesium-graphite': loose(each('graphite-rod'), ribbon(10), each('cup')),
  'magnesium-air-rod': loose(each('graphite-rod'), ribbon(30)),
  'zinc-carbon-felt': loose(each('carbon-felt', 'graphite-foil'), each('zinc-foil')),
  'two-solution': loose(each('copper-strip'), each('zinc-strip'), [{ part: 'beaker', amount: 2 }]),
  concentration: loose(each('copper-strip'), each('copper-strip'), [{ part: 'beaker', amount: 2 }]),
  'dilute-sulfuric-acid': loose(each('copper-plate'), each('zinc-plate')),
};

/** What stands for the body itself, where it is bought. */
const BODY_PARTS: Readonly<Partial<Record<string, PartId>>> = {
  kiwi: 'kiwi',
  lemon: 'lemon',
  apple: 'apple',
  gooseberry: 'gooseberry',
  'green-tomato': 'green-tomato',
  cucumber: 'cucumber-piece',
  potato: 'potato',
  'boiled-potato': 'potato',
  'sweet-potato': 'sweet-potato',
  swede: 'swede',
  carrot: 'carrot',
  beetroot: 'beetroot',
  sponge: 'sponge',
  'salt-foam': 'floral-foam',
  'vinegar-felt': 'floral-foam',
  wick: 'wick',
  'salt-bridge': 'salt-bridge',
};

/** Bodies that were added to an own recipe; what they are made of only their name says. */
const OWN_BODY = /^own-\d+$/;

/** What separators of a body are cut from. */
const SEPARATOR_SHEETS: Readonly<Partial<Record<string, SeparatorSource>>> = {
  felt: { sheet: 'felt-sheet', what: 'felt' },
  'felt-vinegar': { sheet: 'felt-sheet', what: 'felt' },
  'felt-salt-vinegar': { sheet: 'felt-sheet', what: 'felt' },
  'filter-paper': { sheet: 'filter-paper', what: 'filter paper' },
  'kitchen-towel': { sheet: 'kitchen-towel', what: 'kitchen towel' },
  'card-salt-vinegar': { sheet: 'card', what: 'card' },
  'card-lemon': { sheet: 'card', what: 'card' },
  'paper-vinegar': { sheet: 'construction-paper', what: 'construction paper' },
  'paper-salt-vinegar': { sheet: 'construction-paper', what: 'construction paper' },
  towel: { sheet: 'kitchen-towel', what: 'kitchen towel' },
  'vinegar-towel': { sheet: 'kitchen-towel', what: 'kitchen towel' },
  'tap-water': { sheet: 'kitchen-towel', what: 'kitchen towel' },
  'salt-water': { sheet: 'kitchen-towel', what: 'kitchen towel' },
};

/** Electrodes in one body. */
export type ElectrodesInBody = Pick<ElectrodeSize, 'pairs' | 'extraPlus' | 'extraMinus'>;

export const ONE_PAIR: ElectrodesInBody = { pairs: 1, extraPlus: 0, extraMinus: 0 };

/** Parts of one cell: its share of the body, and metals, as many as stick in it. Separators and liquids are not in it. */
export function billOfCell(
  recipe: Pick<Recipe, 'id'>,
  bodyId: string,
  { pairs, extraPlus, extraMinus }: ElectrodesInBody = ONE_PAIR,
  piece: Piece = 'whole',
): BillLine[] {
  const { cell, plus, minus } = FAMILY_BILLS[recipe.id];
  const bodyPart = partOfBody(bodyId);
  const times = (lines: readonly BillLine[], more: number): BillLine[] =>
    more === 0 ? [] : lines.map((line) => ({ ...line, amount: line.amount * more }));
  return [
    ...(bodyPart === null ? [] : [{ part: bodyPart, amount: PIECE_FACTS[piece].share }]),
    ...cell,
    ...times(plus, pairs - 1 + extraPlus),
    ...times(minus, pairs - 1 + extraMinus),
  ];
}

/** Parts of one string of so many cells besides the cells: leads (n + 1, or the two ends of a pile), band, last coin. */
export function billOfString(recipe: Pick<Recipe, 'id'>, cells: number): BillLine[] {
  const { string, touching } = FAMILY_BILLS[recipe.id];
  return [...string, { part: 'clip-lead', amount: touching ? 2 : cells + 1 }];
}

/** The part that a body is bought as; `null` where it is a liquid or a separator. */
export function partOfBody(bodyId: string): PartId | null {
  return BODY_PARTS[bodyId] ?? (OWN_BODY.test(bodyId) ? 'own-body' : null);
}

/** What a separator of this body is cut from; `null` where the body is no separator. */
export function separatorSource(bodyId: string): SeparatorSource | null {
  return SEPARATOR_SHEETS[bodyId] ?? null;
}
