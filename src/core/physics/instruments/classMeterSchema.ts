import { z } from 'zod';
import { CURRENT_RANGES } from './meter';

/** The least of a usual meter is 10 mΩ (10 A); far below it one over it is no number any more. */
const shunt = z
  .number('Give a resistance in ohms.')
  .min(1e-6, 'A shunt has at least 1 µΩ.')
  .max(100_000, 'A shunt has at most 100 kΩ.');

/** The educator's hand meter, as its leaflet or another meter says. */
export const classMeterSchema = z.strictObject({
  voltsOhms: z
    .number('Give a resistance in ohms.')
    .min(10_000, 'A voltmeter has at least 10 kΩ.')
    .max(1e9, 'Give at most 1 GΩ.')
    .describe('Resistance of the volts ranges, ohms.'),
  shuntOhms: z.record(z.enum(CURRENT_RANGES), shunt).describe('Resistance of each current range.'),
});
