import type { Migration, Migrations, VersionBefore } from '../../formats/migrateDocument';
import { isRecord, type Json } from '../../formats/json';
import type { PLAN_VERSION } from './planSchema';
import {
  RECIPE_MIGRATIONS,
  withMetalThickness,
  withSingleElectrodes,
} from '../../physics/recipes/migrateRecipe';

/** The classroom meter that older versions took for granted. */
const METER_OF_VERSION_9 = {
  voltsOhms: 10e6,
  shuntOhms: { '200 µA': 1000, '2 mA': 100, '20 mA': 10, '200 mA': 1, '10 A': 0.01 },
};

/** What a separator of each size stood out by, millimetres, when there were three of them. */
const OVERHANG_OF_VERSION_9: Readonly<Record<string, number>> = { smaller: -1, same: 0, larger: 2 };

/**
 * Plans of version 8 and later are read.
 * 8 → 9: single electrodes beside the pairs, a resistor in series, a meter of one's own; own recipes became version 2.
 * 9 → 10: cut fruit, the overhang of separators by the millimetre, parts that it must be made from, shared meters and shorter ways.
 * 11 → 12: further trial cells beside the one that was read; plans are safe for cells that nobody has read, so no more are bought.
 * 12 → 13: how thick the − metal is, 1 cm between nails, ribbon by its length; the hour at which it is switched on.
 * 10 → 11: groups predict before they measure; what the school has learned of such cells.
 */
export const PLAN_MIGRATIONS = {
  8: (document) => ({
    ...withCell(document, cellOfVersion9),
    seriesResistor: { kind: 'as-needed' },
    meter: METER_OF_VERSION_9,
  }),
  9: ({ lesson, ...document }) => {
    const { separatorSchool, ...rest } = isRecord(lesson) ? lesson : {};
    return {
      ...withCell(document, (cell) => ({
        ...cell,
        piece: 'whole',
        overhangMillimetres: OVERHANG_OF_VERSION_9[String(separatorSchool)] ?? 0,
      })),
      have: null,
      lesson: isRecord(lesson) ? { ...rest, measuring: null, shortcuts: [], bought: [] } : lesson,
    };
  },
  10: ({ lesson, ...document }) => ({
    ...withCell(document, (cell) => ({ ...cell, school: null })),
    lesson: isRecord(lesson) ? { ...lesson, predict: true } : lesson,
  }),
  11: ({ lesson, ...document }) => {
    const { buyStrings, ...rest } = isRecord(lesson) ? lesson : {};
    return {
      ...withCell(document, (cell) => ({ ...cell, trialCells: [] })),
      lesson: isRecord(lesson) ? rest : lesson,
    };
  },
  12: (document) => ({ ...withCell(document, cellOfVersion13), switchedOnAt: null }),
} satisfies Migrations & Record<VersionBefore<typeof PLAN_VERSION>, Migration>;

function cellOfVersion9({ size, ownRecipe, ...cell }: Json): Json {
  return {
    ...cell,
    size: withSingleElectrodes(size),
    ownRecipe: withRecipe(ownRecipe, 1),
  };
}

/** Usual sizes of shipped recipes that were told otherwise, millimetres: width, depth and gap before and since. */
const SIZES_OF_VERSION_12: Readonly<Record<string, readonly [Lengths, Lengths]>> = {
  'copper-zinc-fruit': [
    [3, 40, 20],
    [3, 40, 10],
  ],
  'root-vegetable': [
    [3, 40, 20],
    [3, 40, 10],
  ],
};
type Lengths = readonly [width: number, depth: number, gap: number];

function cellOfVersion13({ size, ownRecipe, ...cell }: Json): Json {
  const thick = withMetalThickness(size, cell['recipe']);
  return {
    ...cell,
    size: ownRecipe === null ? usualSizeSince(thick, cell['recipe']) : thick,
    ownRecipe: withRecipe(ownRecipe, 2),
  };
}

function usualSizeSince(size: unknown, recipe: unknown): unknown {
  const sizes = SIZES_OF_VERSION_12[String(recipe)];
  if (!isRecord(size) || sizes === undefined) return size;
  const [before, [widthMillimetres, depthMillimetres, gapMillimetres]] = sizes;
  const keys = ['widthMillimetres', 'depthMillimetres', 'gapMillimetres'];
  return keys.every((key, index) => size[key] === before[index])
    ? { ...size, widthMillimetres, depthMillimetres, gapMillimetres }
    : size;
}

/** The own recipe of a cell, where it is of that version, one version later. */
function withRecipe(ownRecipe: unknown, version: keyof typeof RECIPE_MIGRATIONS): unknown {
  if (!isRecord(ownRecipe)) return ownRecipe;
  const { recipe } = ownRecipe;
  return isRecord(recipe) && recipe['version'] === version
    ? { ...ownRecipe, recipe: { ...RECIPE_MIGRATIONS[version](recipe), version: version + 1 } }
    : ownRecipe;
}

/** What is no cell at all is left to the schema to name. */
function withCell(document: Json, change: (cell: Json) => Json): Record<string, unknown> {
  const { cell } = document;
  return isRecord(cell) ? { ...document, cell: change(cell) } : { ...document };
}
