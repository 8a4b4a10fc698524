import { calibrateCell, type CellShape, type TypicalCell } from '../cell/calibrateCell';
import {
  type CellChemistry,
  type ElectrodeShape,
  type ElectrodeSize,
  electrodeAreaSquareMetres,
  geometryOf,
} from '../cell/scaleCell';
import type { FilmShares } from '../cell/films';
import type { Material } from '../cell/metals';
import { PRACTICAL_CEILING_VOLTS, type MetalPair } from '../cell/potentials';
import {
  cautionsWithFood,
  HEATS_WIRES_FROM_AMPS,
  type Caution,
  type CautionId,
} from '../safety/cautions';
import { shippedBody, type BodyId, type CellBody } from './bodies';
import { LIQUID_FACTS, type CellLiquid } from './liquids';
import type { BillLine, PartId } from './parts';

export const RECIPE_IDS = [
  'copper-zinc-fruit',
  'root-vegetable',
  'juice-cup',
  'coin-pile-brine',
  'one-coin-pile',
  'nickel-zinc-pile',
  'aluminium-air-brine',
  'aluminium-air-acid',
  'magnesium-graphite',
  'magnesium-air-rod',
  'zinc-carbon-felt',
  'two-solution',
  'concentration',
  'dilute-sulfuric-acid',
] as const;
export type RecipeId = (typeof RECIPE_IDS)[number];

/** What recipes are called in requests: by their id, and fruit by its plain name. */
export const FAMILY_IDS = [
  'fruit',
  ...RECIPE_IDS.filter((id) => id !== 'copper-zinc-fruit'),
] as const;
export type FamilyId = (typeof FAMILY_IDS)[number];

export function familyOf(id: RecipeId): FamilyId {
  return id === 'copper-zinc-fruit' ? 'fruit' : id;
}

export function recipeOfFamily(id: FamilyId): RecipeId {
  return id === 'fruit' ? 'copper-zinc-fruit' : id;
}

/** How a cell stands on the desk. */
export const CELL_LOOKS = [
  'fruit',
  'pile',
  'cup',
  'sponge',
  'towel',
  'pouch',
  'rod',
  'vessels',
] as const;
export type CellLook = (typeof CELL_LOOKS)[number];

export interface Electrode {
  readonly material: Material;
  readonly part: string;
}

/** What a cell is made of besides its body (parts and amounts: common practice, no source). */
export interface RecipeParts {
  /** For one cell with one pair of metals. */
  readonly cell: readonly BillLine[];
  /** Metals of one further pair in the same body: + and −. */
  readonly plus: readonly BillLine[];
  readonly minus: readonly BillLine[];
  /** Joins an electrode more in a body to its like. */
  readonly join: readonly BillLine[];
  /** Once for each string. */
  readonly string: readonly BillLine[];
  /** The cells stand on one another: a string needs leads at its two ends only, and dries as one body. */
  readonly stacked: boolean;
}

/** Water that limits a cell's life, for one pair of the usual size (from memory). */
export interface CellSupplies {
  /** Water in it where the body is no food, grams, and the radius of the wet body as the air meets it. */
  readonly waterGrams: number;
  readonly wetRadiusMillimetres: number;
}

/** Which cell to build, with everything that its kind decides: physics, parts, steps and cautions. */
export interface Recipe {
  readonly id: RecipeId;
  readonly name: string;
  readonly plus: Electrode;
  readonly minus: Electrode;
  /** What the choice of bodies is called: fruit, liquid, separator. */
  readonly bodyLabel: string;
  readonly bodies: readonly [CellBody, ...CellBody[]];
  /** What keeps the metals apart and wet; `null` where the body itself does. */
  readonly separator: string | null;
  readonly look: CellLook;
  /** Size that the typical readings belong to. */
  readonly usualSize: ElectrodeSize;
  readonly shape: CellShape;
  readonly chemistry: CellChemistry;
  /** Resistance of clips, or of a bridge between two vessels, ohms. */
  readonly contactOhms: number;
  readonly typical: TypicalReadings;
  /** Highest believable open-circuit volts of one cell. */
  readonly ceilingVolts: number;
  readonly films: FilmShares;
  /** Corrosion beside the useful current, for the − metal's wet area at room temperature, A/m². */
  readonly corrosionAmpsPerSquareMetre: number;
  readonly supplies: CellSupplies;
  /** Mould and browning end it after so many days (from memory); `null`: nothing in it spoils. */
  readonly spoilsDays: number | null;
  /** Kept dry and woken by water: it soaks that up in so many seconds (from memory); `null`: wet from the start. */
  readonly soakSeconds: number | null;
  readonly parts: RecipeParts;
  /** What is poured whatever the body is; `null`: what the body takes. */
  readonly pours: readonly CellLiquid[] | null;
  readonly minutesToBuild: number;
  /** How it is built; `ownText`: with the liquid in it, otherwise that comes with the body. */
  readonly steps: readonly string[];
  readonly ownText: boolean;
  /** What is read off it once it stands; `null` where the guide's own readings say all. */
  readonly measuring: string | null;
  readonly note: string;
  /** What ends its life, and roughly when. */
  readonly endsLife: string;
  readonly cautions: readonly CautionId[];
  /** Needs air at its carbon side: never taped shut. */
  readonly breathes: boolean;
  /** Whether more electrode pairs can go into the same body. */
  readonly morePairs: boolean;
  /** Trained staff only: numbers, no pupil work. */
  readonly restricted: boolean;
}

/** Readings of ONE cell. */
export interface TypicalReadings {
  readonly openVoltsLow: number;
  readonly openVoltsHigh: number;
  readonly shortAmpsLow: number;
  readonly shortAmpsHigh: number;
  readonly source: string;
}

/** How a cell is built: its liquid first. */
export function buildingSteps(
  { steps, ownText }: Pick<Recipe, 'steps' | 'ownText'>,
  { liquid, prepare }: Pick<CellBody, 'liquid' | 'prepare'>,
): string[] {
  const mixing = ownText || liquid === null ? null : LIQUID_FACTS[liquid].mixing;
  return [mixing, ...steps.slice(0, 1), prepare, ...steps.slice(1)].filter((step) => step !== null);
}

/** How a cell is built and what is then read off it, step by step. */
export function stepsOf(
  recipe: Pick<Recipe, 'steps' | 'ownText' | 'measuring'>,
  body: Pick<CellBody, 'liquid' | 'prepare'>,
): string[] {
  const steps = buildingSteps(recipe, body);
  return recipe.measuring === null ? steps : [...steps, recipe.measuring];
}

type Hazardous = Pick<Recipe, 'cautions' | 'look' | 'minus' | 'typical'>;

/**
 * Cautions of a cell, from what it holds, gives off and needs: what a recipe says, and what follows from its metals and
 * its liquid, so that none is forgotten. Covers, labels and sheets ask here too.
 */
export function cautionsOfCell(
  { cautions, look, minus, typical }: Hazardous,
  { liquid, id }: Pick<CellBody, 'liquid' | 'id'>,
): CautionId[] {
  const ofLiquid = liquid === null ? [] : LIQUID_FACTS[liquid].cautions;
  const acid = look === 'fruit' || ofLiquid.includes('weak-acid');
  const eaten = look === 'fruit' || liquid === 'juice';
  const follows: readonly (readonly [CautionId, boolean])[] = [
    ['food', eaten],
    ['allergies', eaten],
    // Magnesium takes hydrogen out of water, zinc and aluminium out of acid.
    [
      'hydrogen',
      minus.material === 'magnesium' ||
        (acid && (minus.material === 'zinc' || minus.material === 'aluminium')),
    ],
    ['magnesium', minus.material === 'magnesium'],
    ['short-circuit', typical.shortAmpsHigh > HEATS_WIRES_FROM_AMPS],
    ['galvanised', /galvanised|zinc-coated/.test(minus.part)],
    ['rhubarb', id === 'rhubarb-juice'],
  ];
  return [
    ...new Set([
      ...cautions,
      ...ofLiquid,
      ...follows.flatMap(([caution, applies]) => (applies ? [caution] : [])),
    ]),
  ];
}

/** The cautions of a cell in words, its food named; those of its battery before them. */
export function cautionTextsOf(
  recipe: Hazardous,
  body: CellBody,
  ofBattery: readonly CautionId[] = [],
): Caution[] {
  const ids = [...new Set([...ofBattery, ...cautionsOfCell(recipe, body)])];
  const food = ids.includes('food') ? body.name.replace(/^cup of /, '') : null;
  return cautionsWithFood(ids, food);
}

/** The body of a recipe by its id; `null` where it has none of that id. */
export function findBody({ bodies }: Pick<Recipe, 'bodies'>, id: string): CellBody | null {
  return bodies.find((body) => body.id === id) ?? null;
}

/** Whether a recipe has a body: what documents are checked for when they are read. */
export function hasBody(
  { bodies }: { readonly bodies: readonly Pick<CellBody, 'id'>[] },
  id: string,
): boolean {
  return bodies.some((body) => body.id === id);
}

/** What is said where it has not. */
export const UNKNOWN_BODY = { path: ['body'], message: 'This recipe has no such body.' };

/** The same where it must be there. */
export function bodyOf(recipe: Pick<Recipe, 'id' | 'bodies'>, id: string): CellBody {
  const body = findBody(recipe, id);
  if (body === null) throw new Error(`the recipe ${recipe.id} has no body ${id}`);
  return body;
}

/** Margin above a Nernst voltage that is left to meters and temperature. */
const NERNST_CEILING_SHARE = 1.05;

type Range = readonly [low: number, high: number];
type FromPhysics =
  | 'chemistry'
  | 'contactOhms'
  | 'typical'
  | 'ceilingVolts'
  | 'corrosionAmpsPerSquareMetre';
type Usual = 'spoilsDays' | 'soakSeconds' | 'pours' | 'minutesToBuild' | 'ownText' | 'measuring';
type Trait = 'breathes' | 'morePairs' | 'restricted';

/** A recipe as it is written down: readings (common practice, no source), and only what is not usual. */
type Written = Omit<Recipe, FromPhysics | Usual | Trait | 'bodies'> &
  Partial<Pick<Recipe, Usual | Trait>> & {
    readonly bodies: readonly [BodyId, ...BodyId[]];
    /** Metals for the ceiling check; `null` where the Nernst equation gives the voltage. */
    readonly metals: MetalPair | null;
    readonly openVolts: Range;
    readonly shortAmps: Range;
    /** Corrosion of the usual cell as a share of its short-circuit current (from memory). */
    readonly corrosionShare: number;
  } & Pick<TypicalCell, 'resistivityOhmMetres' | 'anodeShare'>;

/** A recipe, completed with what its readings make of its physics. */
export function recipe(written: Written): Recipe {
  const { metals, openVolts, shortAmps, resistivityOhmMetres, anodeShare, bodies, ...others } =
    written;
  const { corrosionShare, ...rest } = others;
  const { usualSize } = written;
  const [first, ...more] = bodies;
  return {
    spoilsDays: null,
    soakSeconds: null,
    pours: null,
    minutesToBuild: 5,
    ownText: false,
    measuring: null,
    breathes: false,
    morePairs: false,
    restricted: false,
    ...rest,
    bodies: [shippedBody(first), ...more.map(shippedBody)],
    ...calibrateCell(written.shape, {
      openVolts,
      shortAmps,
      geometry: geometryOf(usualSize, 0),
      resistivityOhmMetres,
      anodeShare,
    }),
    typical: {
      openVoltsLow: openVolts[0],
      openVoltsHigh: openVolts[1],
      shortAmpsLow: shortAmps[0],
      shortAmpsHigh: shortAmps[1],
      source: 'common practice, no source',
    },
    corrosionAmpsPerSquareMetre:
      (corrosionShare * Math.sqrt(shortAmps[0] * shortAmps[1])) /
      electrodeAreaSquareMetres(usualSize),
    ceilingVolts:
      metals === null ? NERNST_CEILING_SHARE * openVolts[1] : PRACTICAL_CEILING_VOLTS[metals],
  };
}

/** The size of one ordinary cell, millimetres; the last is its − metal's thickness. */
export function size(
  shape: ElectrodeShape,
  widthMillimetres: number,
  depthMillimetres: number,
  gapMillimetres: number,
  metalMillimetres: number,
): ElectrodeSize {
  return {
    shape,
    widthMillimetres,
    depthMillimetres,
    gapMillimetres,
    metalMillimetres,
    pairs: 1,
    extraPlus: 0,
    extraMinus: 0,
  };
}

export const each = (...parts: readonly PartId[]): BillLine[] =>
  parts.map((part) => ({ part, amount: 1 }));

/** A loose cell of its metals and what else stands once for each. */
export function loose(
  plus: readonly BillLine[],
  minus: readonly BillLine[],
  once: readonly BillLine[] = [],
): RecipeParts {
  const cell = [...once, ...plus, ...minus];
  return { cell, plus, minus, join: each('clip-lead'), string: [], stacked: false };
}

/** Cells that stand on one another, held by a rubber band, and what else a string takes once. */
export function stack(cell: readonly BillLine[], string: readonly BillLine[] = []): RecipeParts {
  return {
    cell,
    plus: [],
    minus: [],
    join: [],
    string: [...each('rubber-band'), ...string],
    stacked: true,
  };
}
