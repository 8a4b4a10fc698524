import { familyOf, type FamilyId } from './families';
import { PRACTICAL_CEILING_VOLTS } from './potentials';

/** Which cell to build: a family of cells with its typical readings. */
export const RECIPE_IDS = ['copper-zinc-fruit', 'coin-pile-brine', 'juice-cup'] as const;
export type RecipeId = (typeof RECIPE_IDS)[number];

export type Material = 'copper' | 'zinc';

/** The wet part of the cell: which fruit, which liquid. */
export interface CellBody {
  readonly id: string;
  readonly name: string;
  readonly plural: string;
  /** Typical open-circuit volts with this body, where they are known better than the family's. */
  readonly openVolts?: number;
  /** Family whose physics it follows, where that is not the recipe's. */
  readonly family?: FamilyId;
}

export interface Recipe {
  readonly id: RecipeId;
  readonly name: string;
  readonly plus: { readonly material: Material; readonly part: string };
  readonly minus: { readonly material: Material; readonly part: string };
  readonly bodies: readonly CellBody[];
  /** How the desk picture draws it. */
  readonly drawing: 'fruit' | 'pile' | 'cup';
  /** Where its physics and typical readings stand. */
  readonly family: FamilyId;
  readonly typical: TypicalReadings;
  /** Highest believable open-circuit volts of one cell. */
  readonly ceilingVolts: number;
  readonly minutesToBuild: number;
  readonly steps: readonly string[];
  readonly note: string;
}

/** Readings of ONE cell of ordinary size. */
export interface TypicalReadings {
  readonly openVoltsLow: number;
  readonly openVoltsHigh: number;
  readonly shortAmpsLow: number;
  readonly shortAmpsHigh: number;
  readonly source: string;
}

const COMMON_PRACTICE = 'common practice, no source';

/** Volts of single plants with the same electrodes: common practice, no source. */
function rootVegetable(id: string, name: string, plural: string, openVolts?: number): CellBody {
  return {
    id,
    name,
    plural,
    family: 'root-vegetable',
    ...(openVolts === undefined ? {} : { openVolts }),
  };
}

function typicalOf(id: FamilyId): TypicalReadings {
  const { openVolts, shortAmps } = familyOf(id);
  return {
    openVoltsLow: openVolts[0],
    openVoltsHigh: openVolts[1],
    shortAmpsLow: shortAmps[0],
    shortAmpsHigh: shortAmps[1],
    source: COMMON_PRACTICE,
  };
}

export const RECIPES: Readonly<Record<RecipeId, Recipe>> = {
  'copper-zinc-fruit': {
    id: 'copper-zinc-fruit',
    name: 'Fruit with copper and zinc',
    plus: { material: 'copper', part: 'copper strip' },
    minus: { material: 'zinc', part: 'galvanised nail or zinc plate' },
    bodies: [
      { id: 'kiwi', name: 'kiwi', plural: 'kiwis' },
      { id: 'lemon', name: 'lemon', plural: 'lemons', openVolts: 0.94 },
      { id: 'apple', name: 'apple', plural: 'apples' },
      { id: 'gooseberry', name: 'gooseberry', plural: 'gooseberries' },
      { id: 'green-tomato', name: 'green tomato', plural: 'green tomatoes' },
      { id: 'cucumber', name: 'cucumber piece', plural: 'cucumber pieces' },
      rootVegetable('beetroot', 'beetroot', 'beetroots'),
      rootVegetable('potato', 'potato', 'potatoes', 0.85),
      rootVegetable('sweet-potato', 'sweet potato', 'sweet potatoes', 0.9),
      rootVegetable('swede', 'swede', 'swedes', 0.88),
      rootVegetable('carrot', 'carrot', 'carrots', 0.86),
    ],
    drawing: 'fruit',
    family: 'fruit',
    typical: typicalOf('fruit'),
    ceilingVolts: PRACTICAL_CEILING_VOLTS['copper-zinc'],
    minutesToBuild: 5,
    steps: [
      'Roll the fruit under your palm until it feels soft: the juice runs free inside.',
      'Push the zinc and the copper in about 1 cm apart, well down, and never touching.',
      'Measure volts first, then milliamps for a second or two.',
    ],
    note: 'Rolling the fruit and moving the metals closer both raise the current.',
  },
  'coin-pile-brine': {
    id: 'coin-pile-brine',
    name: 'Coin pile in brine',
    plus: { material: 'copper', part: 'copper or bronze coin, Ø 19 mm' },
    minus: { material: 'zinc', part: 'zinc blank or zinc-coated washer' },
    bodies: [
      { id: 'felt', name: 'coin cell with felt', plural: 'coin cells with felt' },
      {
        id: 'filter-paper',
        name: 'coin cell with filter paper',
        plural: 'coin cells with filter paper',
      },
      {
        id: 'kitchen-towel',
        name: 'coin cell with kitchen towel',
        plural: 'coin cells with kitchen towel',
      },
    ],
    drawing: 'pile',
    family: 'coin-pile-brine',
    typical: typicalOf('coin-pile-brine'),
    ceilingVolts: PRACTICAL_CEILING_VOLTS['copper-zinc'],
    minutesToBuild: 5,
    steps: [
      'Stir 1 tablespoon of salt into 100 mL of hot water; an adult pours.',
      'Cut the separator as large as the coin or up to 1 mm smaller; soak and blot it.',
      'Stack zinc, separator, copper, always in the same order, and press gently.',
    ],
    note: 'Blot the separators: drips down the side short the pile.',
  },
  'juice-cup': {
    id: 'juice-cup',
    name: 'Cup of juice or vinegar',
    plus: { material: 'copper', part: 'copper strip' },
    minus: { material: 'zinc', part: 'zinc strip' },
    bodies: [
      { id: 'rhubarb-juice', name: 'cup of rhubarb juice', plural: 'cups of rhubarb juice' },
      { id: 'lemon-juice', name: 'cup of lemon juice', plural: 'cups of lemon juice' },
      { id: 'vinegar', name: 'cup of vinegar', plural: 'cups of vinegar' },
    ],
    drawing: 'cup',
    family: 'juice-cup',
    typical: typicalOf('juice-cup'),
    ceilingVolts: PRACTICAL_CEILING_VOLTS['copper-zinc'],
    minutesToBuild: 5,
    steps: [
      'Fill the cup about two thirds; hang both strips in at the rim, facing each other.',
      'Fix the strips so that they cannot touch; every centimetre in the juice adds current.',
      'Lifting one strip out switches the cell off.',
    ],
    note: 'The current grows with the wetted area of the metals.',
  },
};

/** The body of a recipe by its id, or the recipe's first body where the id belongs to another recipe. */
export function bodyOf(recipe: Recipe, bodyId: string): CellBody {
  const body = recipe.bodies.find(({ id }) => id === bodyId) ?? recipe.bodies[0];
  if (body === undefined) throw new Error(`the recipe ${recipe.id} has no body`);
  return body;
}
