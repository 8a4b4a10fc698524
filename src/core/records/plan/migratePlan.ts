import type { Migrations } from '../../formats/migrateDocument';
import { RECIPE_MIGRATIONS, withSingleElectrodes } from '../../physics/recipes/migrateRecipe';

/** Written out, so that it stays what version 5 had when later versions change. */
const LESSON_OF_VERSION_5 = {
  pupils: 30,
  groups: 6,
  meters: 1,
  ageBand: '11-to-13',
  minutes: 45,
  startsAt: '10:00',
  spares: 'one-in-six',
  hands: 1,
  mostWaitMinutes: 8,
  workingHours: { from: '08:00', to: '17:00' },
  separatorSchool: 'same',
  swapped: [],
  paper: 'A4',
  moved: {},
  ticked: [],
  joinCode: null,
};

/** Written out for the same reason. */
const RUNNING_OF_VERSION_7 = { wrap: null, humidity: 0.5, celsius: 20 };

/** The classroom meter that older versions took for granted. */
const METER_OF_VERSION_9 = {
  voltsOhms: 10e6,
  shuntOhms: { '200 µA': 1000, '2 mA': 100, '20 mA': 10, '200 mA': 1, '10 A': 0.01 },
};

/** And for this. */
const RUNNING_OF_VERSION_8 = {
  fromDry: false,
  turns: { onSeconds: 300, restSeconds: 600 },
  shortSeconds: 60,
  bank: { farads: 0.01, ratedVolts: 16, inSeries: 1, inParallel: 1, dischargeOhms: 100 },
};

/** What a separator of each size stood out by, millimetres, when there were three of them. */
const OVERHANG_OF_VERSION_9: Readonly<Record<string, number>> = { smaller: -1, same: 0, larger: 2 };

/**
 * 10 → 11: groups predict before they measure; what the school has learned of such cells.
 * 9 → 10: cut fruit, the overhang of separators by the millimetre, parts that it must be made from, shared meters and shorter ways.
 * 8 → 9: single electrodes beside the pairs, a resistor in series, a meter of one's own; own recipes became version 2.
 * 7 → 8: use in turns, shorts, a capacitor bank; wishes.
 * 1 → 2: the cell got a size of its own; older plans have the recipe's usual one.
 * 3 → 4: arrangements laid out by hand; nothing to change.
 * 4 → 5: the class that it is prepared for.
 * 6 → 7: how it is left running.
 * 5 → 6: readings left the plan for the log (`readingsOfOldPlan` finds them in an old file).
 * 2 → 3: own recipes, and more than two readings of the built cell. Two readings were used whatever they said, so they
 * count as kept.
 */
export const PLAN_MIGRATIONS: Migrations = {
  1: (document) => withCell(document, (cell) => ({ ...cell, size: null })),
  3: (document) => ({ ...document }),
  8: (document) => ({
    ...withCell(document, cellOfVersion9),
    seriesResistor: { kind: 'as-needed' },
    meter: METER_OF_VERSION_9,
    lesson: isRecord(document['lesson'])
      ? { buyStrings: null, ...document['lesson'] }
      : document['lesson'],
  }),
  9: toVersion10,
  10: ({ lesson, ...document }) => ({
    ...withCell(document, (cell) => ({ ...cell, school: null })),
    lesson: isRecord(lesson) ? { ...lesson, predict: true } : lesson,
  }),
  6: (document) => ({ ...document, running: RUNNING_OF_VERSION_7 }),
  7: ({ running, ...document }) => ({
    ...document,
    running: isRecord(running) ? { ...running, ...RUNNING_OF_VERSION_8 } : running,
    wishes: [],
  }),
  5: ({ readings: _moved, ...document }) => ({ ...document }),
  4: (document) => ({ ...document, lesson: LESSON_OF_VERSION_5 }),
  2: (document) =>
    withCell(document, ({ own, ...cell }) => ({
      ...cell,
      ownRecipe: null,
      own: isRecord(own) ? readingsOfTwo(own) : own,
    })),
};

function toVersion10({ lesson, ...document }: Json): Record<string, unknown> {
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
}

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

function readingsOfTwo({ openCircuitVolts, shortCircuitAmps, meterRange, ...rest }: Json): Json {
  return {
    ...rest,
    openCircuitVolts,
    shortCircuit: { amps: shortCircuitAmps, meterRange, secondsAfter: null },
    loaded: [],
    kept: true,
  };
}

type Json = Readonly<Record<string, unknown>>;

function isRecord(value: unknown): value is Json {
  return typeof value === 'object' && value !== null;
}

/** What is no cell at all is left to the schema to name. */
function withCell(document: Json, change: (cell: Json) => Json): Record<string, unknown> {
  const { cell } = document;
  return isRecord(cell) ? { ...document, cell: change(cell) } : { ...document };
}
