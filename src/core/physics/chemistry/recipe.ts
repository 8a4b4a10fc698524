import type { CautionId } from '../safety/cautions';
import type { CalibratedCell } from './calibrateCell';
import type { ElectrodeShape, ElectrodeSize } from './electrodeSize';
import { familyOf } from './families';
import type { FamilyId } from './family';
import { LIQUID_FACTS, type LiquidId } from './liquids';
import { PRACTICAL_CEILING_VOLTS } from './potentials';

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

export const MATERIALS = [
  'copper',
  'zinc',
  'nickel',
  'carbon',
  'aluminium',
  'magnesium',
  'steel',
] as const;
export type Material = (typeof MATERIALS)[number];

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

/** The wet part of the cell: which fruit, which liquid. */
export interface CellBody {
  readonly id: string;
  readonly name: string;
  readonly plural: string;
  /** Typical open-circuit volts with this body, where they are known better than the family's. */
  readonly openVolts?: number;
  /** Resistivity against the family's, where that is known to differ. */
  readonly resistivityShare?: number;
  /** Resistance of the electrode reactions against the family's, where that is known to differ. */
  readonly reactionShare?: number;
  /** What it is wet with; its making ready and its cautions come with it. */
  readonly liquid?: LiquidId;
  /** What is done with it before it is built from: cutting. */
  readonly prepare?: string;
}

export interface Electrode {
  readonly material: Material;
  readonly part: string;
}

/** Which cell to build: a family as a recipe with its parts, steps and cautions. */
export interface Recipe {
  readonly id: RecipeId;
  readonly name: string;
  readonly plus: Electrode;
  readonly minus: Electrode;
  /** What the choice of bodies is called: fruit, liquid, separator. */
  readonly bodyLabel: string;
  readonly bodies: readonly CellBody[];
  /** What keeps the metals apart and wet; `null` where the body itself does. */
  readonly separator: string | null;
  readonly look: CellLook;
  /** Size that the typical readings belong to. */
  readonly usualSize: ElectrodeSize;
  /** Family that it belongs to. */
  readonly family: FamilyId;
  /** Physics that gives the typical readings at the usual size. */
  readonly physics: Pick<CalibratedCell, 'chemistry' | 'geometry'>;
  readonly typical: TypicalReadings;
  /** Highest believable open-circuit volts of one cell. */
  readonly ceilingVolts: number;
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
  /** Trained staff only: numbers, no pupil work. */
  readonly restricted: boolean;
}

/** How a cell is built: its liquid first. */
export function buildingSteps(
  { steps, ownText }: Pick<Recipe, 'steps' | 'ownText'>,
  { liquid, prepare }: Pick<CellBody, 'liquid' | 'prepare'>,
): string[] {
  const mixing = ownText || liquid === undefined ? null : LIQUID_FACTS[liquid].mixing;
  return [mixing, ...steps.slice(0, 1), prepare ?? null, ...steps.slice(1)].filter(
    (step) => step !== null,
  );
}

/** How a cell is built and what is then read off it, step by step. */
export function stepsOf(
  recipe: Pick<Recipe, 'steps' | 'ownText' | 'measuring'>,
  body: Pick<CellBody, 'liquid' | 'prepare'>,
): string[] {
  const steps = buildingSteps(recipe, body);
  return recipe.measuring === null ? steps : [...steps, recipe.measuring];
}

/** Cautions of a cell: its metals', and its liquid's. */
export function cautionsOfCell(
  { cautions }: Pick<Recipe, 'cautions'>,
  { liquid }: Pick<CellBody, 'liquid'>,
): CautionId[] {
  return [
    ...new Set([...cautions, ...(liquid === undefined ? [] : LIQUID_FACTS[liquid].cautions)]),
  ];
}

/** Readings of ONE cell of ordinary size. */
export interface TypicalReadings {
  readonly openVoltsLow: number;
  readonly openVoltsHigh: number;
  readonly shortAmpsLow: number;
  readonly shortAmpsHigh: number;
  readonly source: string;
}

/** Margin above a Nernst voltage that is left to meters and temperature. */
const NERNST_CEILING_SHARE = 1.05;

type Written = Omit<
  Recipe,
  | 'physics'
  | 'typical'
  | 'ceilingVolts'
  | 'minutesToBuild'
  | 'breathes'
  | 'restricted'
  | 'measuring'
  | 'ownText'
> &
  Partial<Pick<Recipe, 'measuring'>>;

/** A recipe, completed with what its family knows. */
export function recipe(written: Written): Recipe {
  const family = familyOf(written.family);
  const { openVolts, shortAmps, metals, supplies, breathes, restricted } = family;
  return {
    measuring: null,
    ownText: false,
    ...written,
    physics: family,
    typical: {
      openVoltsLow: openVolts[0],
      openVoltsHigh: openVolts[1],
      shortAmpsLow: shortAmps[0],
      shortAmpsHigh: shortAmps[1],
      source: 'common practice, no source',
    },
    ceilingVolts:
      metals === null ? NERNST_CEILING_SHARE * openVolts[1] : PRACTICAL_CEILING_VOLTS[metals],
    minutesToBuild: supplies.minutes,
    breathes,
    restricted,
  };
}

/** The size of one ordinary cell, millimetres. */
export function size(
  shape: ElectrodeShape,
  widthMillimetres: number,
  depthMillimetres: number,
  gapMillimetres: number,
): ElectrodeSize {
  return {
    shape,
    widthMillimetres,
    depthMillimetres,
    gapMillimetres,
    pairs: 1,
    extraPlus: 0,
    extraMinus: 0,
  };
}

export function body(
  id: string,
  name: string,
  plural: string,
  known: Pick<CellBody, 'openVolts' | 'resistivityShare' | 'reactionShare' | 'liquid'> = {},
): CellBody {
  return { id, name, plural, ...known };
}
