import { DEVICE_KINDS, DEVICE_PRESETS, type DeviceKind } from '../circuit/devicePresets';
import { LED_COLOURS, LED_PRESETS, type LedColour } from '../circuit/load/ledPresets';
import type { CautionId } from '../safety/cautions';

export const PART_UNITS = ['piece', 'g', 'mL', 'cm', 'sheet'] as const;
export type PartUnit = (typeof PART_UNITS)[number];

/** Where things are bought, in the order of the list. */
export const AISLES = [
  'greengrocer',
  'grocer',
  'chemist',
  'hardware',
  'electronics',
  'science supplier',
  'at school',
] as const;
export type Aisle = (typeof AISLES)[number];

/** Something to buy or to fetch from the cupboard. */
export interface Part {
  readonly name: string;
  readonly plural: string;
  readonly unit: PartUnit;
  /** How many units a shop sells together (from memory; the cupboard has the educator's own). */
  readonly pack: number;
  /** A round figure for that pack (from memory): offered in the cupboard, never taken for a price. */
  readonly guidePrice: number;
  /** Comes back into the cupboard after the lesson. */
  readonly reusable: boolean;
  readonly kind: 'food' | 'metal' | 'liquid' | 'cell' | 'wiring' | 'load' | 'safety' | 'tool';
  /** Which shop sells it (common practice, no source). */
  readonly aisle: Aisle;
  /** Hazards that come with it, shown beside it on the list. */
  readonly cautions: readonly CautionId[];
}

/** What a shop of each kind sells (common practice, no source). */
const AISLE_OF_KIND: Readonly<Record<Part['kind'], Aisle>> = {
  food: 'greengrocer',
  metal: 'hardware',
  liquid: 'chemist',
  cell: 'at school',
  wiring: 'electronics',
  load: 'electronics',
  safety: 'at school',
  tool: 'at school',
};

type Traits = Partial<Pick<Part, 'unit' | 'pack' | 'reusable' | 'aisle' | 'cautions'>>;

function part(
  kind: Part['kind'],
  name: string,
  plural: string,
  guidePrice: number,
  traits: Traits = {},
): Part {
  return {
    kind,
    name,
    plural,
    guidePrice,
    unit: 'piece',
    pack: 1,
    reusable: false,
    aisle: AISLE_OF_KIND[kind],
    cautions: [],
    ...traits,
  };
}

const food = (name: string, plural: string, price: number, pack = 1): Part =>
  part('food', name, plural, price, { pack, cautions: ['food'] });
const juice = (name: string, price: number, pack: number, aisle: Aisle): Part =>
  part('food', name, name, price, { unit: 'mL', pack, aisle, cautions: ['food', 'weak-acid'] });
const metal = (name: string, plural: string, price: number, traits: Traits = {}): Part =>
  part('metal', name, plural, price, { reusable: true, cautions: ['sharp'], ...traits });
const powder = (name: string, price: number, pack: number, traits: Traits = {}): Part =>
  part('liquid', name, name, price, { unit: 'g', pack, ...traits });
const tool = (name: string, plural: string, price: number, traits: Traits = {}): Part =>
  part('tool', name, plural, price, { reusable: true, ...traits });
const sheet = (of: string, price: number, traits: Traits = {}): Part =>
  part('cell', `sheet of ${of}`, `sheets of ${of}`, price, { unit: 'sheet', ...traits });
const reused = (pack = 1): Traits => ({ pack, reusable: true });
const GROCER = { aisle: 'grocer' } as const;
const SUPPLIER = { aisle: 'science supplier' } as const;
const SCHOOL = { aisle: 'at school' } as const;

const LEDS = Object.fromEntries(
  LED_COLOURS.map((colour) => {
    const { name } = LED_PRESETS[colour];
    return [`led-${colour}`, part('load', `${name}, 3 mm`, `${name}s, 3 mm`, 4, reused(20))];
  }),
) as Record<`led-${LedColour}`, Part>;
const DEVICES = Object.fromEntries(
  DEVICE_KINDS.map((kind) => {
    const { name, guidePrice } = DEVICE_PRESETS[kind];
    return [kind, part('load', name, `${name}s`, guidePrice, reused())];
  }),
) as Record<DeviceKind, Part>;

/** Every part of every recipe, with the packs in which shops sell it. Packs and prices: from memory. */
const CATALOGUE = {
  kiwi: food('kiwi', 'kiwis', 3, 6),
  lemon: food('lemon', 'lemons', 2, 4),
  apple: food('apple', 'apples', 2.5, 6),
  gooseberry: food('gooseberry', 'gooseberries', 3, 40),
  'green-tomato': food('green tomato', 'green tomatoes', 3, 6),
  'cucumber-piece': food('piece of cucumber, 4 cm', 'pieces of cucumber, 4 cm', 1, 7),
  potato: food('potato', 'potatoes', 3, 12),
  'sweet-potato': food('sweet potato', 'sweet potatoes', 3, 4),
  swede: food('swede', 'swedes', 1.5, 1),
  carrot: food('carrot', 'carrots', 1.5, 10),
  beetroot: food('beetroot', 'beetroots', 2, 5),
  'rhubarb-juice': juice('rhubarb juice', 4, 1000, 'greengrocer'),
  'lemon-juice': juice('lemon juice', 2, 500, 'grocer'),
  vinegar: part('liquid', 'vinegar of 5 %', 'vinegar of 5 %', 1, {
    ...GROCER,
    unit: 'mL',
    pack: 750,
    cautions: ['weak-acid'],
  }),
  'distilled-water': part('liquid', 'distilled water', 'distilled water', 2, {
    unit: 'mL',
    pack: 2000,
  }),
  'table-salt': powder('table salt', 1, 500, GROCER),
  'potassium-chloride': powder('potassium chloride', 8, 250, SUPPLIER),
  'Epsom-salt': powder('Epsom salt', 5, 1000),
  'citric-acid': powder('citric acid', 3, 250, { ...GROCER, cautions: ['weak-acid'] }),
  'copper-sulfate': powder('copper sulfate crystals', 10, 250, {
    ...SUPPLIER,
    cautions: ['metal-salts'],
  }),
  'zinc-sulfate': powder('zinc sulfate crystals', 10, 250, {
    ...SUPPLIER,
    cautions: ['metal-salts'],
  }),
  charcoal: powder('activated charcoal', 8, 250, { ...SUPPLIER, cautions: ['carbon'] }),
  'copper-strip': metal('copper strip', 'copper strips', 12, { pack: 10 }),
  'copper-plate': metal('copper plate', 'copper plates', 15, { pack: 2 }),
  'galvanised-nail': metal('galvanised nail', 'galvanised nails', 4, { pack: 100 }),
  'zinc-strip': metal('zinc strip', 'zinc strips', 14, { pack: 10 }),
  'zinc-plate': metal('zinc plate', 'zinc plates', 15, { ...SUPPLIER, pack: 2 }),
  'copper-coin': metal('copper or bronze coin', 'copper or bronze coins', 0.05, {
    ...SCHOOL,
    cautions: ['coins'],
  }),
  'nickel-coin': metal('cupronickel coin', 'cupronickel coins', 0.1, {
    ...SCHOOL,
    cautions: ['coins', 'allergies'],
  }),
  'coin-to-sand': metal('coin to sand', 'coins to sand', 0.02, {
    ...SCHOOL,
    cautions: ['coins', 'dust'],
  }),
  'whole-coin': metal('whole coin', 'whole coins', 0.02, { ...SCHOOL, cautions: ['coins'] }),
  'zinc-washer': metal('zinc-coated washer', 'zinc-coated washers', 3, { pack: 50, cautions: [] }),
  'aluminium-foil': metal('aluminium foil strip', 'aluminium foil strips', 2, {
    ...GROCER,
    pack: 60,
    reusable: false,
  }),
  'graphite-rod': metal('graphite rod', 'graphite rods', 6, {
    ...SUPPLIER,
    pack: 5,
    cautions: ['carbon'],
  }),
  'copper-tab': metal('copper tab', 'copper tabs', 3, { pack: 20 }),
  'magnesium-ribbon': part('metal', 'magnesium ribbon', 'magnesium ribbon', 12, {
    ...SUPPLIER,
    unit: 'cm',
    pack: 1000,
    cautions: ['magnesium'],
  }),
  'carbon-felt': metal('piece of carbon felt', 'pieces of carbon felt', 18, {
    ...SUPPLIER,
    pack: 10,
    cautions: ['carbon'],
  }),
  'graphite-foil': metal('piece of graphite foil', 'pieces of graphite foil', 12, {
    ...SUPPLIER,
    pack: 10,
    cautions: [],
  }),
  'zinc-foil': metal('piece of zinc foil', 'pieces of zinc foil', 12, { ...SUPPLIER, pack: 10 }),
  'own-body': part('cell', 'body of your own recipe', 'bodies of your own recipe', 1),
  cup: part('cell', 'cup', 'cups', 3, { ...GROCER, pack: 50 }),
  beaker: part('cell', 'beaker', 'beakers', 4, reused()),
  sponge: part('cell', 'sponge', 'sponges', 2, { ...GROCER, ...reused(10) }),
  'floral-foam': part('cell', 'piece of floral foam', 'pieces of floral foam', 3, {
    aisle: 'hardware',
    pack: 12,
    cautions: ['foam'],
  }),
  'roof-card': part('cell', 'roof on spacers', 'roofs on spacers', 2, { pack: 20 }),
  'felt-sheet': sheet('felt', 1),
  'filter-paper': sheet('filter paper', 6, { pack: 50 }),
  'kitchen-towel': sheet('kitchen towel', 2, { ...GROCER, pack: 50 }),
  card: sheet('card', 3, { pack: 20 }),
  'construction-paper': sheet('construction paper', 3, { pack: 20 }),
  'aa-cell': part('load', 'AA cell', 'AA cells', 3, { pack: 4 }),
  wick: part('cell', 'wick of cotton, 15 cm', 'wicks of cotton, 15 cm', 2, { pack: 20 }),
  'salt-bridge': part('cell', 'salt bridge of soaked paper', 'salt bridges of soaked paper', 2, {
    pack: 20,
  }),
  'clip-lead': part('wiring', 'clip lead', 'clip leads', 5, reused(10)),
  'bell-wire': part(
    'wiring',
    'piece of doorbell wire, 30 cm',
    'pieces of doorbell wire, 30 cm',
    6,
    { ...reused(66), cautions: ['sharp'] },
  ),
  tape: part('wiring', 'roll of tape', 'rolls of tape', 1.5, { aisle: 'hardware' }),
  'rubber-band': part('wiring', 'rubber band', 'rubber bands', 1, {
    ...GROCER,
    ...reused(50),
    cautions: ['allergies'],
  }),
  ...LEDS,
  motor: part('load', 'small motor, 1.5 V', 'small motors, 1.5 V', 2, reused()),
  bulb: part('load', 'torch bulb in a holder', 'torch bulbs in holders', 2, reused()),
  capacitor: part('load', 'capacitor', 'capacitors', 1, { ...reused(), cautions: ['capacitors'] }),
  'series-resistor': part('load', 'series resistor', 'series resistors', 2, reused(20)),
  resistor: part('load', 'resistor', 'resistors', 2, reused(20)),
  ...DEVICES,
  goggles: part('safety', 'pair of goggles', 'pairs of goggles', 3, reused()),
  gloves: part('safety', 'pair of gloves', 'pairs of gloves', 6, {
    pack: 50,
    cautions: ['allergies'],
  }),
  meter: tool('multimeter with leads', 'multimeters with leads', 12, { aisle: 'electronics' }),
  tray: tool('tray', 'trays', 2),
  scissors: tool('pair of scissors', 'pairs of scissors', 2, { cautions: ['sharp'] }),
  knife: tool('knife, for the adult', 'knives, for the adult', 3, { cautions: ['sharp'] }),
  'paper-towel': part('tool', 'paper towel', 'paper towels', 2, { pack: 100 }),
  sandpaper: part('tool', 'sheet of sandpaper', 'sheets of sandpaper', 1, {
    aisle: 'hardware',
    unit: 'sheet',
    cautions: ['dust'],
  }),
  label: part(
    'tool',
    'label “contains metal, do not eat”',
    'labels “contains metal, do not eat”',
    2,
    { pack: 100 },
  ),
  coupler: metal('copper plumbing coupler', 'copper plumbing couplers', 5, { pack: 10 }),
} as const satisfies Readonly<Record<string, Part>>;

export type PartId = keyof typeof CATALOGUE;
export const PART_IDS = Object.keys(CATALOGUE) as PartId[];
export const PARTS: Readonly<Record<PartId, Part>> = CATALOGUE;

/** So much of a part, in its units; a half fruit is half of one. */
export interface BillLine {
  readonly part: PartId;
  readonly amount: number;
}

/** Whether no shop nearby has it: it must be ordered in time. */
export function isOrdered(part: PartId): boolean {
  return PARTS[part].aisle === 'science supplier';
}
