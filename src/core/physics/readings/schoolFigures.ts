import { z } from 'zod';

const figure = (what: string, most: number) =>
  z.number(`Give ${what}.`).positive(`Give ${what} above zero.`).max(most);

/** What a school has read of such cells, weighed against the recipe’s range, as it was when the plan took it over. */
export const schoolFiguresSchema = z.strictObject({
  cells: z.number().int().min(1).max(100_000).describe('Cells that were read.'),
  lessons: z.number().int().min(1).max(10_000),
  openCircuitVolts: z.strictObject({
    mean: figure('volts', 5),
    deviation: figure('a deviation in volts', 5).describe('One standard deviation of one cell.'),
  }),
  shortCircuitAmps: z
    .strictObject({
      mean: figure('amperes', 10).describe('Of one usual pair of electrodes, without a meter.'),
      logDeviation: figure('a deviation', 5).describe(
        'One standard deviation of the natural logarithm, of one cell.',
      ),
    })
    .nullable()
    .describe('null: only volts were read.'),
});
export type SchoolFigures = z.infer<typeof schoolFiguresSchema>;
