import * as z from 'zod/mini';
import { METER_PORT } from './scpi';

/** Where the bench meter listens. */
export const meterSettingsSchema = z.strictObject({
  host: z
    .string('Give the meter’s address.')
    .check(
      z.trim(),
      z.regex(
        /^[a-z0-9]([a-z0-9.:-]{0,251}[a-z0-9])?$/i,
        'Give a name or an address like 127.0.0.1.',
      ),
    ),
  port: z
    .number('Give the port as a whole number.')
    .check(
      z.int('Give the port as a whole number.'),
      z.minimum(1, 'Ports begin at 1.'),
      z.maximum(65_535, 'Ports end at 65535.'),
    ),
  inUse: z
    ._default(z.boolean(), false)
    .check(
      z.describe('Readings are taken from it over the network; otherwise a hand meter is read.'),
    ),
});
export type MeterSettings = z.infer<typeof meterSettingsSchema>;

/** The stand-in on this machine. */
export const USUAL_METER: MeterSettings = { host: '127.0.0.1', port: METER_PORT, inUse: false };
