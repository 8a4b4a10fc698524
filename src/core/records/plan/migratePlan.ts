import type { Migration, Migrations, VersionBefore } from '../../formats/migrateDocument';
import { isRecord, type Json } from '../../formats/json';
import type { PLAN_VERSION } from './planSchema';
import { RECIPE_MIGRATIONS, withSingleElectrodes } from '../../physics/recipes/migrateRecipe';

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
} satisfies Migrations & Record<VersionBefore<typeof PLAN_VERSION>, Migration>;

function cellOfVersion9({ size, ownRecipe, ...cell }: Json): Json {
  return {
    ...cell,
    size: withSingleElectrodes(size),
    ownRecipe: isRecord(ownRecipe)
      ? { ...ownRecipe, recipe: recipeOfVersion2(ownRecipe['recipe']) }
      : ownRecipe,
  };
}

function recipeOfVersion2(recipe: unknown): unknown {
  const migration = RECIPE_MIGRATIONS[1];
  return isRecord(recipe) && recipe['version'] === 1 && migration !== undefined
    ? { ...migration(recipe), version: 2 }
    : recipe;
}

/** What is no cell at all is left to the schema to name. */
function withCell(document: Json, change: (cell: Json) => Json): Record<string, unknown> {
  const { cell } = document;
  return isRecord(cell) ? { ...document, cell: change(cell) } : { ...document };
}
