import { WRAPS } from '@/core/physics/time/ageingCell';
import { FAMILY_IDS } from '@/core/physics/recipes/recipe';
import { CHANCE_DEFAULTS } from '@/core/work/search/chanceInTime';
import * as z from 'zod/mini';
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

const positive = z.number().check(z.positive('This must be greater than zero.'));
const notNegative = z.number().check(z.nonnegative('This must not be negative.'));
const count = (most: number) => z.int('Give a whole number.').check(z.minimum(1), z.maximum(most));
const target = planSchema.shape.target;

/** One cell as the core's model of it. */
const cellSchema = z
  .strictObject({
    emfVolts: z.number(),
    resistanceOhms: notNegative,
    activation: z.optional(z.strictObject({ slopeVolts: positive, exchangeAmps: positive })),
    limitingAmps: z.optional(positive),
    concentrationVolts: z.optional(positive),
  })
  .check(
    z.refine(
      (cell) => (cell.limitingAmps === undefined) === (cell.concentrationVolts === undefined),
      {
        path: ['limitingAmps'],
        message: 'limitingAmps and concentrationVolts belong together; give both or neither.',
      },
    ),
  );

const grid = {
  cellsInSeries: count(MAX_CELLS),
  strings: count(MAX_CELLS),
};

const MAX_SAMPLES = 5000;
const THIRTY_DAYS = 30 * 86400;
const atSeconds = z
  .array(notNegative.check(z.maximum(THIRTY_DAYS, 'At most 30 days.')))
  .check(
    z.minLength(1, 'Name at least one time.'),
    z.maxLength(MAX_SAMPLES),
    z.describe('Times at which the state is wanted, seconds.'),
  );

/** Input of `grozer simulate`: a network with capacitors, or a battery running down. */
export const simulateSchema = z.union([
  z.strictObject({ network: networkSchema, atSeconds }),
  z.strictObject({
    discharge: z.strictObject({
      family: z.enum(FAMILY_IDS, 'This family is not known.'),
      pairsPerBody: z._default(count(20), 1),
      ...grid,
      target,
      seriesResistorOhms: z
        ._default(z.nullable(positive), null)
        .check(z.describe('Resistor in series with the load.')),
      wrap: z
        ._default(z.nullable(z.enum(WRAPS)), null)
        .check(
          z.describe(
            'How the wet rims are covered, where the cell may be covered so; null: as is usual.',
          ),
        ),
      humidity: z._default(z.number().check(z.minimum(0), z.maximum(1)), 0.5),
      celsius: z._default(z.number().check(z.minimum(0), z.maximum(60)), 20),
      leastAmps: z
        ._default(notNegative, 0)
        .check(z.describe('The run is over below this current.')),
    }),
    atSeconds,
  }),
]);

/** Input of `grozer plan`. */
export const planRequestSchema = z.strictObject({
  target: target.check(z.describe('What to power.')),
  families: z._default(z.array(z.enum(FAMILY_IDS)).check(z.minLength(1)), [...FAMILY_IDS]),
  minutes: z
    ._default(planSchema.shape.minutes, USUAL_MINUTES)
    .check(z.describe('How long it must run; judged at the worse of its beginning and its end.')),
  objective: z
    ._default(z.enum(OBJECTIVES), 'least-to-buy')
    .check(
      z.describe(
        'What comes first of all that is recommended; least-to-buy: the lowest price where all prices are known, else the fewest bodies, then pairs, then leads.',
      ),
    ),
  mostCells: z._default(count(MAX_CELLS), PLANNER_DEFAULTS.mostCells),
  mostPairs: z._default(count(20), PLANNER_DEFAULTS.mostPairs),
  mayCut: z
    ._default(z.boolean(), PLANNER_DEFAULTS.mayCut)
    .check(z.describe('Whether fruit may be cut into halves and quarters.')),
  mostPrice: z._default(z.nullable(positive), null),
  mostCandidates: z._default(count(100), PLANNER_DEFAULTS.mostCandidates),
});

/** Input of `grozer have`. */
export const haveRequestSchema = z.strictObject({
  parts: haveSchema.check(
    z.describe('So many of each part; a part that is not named is not there.'),
  ),
  minutes: z
    ._default(planSchema.shape.minutes, USUAL_MINUTES)
    .check(z.describe('How long it must run.')),
  objective: z
    ._default(z.enum(OBJECTIVES), 'least-to-buy')
    .check(
      z.describe(
        'Which battery is taken for each thing; least-to-buy: the fewest bodies, then pairs, then leads.',
      ),
    ),
});

/** Input of `grozer prepare`. */
export const prepareRequestSchema = z.strictObject({
  plan: z
    .record(z.string(), z.unknown())
    .check(z.describe('A plan document of any version; see plan.schema.json.')),
  cupboard: z
    ._default(cupboardSchema, EMPTY_CUPBOARD)
    .check(z.describe('Stock, prices and days without school.')),
  today: z
    .union([z.iso.date(), z.iso.datetime({ local: true, offset: false })], {
      error: 'Give the day as year-month-day, or with its local time.',
    })
    .check(z.describe('Now, on the clock of the school: nothing is planned before it.')),
});

/** Input of `grozer chance`. */
export const chanceRequestSchema = z.strictObject({
  cell: cellSchema,
  ...grid,
  target,
  classes: z._default(count(1_000_000), CHANCE_DEFAULTS.classes),
  seed: z._default(z.int(), CHANCE_DEFAULTS.seed),
  certainty: z
    ._default(z.number().check(z.minimum(0.5), z.maximum(0.9999)), 0.95)
    .check(z.describe('For the spare cells.')),
});

/** Input of `grozer diagnose`: a plan or a battery, and what was read of it. */
export const diagnoseRequestSchema = z
  .strictObject({
    plan: z
      .optional(z.unknown())
      .check(z.describe('A plan document (plan.schema.json), of any version.')),
    battery: z.optional(
      z
        .strictObject({
          cell: cellSchema.check(z.describe('One cell as it is meant.')),
          ...grid,
          stands: z
            ._default(z.enum(['bodies', 'pile', 'other']), 'bodies')
            .check(
              z.describe(
                'Cells in bodies that could be shared, in a pile that can leak, or neither.',
              ),
            ),
          measured: z
            ._default(z.boolean(), true)
            .check(z.describe('The cell was measured; otherwise its figures are typical ones.')),
          load: target,
        })
        .check(
          z.refine(({ cellsInSeries, strings }) => cellsInSeries * strings <= MAX_CELLS, {
            path: ['strings'],
            message: `A battery can have at most ${MAX_CELLS} cells.`,
          }),
        ),
    ),
    readings: z
      .array(
        z.strictObject({
          measurement: measurementSchema,
          value: z
            .number('Give the value read.')
            .check(z.describe('Volts or amperes; for light 1 (it runs) or 0.')),
          range: z._default(z.nullable(z.enum([...VOLT_RANGES, ...CURRENT_RANGES])), null),
          confirmed: z
            ._default(z.boolean(), false)
            .check(z.describe('Read twice, and the same both times.')),
        }),
      )
      .check(z.minLength(1, 'Give at least one reading.'), z.maxLength(400)),
  })
  .check(
    z.refine(({ plan, battery }) => (plan === undefined) !== (battery === undefined), {
      path: ['battery'],
      message: 'Give either a plan or a battery.',
    }),
  );

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
            ohms: positive.check(z.describe('Known resistor across the cell.')),
          }),
        ]),
      )
      .check(z.minLength(1)),
  }),
]);
