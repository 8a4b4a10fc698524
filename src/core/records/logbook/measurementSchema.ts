import { z } from 'zod';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';

const string = z
  .number('Give the number of the string.')
  .int('Give the number of the string.')
  .min(1, 'Strings are counted from 1.')
  .max(MAX_CELLS);
const cell = z
  .number('Give the number of the cell.')
  .int('Give the number of the cell.')
  .min(1, 'Cells are counted from 1.')
  .max(LONGEST_STRING);

/**
 * What the probes were put to. Cells of a string are counted from its − end; a group of cells side by side counts as
 * one. Volts are read red on the + side, black on the − side.
 */
export const measurementSchema = z.discriminatedUnion('kind', [
  z
    .strictObject({
      kind: z.literal('volts'),
      string,
      from: cell,
      to: cell,
      built: cell.describe('How many cells stood in the string.'),
      beyond: z
        .literal(true)
        .optional()
        .describe('Red beyond the lead that goes on from cell `to`, not on its + metal.'),
    })
    .describe('Volts from the − metal of cell `from` to the + metal of `to`, nothing connected.'),
  z
    .strictObject({ kind: z.literal('short'), string, built: cell })
    .describe('Current of the string through the meter, for a second or two.'),
  z
    .strictObject({ kind: z.literal('shorted-volts'), string, to: cell, built: cell })
    .describe('Volts across cells 1 to `to` while a lead joins the ends of the string.'),
  z
    .strictObject({ kind: z.literal('cell-volts'), string, cell })
    .describe('Volts of one cell alone, its clips taken off.'),
  z
    .strictObject({ kind: z.literal('cell-short'), string, cell })
    .describe('Current of one cell alone, its clips taken off, through the meter.'),
  z
    .strictObject({ kind: z.literal('volts-without'), string, cell, built: cell })
    .describe('Volts of the string with this cell lifted out and a lead in its place.'),
  z.strictObject({ kind: z.literal('battery-volts') }).describe('Volts of all strings joined.'),
  z
    .strictObject({ kind: z.literal('load-volts') })
    .describe('Volts across the device while it is connected.'),
  z.strictObject({ kind: z.literal('load-amps') }).describe('Current through the device.'),
  z
    .strictObject({ kind: z.literal('lights'), turned: z.boolean() })
    .describe('Whether the device runs; `turned`: after it was turned round.'),
]);
