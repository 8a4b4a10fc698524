import * as z from 'zod/mini';
import { CURRENT_RANGES } from './meter';

/** The least of a usual meter is 10 mΩ (10 A); far below it one over it is no number any more. */
const shunt = z
  .number('Give a resistance in ohms.')
  .check(
    z.minimum(1e-6, 'A shunt has at least 1 µΩ.'),
    z.maximum(100_000, 'A shunt has at most 100 kΩ.'),
  );

/** The educator's hand meter, as its leaflet or another meter says. */
export const classMeterSchema = z.strictObject({
  voltsOhms: z
    .number('Give a resistance in ohms.')
    .check(
      z.minimum(10_000, 'A voltmeter has at least 10 kΩ.'),
      z.maximum(1e9, 'Give at most 1 GΩ.'),
      z.describe('Resistance of the volts ranges, ohms.'),
    ),
  shuntOhms: z
    .record(z.enum(CURRENT_RANGES), shunt)
    .check(z.describe('Resistance of each current range.')),
});
