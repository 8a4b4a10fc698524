import * as z from 'zod/mini';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';

const string = z
  .number('Give the number of the string.')
  .check(
    z.int('Give the number of the string.'),
    z.minimum(1, 'Strings are counted from 1.'),
    z.maximum(MAX_CELLS),
  );
const cell = z
  .number('Give the number of the cell.')
  .check(
    z.int('Give the number of the cell.'),
    z.minimum(1, 'Cells are counted from 1.'),
    z.maximum(LONGEST_STRING),
  );

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
      built: cell.check(z.describe('How many cells stood in the string.')),
      beyond: z
        .optional(z.literal(true))
        .check(z.describe('Red beyond the lead that goes on from cell `to`, not on its + metal.')),
    })
    .check(
      z.describe(
        'Volts from the − metal of cell `from` to the + metal of `to`, nothing connected.',
      ),
    ),
  z
    .strictObject({ kind: z.literal('short'), string, built: cell })
    .check(z.describe('Current of the string through the meter, for a second or two.')),
  z
    .strictObject({ kind: z.literal('shorted-volts'), string, to: cell, built: cell })
    .check(z.describe('Volts across cells 1 to `to` while a lead joins the ends of the string.')),
  z
    .strictObject({ kind: z.literal('cell-volts'), string, cell })
    .check(z.describe('Volts of one cell alone, its clips taken off.')),
  z
    .strictObject({ kind: z.literal('cell-short'), string, cell })
    .check(z.describe('Current of one cell alone, its clips taken off, through the meter.')),
  z
    .strictObject({ kind: z.literal('volts-without'), string, cell, built: cell })
    .check(z.describe('Volts of the string with this cell lifted out and a lead in its place.')),
  z
    .strictObject({ kind: z.literal('battery-volts') })
    .check(z.describe('Volts of all strings joined.')),
  z
    .strictObject({ kind: z.literal('load-volts') })
    .check(z.describe('Volts across the device while it is connected.')),
  z.strictObject({ kind: z.literal('load-amps') }).check(z.describe('Current through the device.')),
  z
    .strictObject({ kind: z.literal('lights'), turned: z.boolean() })
    .check(z.describe('Whether the device runs; `turned`: after it was turned round.')),
]);
