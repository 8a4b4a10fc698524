import * as z from 'zod/mini';

const figure = (what: string, most: number) =>
  z.number(`Give ${what}.`).check(z.positive(`Give ${what} above zero.`), z.maximum(most));

/** What a school has read of such cells, weighed against the recipe’s range, as it was when the plan took it over. */
export const schoolFiguresSchema = z.strictObject({
  cells: z.int().check(z.minimum(1), z.maximum(100_000), z.describe('Cells that were read.')),
  lessons: z.int().check(z.minimum(1), z.maximum(10_000)),
  openCircuitVolts: z.strictObject({
    mean: figure('volts', 5),
    deviation: figure('a deviation in volts', 5).check(
      z.describe('One standard deviation of one cell.'),
    ),
  }),
  shortCircuitAmps: z
    .nullable(
      z.strictObject({
        mean: figure('amperes', 10).check(
          z.describe('Of one usual pair of electrodes, without a meter.'),
        ),
        logDeviation: figure('a deviation', 5).check(
          z.describe('One standard deviation of the natural logarithm, of one cell.'),
        ),
      }),
    )
    .check(z.describe('null: only volts were read.')),
});
export type SchoolFigures = z.infer<typeof schoolFiguresSchema>;
