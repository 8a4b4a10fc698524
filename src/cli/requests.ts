import { WRAPS } from '@/core/physics/time/ageingCell';
import { FAMILY_IDS } from '@/core/physics/recipes/recipe';
import { CHANCE_DEFAULTS } from '@/core/work/search/chanceInTime';
import { z } from 'zod';
import { networkSchema } from '../core/physics/circuit/network/networkSchema';
import { CURRENT_RANGES, VOLT_RANGES } from '../core/physics/instruments/meter';
import { measurementSchema } from '../core/records/logbook/measurementSchema';
import { MAX_CELLS } from '../core/physics/desk/limits';
import { USUAL_MINUTES } from '../core/records/plan/newPlan';
import { cupboardSchema, EMPTY_CUPBOARD } from '../core/records/cupboard/cupboardSchema';
import { haveSchema } from '../core/records/plan/haveSchema';
import { planSchema } from '../core/records/plan/planSchema';
import { OBJECTIVES } from '../core/work/search/plannerTypes';
import { PLANNER_DEFAULTS } from '../core/work/search/planBatteries';

const positive = z.number('This must be a number.').positive('This must be greater than zero.');
const notNegative = z.number('This must be a number.').nonnegative('This must not be negative.');
const count = (most: number) => z.int('Give a whole number.').min(1).max(most);
const target = planSchema.shape.target;

/** One cell as the core's model of it. */
const cellSchema = z
  .strictObject({
    emfVolts: z.number('This must be a number.'),
    resistanceOhms: notNegative,
    activation: z.strictObject({ slopeVolts: positive, exchangeAmps: positive }).optional(),
    limitingAmps: positive.optional(),
    concentrationVolts: positive.optional(),
  })
  .refine((cell) => (cell.limitingAmps === undefined) === (cell.concentrationVolts === undefined), {
    path: ['limitingAmps'],
    message: 'limitingAmps and concentrationVolts belong together; give both or neither.',
  });

const grid = {
  cellsInSeries: count(MAX_CELLS),
  strings: count(MAX_CELLS),
};

const MAX_SAMPLES = 5000;
const THIRTY_DAYS = 30 * 86400;
const atSeconds = z
  .array(notNegative.max(THIRTY_DAYS, 'At most 30 days.'))
  .min(1, 'Name at least one time.')
  .max(MAX_SAMPLES)
  .describe('Times at which the state is wanted, seconds.');

/** Input of `grozer simulate`: a network with capacitors, or a battery running down. */
export const simulateSchema = z.union([
  z.strictObject({ network: networkSchema, atSeconds }),
  z.strictObject({
    discharge: z.strictObject({
      family: z.enum(FAMILY_IDS, 'This family is not known.'),
      pairsPerBody: count(20).default(1),
      ...grid,
      target,
      seriesResistorOhms: positive
        .nullable()
        .default(null)
        .describe('Resistor in series with the load.'),
      wrap: z
        .enum(WRAPS)
        .nullable()
        .default(null)
        .describe(
          'How the wet rims are covered, where the cell may be covered so; null: as is usual.',
        ),
      humidity: z.number().min(0).max(1).default(0.5),
      celsius: z.number().min(0).max(60).default(20),
      leastAmps: notNegative.default(0).describe('The run is over below this current.'),
    }),
    atSeconds,
  }),
]);

/** Input of `grozer plan`. */
export const planRequestSchema = z.strictObject({
  target: target.describe('What to power.'),
  families: z
    .array(z.enum(FAMILY_IDS))
    .min(1)
    .default([...FAMILY_IDS]),
  minutes: planSchema.shape.minutes
    .default(USUAL_MINUTES)
    .describe('How long it must run; judged at the worse of its beginning and its end.'),
  objective: z
    .enum(OBJECTIVES)
    .default('least-to-buy')
    .describe(
      'What comes first of all that is recommended; least-to-buy: the lowest price where all prices are known, else the fewest bodies, then pairs, then leads.',
    ),
  mostCells: count(MAX_CELLS).default(PLANNER_DEFAULTS.mostCells),
  mostPairs: count(20).default(PLANNER_DEFAULTS.mostPairs),
  mayCut: z
    .boolean()
    .default(PLANNER_DEFAULTS.mayCut)
    .describe('Whether fruit may be cut into halves and quarters.'),
  mostPrice: positive.nullable().default(null),
  mostCandidates: count(100).default(PLANNER_DEFAULTS.mostCandidates),
});

/** Input of `grozer have`. */
export const haveRequestSchema = z.strictObject({
  parts: haveSchema.describe('So many of each part; a part that is not named is not there.'),
  minutes: planSchema.shape.minutes.default(USUAL_MINUTES).describe('How long it must run.'),
  objective: z
    .enum(OBJECTIVES)
    .default('least-to-buy')
    .describe(
      'Which battery is taken for each thing; least-to-buy: the fewest bodies, then pairs, then leads.',
    ),
});

/** Input of `grozer prepare`. */
export const prepareRequestSchema = z.strictObject({
  plan: z
    .record(z.string(), z.unknown())
    .describe('A plan document of any version; see plan.schema.json.'),
  cupboard: cupboardSchema
    .default(EMPTY_CUPBOARD)
    .describe('Stock, prices and days without school.'),
  today: z
    .union([z.iso.date(), z.iso.datetime({ local: true, offset: false })], {
      error: 'Give the day as year-month-day, or with its local time.',
    })
    .describe('Now, on the clock of the school: nothing is planned before it.'),
});

/** Input of `grozer chance`. */
export const chanceRequestSchema = z.strictObject({
  cell: cellSchema,
  ...grid,
  target,
  classes: count(1_000_000).default(CHANCE_DEFAULTS.classes),
  seed: z.int().default(CHANCE_DEFAULTS.seed),
  certainty: z.number().min(0.5).max(0.9999).default(0.95).describe('For the spare cells.'),
});

/** Input of `grozer diagnose`: a plan or a battery, and what was read of it. */
export const diagnoseRequestSchema = z
  .strictObject({
    plan: z.unknown().optional().describe('A plan document (plan.schema.json), of any version.'),
    battery: z
      .strictObject({
        cell: cellSchema.describe('One cell as it is meant.'),
        ...grid,
        stands: z
          .enum(['bodies', 'pile', 'other'])
          .default('bodies')
          .describe('Cells in bodies that could be shared, in a pile that can leak, or neither.'),
        measured: z
          .boolean()
          .default(true)
          .describe('The cell was measured; otherwise its figures are typical ones.'),
        load: target,
      })
      .refine(({ cellsInSeries, strings }) => cellsInSeries * strings <= MAX_CELLS, {
        path: ['strings'],
        message: `A battery can have at most ${MAX_CELLS} cells.`,
      })
      .optional(),
    readings: z
      .array(
        z.strictObject({
          measurement: measurementSchema,
          value: z
            .number('Give the value read.')
            .describe('Volts or amperes; for light 1 (it runs) or 0.'),
          range: z
            .enum([...VOLT_RANGES, ...CURRENT_RANGES])
            .nullable()
            .default(null),
          confirmed: z.boolean().default(false).describe('Read twice, and the same both times.'),
        }),
      )
      .min(1, 'Give at least one reading.')
      .max(400),
  })
  .refine(({ plan, battery }) => (plan === undefined) !== (battery === undefined), {
    path: ['battery'],
    message: 'Give either a plan or a battery.',
  });

/** Input of `grozer fit`: the two readings of one cell, or loaded points. */
export const fitRequestSchema = z.union([
  z.strictObject({
    openVolts: positive,
    shortAmps: positive,
    meterRange: z.enum(CURRENT_RANGES, 'Choose one of the meter’s ranges.'),
  }),
  z.strictObject({
    points: z
      .array(
        z.union([
          z.strictObject({ volts: z.number(), amps: notNegative }),
          z.strictObject({
            volts: z.number(),
            ohms: positive.describe('Known resistor across the cell.'),
          }),
        ]),
      )
      .min(1),
  }),
]);
