import { z } from 'zod';
import { cellAmpsAt, type CellModel } from '../cell/cellModel';

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

/**
 * A recipe’s curve stretched so that it starts at other volts and ends at another current: its shape stays.
 * @param model the recipe’s typical cell, of any size.
 * @param usual the same with one usual pair.
 */
export function stretchedCell(
  model: CellModel,
  usual: CellModel,
  { openCircuitVolts, shortCircuitAmps }: SchoolFigures,
): CellModel {
  const volts = openCircuitVolts.mean / model.emfVolts;
  const amps = shortCircuitAmps === null ? 1 : shortCircuitAmps.mean / cellAmpsAt(usual, 0);
  const { activation, limitingAmps, concentrationVolts } = model;
  return {
    emfVolts: model.emfVolts * volts,
    resistanceOhms: (model.resistanceOhms * volts) / amps,
    activation:
      activation === undefined
        ? undefined
        : {
            slopeVolts: activation.slopeVolts * volts,
            exchangeAmps: activation.exchangeAmps * amps,
          },
    limitingAmps: limitingAmps === undefined ? undefined : limitingAmps * amps,
    concentrationVolts: concentrationVolts === undefined ? undefined : concentrationVolts * volts,
  };
}
