import type { CellLiquid, LiquidId } from './liquids';
import { PARTS, type PartId } from './parts';
import { PIECE_FACTS, PIECES, type Piece } from './pieces';
import { JUICE_OHM_METRES, MIXED_BRINE_OHM_METRES, VINEGAR_OHM_METRES } from './resistivities';

/** What the metals of a cell stand in: a fruit, a cup of a liquid, a wet separator. Whatever a body decides stands here. */
export interface CellBody {
  readonly id: string;
  readonly name: string;
  readonly plural: string;
  /** Typical open-circuit volts with this body; `null`: as the recipe has them. */
  readonly openVolts: number | null;
  /** Resistivity against the recipe's. */
  readonly resistivityShare: number;
  /** Resistance of the electrode reactions against the recipe's. */
  readonly reactionShare: number;
  /** The part that it is bought as; `null` where it is a liquid or a separator. */
  readonly part: PartId | null;
  /** What its separators are cut from; `null` where it is no separator. */
  readonly sheet: PartId | null;
  /** What it is wet with: its making ready, its cautions and its drying come with it; `null`: its own juice. */
  readonly liquid: LiquidId | null;
  /** What is poured into one cell. */
  readonly pours: readonly CellLiquid[];
  /** Food in one of them, which is waste afterwards, grams. */
  readonly foodGrams: number;
  /** How it may be cut. */
  readonly pieces: readonly Piece[];
  /** What is done with it before it is built from; `null`: nothing. */
  readonly prepare: string | null;
  /** Takes an hour of cooking before the lesson. */
  readonly cooked: boolean;
  /** Salt is dried into it the day before. */
  readonly dried: boolean;
  /** Colours of a fruit, or of the liquid in a cup; `null` where it is drawn like all of its recipe. */
  readonly drawing: FruitColours | string | null;
}

/** How a plant is drawn. */
export type FruitForm =
  | 'kiwi'
  | 'citrus'
  | 'apple'
  | 'berry'
  | 'tomato'
  | 'cucumber'
  | 'potato'
  | 'spindle'
  | 'round-root'
  | 'carrot'
  | 'rings';

export interface FruitColours {
  readonly form: FruitForm;
  readonly skin: string;
  readonly flesh: string;
  readonly heart: string;
}

type Named = Pick<CellBody, 'name' | 'plural'>;
type Known = Partial<Omit<CellBody, 'id' | keyof Named>>;
type Written = Omit<CellBody, 'id'>;

const PLAIN: Omit<Written, keyof Named> = {
  openVolts: null,
  resistivityShare: 1,
  reactionShare: 1,
  part: null,
  sheet: null,
  liquid: null,
  pours: [],
  foodGrams: 0,
  pieces: ['whole'],
  prepare: null,
  cooked: false,
  dried: false,
  drawing: null,
};

/** A fruit is cut into halves, quarters and slices; a root into sticks too. Berries and pieces stay what they are. */
const FRUIT_PIECES: readonly Piece[] = ['whole', 'half', 'quarter', 'slice'];
const LONG: readonly Piece[] = ['whole', 'half', 'slice', 'stick'];
const SMALL: readonly Piece[] = ['whole'];

/**
 * Something that grows, called as the part is.
 * @param foodGrams of one of ordinary size (from memory).
 */
const food = (
  part: PartId,
  foodGrams: number,
  pieces: readonly Piece[],
  [form, skin, flesh, heart]: readonly [
    form: FruitForm,
    skin: string,
    flesh: string,
    heart: string,
  ],
  known: Known & Partial<Named> = {},
): Written => {
  const { name, plural } = PARTS[part];
  const drawing = { form, skin, flesh, heart };
  return { ...PLAIN, name, plural, part, foodGrams, pieces, drawing, ...known };
};

/** A wet separator holds about 2 mL before it is blotted, a cup two thirds full 120 (common practice, no source). */
const SEPARATOR_MILLILITRES = 2;
const CUP_MILLILITRES = 120;
/** Strength of nearly saturated brine against the usual one. */
const SATURATED = 1.9;

const mixed = (
  electrolyte: Extract<CellLiquid, { kind: 'mixed' }>['electrolyte'],
  millilitres: number,
  strength = 1,
): CellLiquid[] => [{ kind: 'mixed', electrolyte, strength, millilitres }];
const plain = (part: PartId, millilitres: number): CellLiquid[] => [
  { kind: 'plain', part, millilitres },
];

const cup = (of: string, known: Known): Written => ({
  ...PLAIN,
  name: `cup of ${of}`,
  plural: `cups of ${of}`,
  ...known,
});
const juiceCup = (of: string, part: PartId, drawing: string): Written =>
  cup(of, {
    liquid: 'juice',
    pours: plain(part, CUP_MILLILITRES),
    foodGrams: CUP_MILLILITRES,
    drawing,
  });
/** @param sheet what it is cut from, called as its part is. */
const separator = (cell: string, of: string, sheet: PartId, known: Known): Written => ({
  ...PLAIN,
  name: `${cell} ${of}`,
  plural: `${cell}s ${of}`,
  sheet,
  ...known,
});
const BRINE: Known = { liquid: 'brine', pours: mixed('brine', SEPARATOR_MILLILITRES) };
const VINEGAR: Known = { liquid: 'vinegar', pours: plain('vinegar', SEPARATOR_MILLILITRES) };
const SALT_VINEGAR: Known = {
  liquid: 'salt-vinegar',
  pours: mixed('vinegar-and-salt', SEPARATOR_MILLILITRES),
};
const one = (name: string, plural: string, known: Known): Written => ({
  ...PLAIN,
  name,
  plural,
  ...known,
});

/** Salt in vinegar carries the current as it does in water. */
const BRINE_AGAINST_VINEGAR = MIXED_BRINE_OHM_METRES / VINEGAR_OHM_METRES;
const BRINE_AGAINST_JUICE = MIXED_BRINE_OHM_METRES / JUICE_OHM_METRES;

/**
 * Every body of the shipped recipes. Volts of single plants with the same electrodes, and of liquids: common practice, no
 * source. Colours are those of nature; drawings, not roles, so they stay the same in every theme.
 */
const WRITTEN = {
  kiwi: food('kiwi', 80, FRUIT_PIECES, ['kiwi', '#8A6A3B', '#A6C15A', '#EEF0D2']),
  lemon: food('lemon', 100, FRUIT_PIECES, ['citrus', '#D9A404', '#F6DE63', '#FBF1B8'], {
    openVolts: 0.94,
  }),
  apple: food('apple', 180, FRUIT_PIECES, ['apple', '#B5382F', '#F3E7C0', '#E6D49A']),
  gooseberry: food('gooseberry', 7, SMALL, ['berry', '#7C9440', '#C4D68A', '#E1EBBE']),
  'green-tomato': food('green-tomato', 100, FRUIT_PIECES, [
    'tomato',
    '#5E8A3C',
    '#A9CB7B',
    '#D4E5B4',
  ]),
  cucumber: food('cucumber-piece', 50, SMALL, ['cucumber', '#3F6B35', '#CFE3B0', '#E7F1D3'], {
    name: 'cucumber piece',
    plural: 'cucumber pieces',
  }),
  potato: food('potato', 150, PIECES, ['potato', '#A57C45', '#EBD9A2', '#F3E7C0'], {
    openVolts: 0.85,
  }),
  // Boiling breaks the tissue, and the juice wets all of the metal: a resistance about a tenth was published
  // (A. Golberg, H. D. Rabinowitch, B. Rubinsky, J. Renewable Sustainable Energy 2 (2010) 033103, from memory); with
  // nails in class about a quarter is safe to count on (from memory).
  'boiled-potato': food('potato', 150, FRUIT_PIECES, ['potato', '#B99458', '#F3E6BD', '#FAF2D6'], {
    name: 'boiled potato',
    plural: 'boiled potatoes',
    openVolts: 0.85,
    resistivityShare: 0.25,
    reactionShare: 0.25,
    cooked: true,
  }),
  'sweet-potato': food('sweet-potato', 250, PIECES, ['spindle', '#A4543A', '#EDA35B', '#F4C08A'], {
    openVolts: 0.9,
  }),
  swede: food('swede', 600, PIECES, ['round-root', '#7B5A6E', '#F0D9A0', '#F6E8C4'], {
    openVolts: 0.88,
  }),
  carrot: food('carrot', 80, LONG, ['carrot', '#C9601E', '#F08A3C', '#F7B36F'], {
    openVolts: 0.86,
  }),
  beetroot: food('beetroot', 150, PIECES, ['rings', '#5E1733', '#93264F', '#B24A72']),
  'rhubarb-juice': juiceCup('rhubarb juice', 'rhubarb-juice', '#E3A2A0'),
  'lemon-juice': juiceCup('lemon juice', 'lemon-juice', '#F3E38C'),
  vinegar: cup('vinegar', {
    resistivityShare: VINEGAR_OHM_METRES / JUICE_OHM_METRES,
    liquid: 'vinegar',
    pours: plain('vinegar', CUP_MILLILITRES),
    drawing: '#E4D3A6',
  }),
  // Salt carries the current, the acid keeps the zinc clean (common practice; the shares are from memory).
  brine: cup('brine', {
    openVolts: 0.78,
    resistivityShare: BRINE_AGAINST_JUICE,
    liquid: 'brine',
    pours: mixed('brine', CUP_MILLILITRES),
    drawing: '#CFE0E6',
  }),
  'salt-vinegar': cup('salt and vinegar', {
    resistivityShare: BRINE_AGAINST_JUICE,
    reactionShare: 0.77,
    liquid: 'salt-vinegar',
    pours: mixed('vinegar-and-salt', CUP_MILLILITRES),
    drawing: '#E4D3A6',
  }),
  felt: separator('coin cell', 'with felt', 'felt-sheet', BRINE),
  'filter-paper': separator('coin cell', 'with filter paper', 'filter-paper', BRINE),
  'kitchen-towel': separator('coin cell', 'with kitchen towel', 'kitchen-towel', BRINE),
  // Vinegar alone conducts a hundred times worse but cleans the zinc (volts of a vinegar cup: common practice, no
  // source); the acid's hydrogen ions help the cathode (shares of its resistance: from memory).
  'felt-vinegar': separator('coin cell', 'with felt in vinegar', 'felt-sheet', {
    ...VINEGAR,
    openVolts: 0.9,
    resistivityShare: 1 / BRINE_AGAINST_VINEGAR,
    reactionShare: 0.83,
  }),
  'felt-salt-vinegar': separator('coin cell', 'with felt in salt and vinegar', 'felt-sheet', {
    ...SALT_VINEGAR,
    openVolts: 0.9,
    reactionShare: 0.67,
  }),
  'card-salt-vinegar': separator('sanded coin', 'with salted card', 'card', SALT_VINEGAR),
  'card-lemon': separator('sanded coin', 'with card in lemon juice', 'card', {
    liquid: 'juice',
    pours: plain('lemon-juice', SEPARATOR_MILLILITRES),
  }),
  'paper-vinegar': separator('coin cell', 'with paper in vinegar', 'construction-paper', VINEGAR),
  'paper-salt-vinegar': separator(
    'coin cell',
    'with paper in salt and vinegar',
    'construction-paper',
    { ...SALT_VINEGAR, resistivityShare: BRINE_AGAINST_VINEGAR, reactionShare: 0.8 },
  ),
  sponge: one('brine sponge', 'brine sponges', {
    part: 'sponge',
    liquid: 'saturated-brine',
    pours: mixed('brine', 30, SATURATED),
  }),
  towel: one('brine towel', 'brine towels', {
    sheet: 'kitchen-towel',
    liquid: 'saturated-brine',
    pours: mixed('brine', 15, SATURATED),
  }),
  'vinegar-towel': one('towel in vinegar, citric acid and potassium chloride', 'towel cells', {
    sheet: 'kitchen-towel',
    liquid: 'acid-mix',
    pours: mixed('citric-and-potassium', 15),
  }),
  'epsom-salt': cup('Epsom salt water', {
    liquid: 'epsom-salt',
    pours: mixed('epsom-salt', 100),
    drawing: '#D5E4EA',
  }),
  'tap-water': one('rod with tap water', 'rods with tap water', {
    sheet: 'kitchen-towel',
    liquid: 'tap-water',
  }),
  // In salt water it gives up to ten times the current (common practice, no source).
  'salt-water': one('rod with salt water', 'rods with salt water', {
    resistivityShare: 0.02,
    reactionShare: 0.12,
    sheet: 'kitchen-towel',
    liquid: 'brine',
    pours: mixed('brine', 10),
  }),
  'salt-foam': one('pouch of salted felt', 'pouches of salted felt', {
    sheet: 'felt-sheet',
    liquid: 'tap-water',
    pours: mixed('brine', 20),
    dried: true,
  }),
  'vinegar-felt': one('pouch of felt with vinegar', 'pouches of felt with vinegar', {
    sheet: 'felt-sheet',
    liquid: 'vinegar',
    pours: plain('vinegar', 20),
  }),
  wick: one('pair of vessels with a wick', 'pairs of vessels with wicks', { part: 'wick' }),
  'salt-bridge': one('pair of vessels with a salt bridge', 'pairs of vessels with salt bridges', {
    part: 'salt-bridge',
  }),
  'sulfuric-acid': one('acid cell', 'acid cells', { drawing: '#E3E6C8' }),
} as const satisfies Record<string, Written>;

export type BodyId = keyof typeof WRITTEN;

/** A body that ships with the app. */
export function shippedBody(id: BodyId): CellBody {
  return { id, ...WRITTEN[id] };
}

/** A fruit that nobody weighed (from memory). */
const OWN_GRAMS = 80;

/** A body of an own recipe: what ships under its id, or a fruit that only its name tells. */
export function ownBody(id: string, look: string): Omit<CellBody, keyof Named> {
  if (isShipped(id)) return shippedBody(id);
  const pieces = look === 'fruit' ? FRUIT_PIECES : SMALL;
  return { ...PLAIN, id, part: 'own-body', foodGrams: look === 'fruit' ? OWN_GRAMS : 0, pieces };
}

function isShipped(id: string): id is BodyId {
  return Object.hasOwn(WRITTEN, id);
}

/** The body by the name of its piece: `kiwi half`, `kiwi halves`. */
export function bodyInPieces(body: CellBody, piece: Piece): CellBody {
  if (piece === 'whole') return body;
  const { one: half, many } = PIECE_FACTS[piece];
  return {
    ...body,
    name: `${body.name} ${half}`,
    plural: `${body.name} ${many}`,
    prepare: `An adult cuts each ${body.name} into ${many}, on a board.`,
  };
}
