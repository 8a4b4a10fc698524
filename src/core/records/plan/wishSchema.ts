import { z } from 'zod';
import { plainLine } from '../../formats/plainLine';

const positive = (what: string, most: number, unit: string) =>
  z
    .number(`Give ${what}.`)
    .positive(`${what.charAt(0).toUpperCase()}${what.slice(1)} must be greater than zero.`)
    .max(most, `Give at most ${most} ${unit}.`);

const name = z
  .string()
  .overwrite(plainLine)
  .min(1, 'Say what it is.')
  .max(60, 'A wish can have at most 60 characters.');

/** Something that cells are asked to do. */
export const wishSchema = z.discriminatedUnion('kind', [
  z
    .strictObject({
      kind: z.literal('run'),
      name,
      volts: positive('the volts', 1e6, 'V'),
      amps: positive('the amps', 1e6, 'A'),
      seconds: positive('the time', 1e9, 's'),
    })
    .describe('Run something that takes so many volts and amps, for so long.'),
  z
    .strictObject({
      kind: z.literal('pulse'),
      name,
      volts: positive('the volts', 1000, 'V'),
      farads: positive('the capacitance', 1000, 'F'),
    })
    .describe('One pulse out of capacitors that the cells charge to so many volts.'),
]);
export type Wish = Readonly<z.infer<typeof wishSchema>>;

export const MAX_WISHES = 20;
export const wishesSchema = z
  .array(wishSchema)
  .max(MAX_WISHES, `A plan keeps at most ${MAX_WISHES} wishes.`);
