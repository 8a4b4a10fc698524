import { DEVICE_PRESETS, type DeviceKind } from '../../physics/circuit/devicePresets';
import { LED_PRESETS, type LedColour } from '../../physics/circuit/load/ledPresets';
import type { CautionId } from '../../physics/safety/cautions';

export const PART_UNITS = ['piece', 'g', 'mL', 'cm', 'sheet'] as const;
export type PartUnit = (typeof PART_UNITS)[number];

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
  /** Hazards that come with it, shown beside it on the list. */
  readonly cautions: readonly CautionId[];
}

type Traits = Partial<Pick<Part, 'unit' | 'pack' | 'reusable' | 'cautions'>>;

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
    cautions: [],
    ...traits,
  };
}

const food = (name: string, plural: string, price: number, pack = 1): Part =>
  part('food', name, plural, price, { pack, cautions: ['food'] });
const metal = (name: string, plural: string, price: number, traits: Traits = {}): Part =>
  part('metal', name, plural, price, { reusable: true, cautions: ['sharp'], ...traits });
const powder = (name: string, price: number, pack: number, cautions: readonly CautionId[]): Part =>
  part('liquid', name, name, price, { unit: 'g', pack, cautions });
const liquid = (name: string, price: number, pack: number, cautions: readonly CautionId[]): Part =>
  part('liquid', name, name, price, { unit: 'mL', pack, cautions });
const tool = (name: string, plural: string, price: number, traits: Traits = {}): Part =>
  part('tool', name, plural, price, { reusable: true, ...traits });
const reuse = { reusable: true } as const;
const led = (colour: LedColour): Part => {
  const { name } = LED_PRESETS[colour];
  return part('load', `${name}, 3 mm`, `${name}s, 3 mm`, 4, { pack: 20, reusable: true });
};
const device = (kind: DeviceKind, price: number): Part => {
  const { name } = DEVICE_PRESETS[kind];
  return part('load', name, `${name}s`, price, reuse);
};

/** Every part of every cell family, with the packs in which shops sell it. Packs and prices: from memory. */
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
  'rhubarb-juice': part('food', 'rhubarb juice', 'rhubarb juice', 4, {
    unit: 'mL',
    pack: 1000,
    cautions: ['food', 'weak-acid'],
  }),
  'lemon-juice': part('food', 'lemon juice', 'lemon juice', 2, {
    unit: 'mL',
    pack: 500,
    cautions: ['food', 'weak-acid'],
  }),
  vinegar: liquid('vinegar of 5 %', 1, 750, ['weak-acid']),
  'distilled-water': liquid('distilled water', 2, 2000, []),
  'table-salt': powder('table salt', 1, 500, []),
  'potassium-chloride': powder('potassium chloride', 8, 250, []),
  'Epsom-salt': powder('Epsom salt', 5, 1000, []),
  'citric-acid': powder('citric acid', 3, 250, ['weak-acid']),
  'copper-sulfate': powder('copper sulfate crystals', 10, 250, ['metal-salts']),
  'zinc-sulfate': powder('zinc sulfate crystals', 10, 250, ['metal-salts']),
  charcoal: powder('activated charcoal', 8, 250, ['carbon']),
  'copper-strip': metal('copper strip', 'copper strips', 12, { pack: 10 }),
  'copper-plate': metal('copper plate', 'copper plates', 15, { pack: 2 }),
  'galvanised-nail': metal('galvanised nail', 'galvanised nails', 4, { pack: 100 }),
  'zinc-strip': metal('zinc strip', 'zinc strips', 14, { pack: 10 }),
  'zinc-plate': metal('zinc plate', 'zinc plates', 15, { pack: 2 }),
  'copper-coin': metal('copper or bronze coin', 'copper or bronze coins', 0.05, {
    cautions: ['coins'],
  }),
  'nickel-coin': metal('cupronickel coin', 'cupronickel coins', 0.1, {
    cautions: ['coins', 'allergies'],
  }),
  'coin-to-sand': metal('coin to sand', 'coins to sand', 0.02, { cautions: ['coins', 'dust'] }),
  'whole-coin': metal('whole coin', 'whole coins', 0.02, { cautions: ['coins'] }),
  'zinc-washer': metal('zinc-coated washer', 'zinc-coated washers', 3, { pack: 50, cautions: [] }),
  'aluminium-foil': part('metal', 'aluminium foil strip', 'aluminium foil strips', 2, {
    pack: 60,
    cautions: ['sharp'],
  }),
  'graphite-rod': metal('graphite rod', 'graphite rods', 6, { pack: 5, cautions: ['carbon'] }),
  'copper-tab': metal('copper tab', 'copper tabs', 3, { pack: 20 }),
  'magnesium-ribbon': part('metal', 'magnesium ribbon', 'magnesium ribbon', 12, {
    unit: 'cm',
    pack: 1000,
    cautions: ['magnesium'],
  }),
  'carbon-felt': part('metal', 'piece of carbon felt', 'pieces of carbon felt', 18, {
    pack: 10,
    reusable: true,
    cautions: ['carbon'],
  }),
  'graphite-foil': part('metal', 'piece of graphite foil', 'pieces of graphite foil', 12, {
    pack: 10,
    reusable: true,
  }),
  'zinc-foil': metal('piece of zinc foil', 'pieces of zinc foil', 12, { pack: 10 }),
  'own-body': part('cell', 'body of your own recipe', 'bodies of your own recipe', 1),
  cup: part('cell', 'cup', 'cups', 3, { pack: 50 }),
  beaker: part('cell', 'beaker', 'beakers', 4, reuse),
  sponge: part('cell', 'sponge', 'sponges', 2, { pack: 10, reusable: true }),
  'floral-foam': part('cell', 'piece of floral foam', 'pieces of floral foam', 3, { pack: 12 }),
  'roof-card': part('cell', 'roof on spacers', 'roofs on spacers', 2, { pack: 20 }),
  'felt-sheet': part('cell', 'sheet of felt', 'sheets of felt', 1, { unit: 'sheet' }),
  'filter-paper': part('cell', 'sheet of filter paper', 'sheets of filter paper', 6, {
    unit: 'sheet',
    pack: 50,
  }),
  'kitchen-towel': part('cell', 'sheet of kitchen towel', 'sheets of kitchen towel', 2, {
    unit: 'sheet',
    pack: 50,
  }),
  card: part('cell', 'sheet of card', 'sheets of card', 3, { unit: 'sheet', pack: 20 }),
  'construction-paper': part(
    'cell',
    'sheet of construction paper',
    'sheets of construction paper',
    3,
    {
      unit: 'sheet',
      pack: 20,
    },
  ),
  'aa-cell': part('load', 'AA cell', 'AA cells', 3, { pack: 4 }),
  wick: part('cell', 'wick of cotton, 15 cm', 'wicks of cotton, 15 cm', 2, { pack: 20 }),
  'salt-bridge': part('cell', 'salt bridge of soaked paper', 'salt bridges of soaked paper', 2, {
    pack: 20,
  }),
  'clip-lead': part('wiring', 'clip lead', 'clip leads', 5, { pack: 10, reusable: true }),
  'bell-wire': part(
    'wiring',
    'piece of doorbell wire, 30 cm',
    'pieces of doorbell wire, 30 cm',
    6,
    {
      pack: 66,
      reusable: true,
      cautions: ['sharp'],
    },
  ),
  tape: part('wiring', 'roll of tape', 'rolls of tape', 1.5, {}),
  'rubber-band': part('wiring', 'rubber band', 'rubber bands', 1, {
    pack: 50,
    reusable: true,
    cautions: ['allergies'],
  }),
  'led-infrared': led('infrared'),
  'led-red': led('red'),
  'led-amber': led('amber'),
  'led-yellow-green': led('yellow-green'),
  'led-true-green': led('true-green'),
  'led-blue': led('blue'),
  'led-white': led('white'),
  'led-violet': led('violet'),
  'series-resistor': part('load', 'series resistor', 'series resistors', 2, {
    pack: 20,
    reusable: true,
  }),
  resistor: part('load', 'resistor', 'resistors', 2, { pack: 20, reusable: true }),
  'piezo-buzzer': device('piezo-buzzer', 4),
  'lcd-clock': device('lcd-clock', 5),
  calculator: device('calculator', 5),
  'melody-chip': device('melody-chip', 3),
  'pocket-radio': device('pocket-radio', 12),
  goggles: part('safety', 'pair of goggles', 'pairs of goggles', 3, reuse),
  gloves: part('safety', 'pair of gloves', 'pairs of gloves', 6, {
    pack: 50,
    cautions: ['allergies'],
  }),
  meter: tool('multimeter with leads', 'multimeters with leads', 12),
  tray: tool('tray', 'trays', 2),
  scissors: tool('pair of scissors', 'pairs of scissors', 2, { cautions: ['sharp'] }),
  knife: tool('knife, for the adult', 'knives, for the adult', 3, { cautions: ['sharp'] }),
  'paper-towel': part('tool', 'paper towel', 'paper towels', 2, { pack: 100 }),
  sandpaper: part('tool', 'sheet of sandpaper', 'sheets of sandpaper', 1, {
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
