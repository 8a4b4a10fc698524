import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';
import { documentFormat, LONGEST_TITLE } from '../../formats/documentFormat';
import { LED_COLOURS } from '../../physics/circuit/load/ledPresets';

const FAIR_TEST_VERSION = 2;
export const FAIR_TEST_FORMAT = 'grozer-fair-test';

/** What can be varied, or kept the same. */
export const FACTORS = ['fruit', 'metals', 'electrolyte', 'gap', 'temperature', 'depth'] as const;
export type Factor = (typeof FACTORS)[number];

export const MEASURES = ['open-circuit-volts', 'short-circuit-amps', 'led-watts'] as const;
export type Measure = (typeof MEASURES)[number];

export const MAX_VARIANTS = 12;
export const MAX_REPEATS = 10;
/** Cells in series for the LED under which they are compared. */
export const MAX_LAMP_CELLS = 12;

const setting = z.string().check(z.overwrite(plainLine), z.maxLength(60));

const reading = z.strictObject({
  variant: z.string().check(z.minLength(1), z.maxLength(40), z.describe('Id of the variant.')),
  repeat: z.int().check(z.minimum(1), z.maximum(MAX_REPEATS), z.describe('Round, from 1.')),
  volts: z.nullable(
    z
      .number('Give a voltage in volts.')
      .check(z.minimum(-100, 'Give at least −100 V.'), z.maximum(100, 'Give at most 100 V.')),
  ),
  amps: z.nullable(
    z
      .number('Give a current in amperes.')
      .check(z.minimum(-20, 'Give at least −20 A.'), z.maximum(20, 'Give at most 20 A.')),
  ),
  changed: z
    .array(z.strictObject({ factor: z.enum(FACTORS), setting }))
    .check(
      z.maxLength(FACTORS.length),
      z.describe(
        'Kept factors that were different for this reading, and how; empty: nobody said how.',
      ),
    ),
});

/** A comparison in which one thing is varied and everything else is kept. */
export const fairTestSchema = z
  .strictObject({
    format: z.literal(FAIR_TEST_FORMAT, 'This is not a Grozer fair test.'),
    version: z.literal(FAIR_TEST_VERSION),
    title: z
      .string('Give the fair test a title.')
      .check(
        z.overwrite(plainLine),
        z.minLength(1, 'Give the fair test a title.'),
        z.maxLength(LONGEST_TITLE, `The title can have at most ${LONGEST_TITLE} characters.`),
      ),
    factor: z.enum(FACTORS, 'Choose what is varied.'),
    measure: z.enum(MEASURES, 'Choose what is ranked.'),
    lamp: z
      .strictObject({
        colour: z.enum(LED_COLOURS, 'Choose a colour.'),
        cells: z.nullable(z.int().check(z.minimum(1), z.maximum(MAX_LAMP_CELLS))),
      })
      .check(
        z.describe(
          'LED under which power is compared, and cells in series; null: as many as all need.',
        ),
      ),
    outliers: z
      .enum(['apart', 'counted'])
      .check(z.describe('Whether readings far from the others are set apart from the means.')),
    kept: z
      .strictObject(
        Object.fromEntries(FACTORS.map((factor) => [factor, setting])) as Record<
          Factor,
          typeof setting
        >,
      )
      .check(z.describe('How each other factor is kept; that of the varied one is of no account.')),
    variants: z
      .array(
        z.strictObject({
          id: z.string().check(z.minLength(1), z.maxLength(40)),
          name: z
            .string()
            .check(z.overwrite(plainLine), z.minLength(1, 'Give a name.'), z.maxLength(60)),
        }),
      )
      .check(z.maxLength(MAX_VARIANTS, `There can be at most ${MAX_VARIANTS}.`)),
    repeats: z
      .number('Give a whole number.')
      .check(
        z.int('Give a whole number.'),
        z.minimum(1, 'There must be at least one.'),
        z.maximum(MAX_REPEATS, `There can be at most ${MAX_REPEATS}.`),
      ),
    seed: z.int().check(z.describe('Makes the random order repeatable.')),
    readings: z.array(reading).check(z.maxLength(MAX_VARIANTS * MAX_REPEATS)),
  })
  .check(
    z.superRefine(({ variants, readings }, context) => {
      variants.forEach(({ id, name }, index) => {
        const twice = (same: (one: { id: string; name: string }) => boolean): boolean =>
          variants.findIndex(same) < index;
        if (twice((one) => one.id === id || one.name.toLowerCase() === name.toLowerCase())) {
          context.addIssue({
            code: 'custom',
            path: ['variants', index, 'name'],
            message: `“${name}” is there already.`,
          });
        }
      });
      const seen = new Set<string>();
      readings.forEach(({ variant, repeat }, index) => {
        const key = `${variant} ${repeat}`;
        if (seen.has(key)) {
          context.addIssue({
            code: 'custom',
            path: ['readings', index],
            message: 'This was already read once in this round.',
          });
        }
        seen.add(key);
      });
    }),
  );

export type FairTest = z.infer<typeof fairTestSchema>;
export type FairTestReading = FairTest['readings'][number];

const NOTHING_KEPT = Object.fromEntries(FACTORS.map((factor) => [factor, ''])) as Record<
  Factor,
  string
>;

const ADDED_IN_2 = {
  lamp: { colour: 'red', cells: null },
  outliers: 'apart',
} as const satisfies Partial<FairTest>;

/** Fair tests as documents. A copy keeps the plan and leaves the readings behind. */
export const FAIR_TEST_DOCUMENT = documentFormat<FairTest>({
  noun: 'fair test',
  version: FAIR_TEST_VERSION,
  schema: fairTestSchema,
  migrations: { 1: (before) => ({ ...before, version: 2, ...ADDED_IN_2 }) },
  fresh: (title) => ({
    format: FAIR_TEST_FORMAT,
    version: FAIR_TEST_VERSION,
    title,
    factor: 'fruit',
    measure: 'open-circuit-volts',
    ...ADDED_IN_2,
    kept: NOTHING_KEPT,
    variants: [],
    repeats: 3,
    seed: 1,
    readings: [],
  }),
  copied: (test) => ({ ...test, readings: [] }),
});
