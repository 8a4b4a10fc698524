import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';

const positive = (what: string, most: number, unit: string) =>
  z
    .number(`Give ${what}.`)
    .check(
      z.positive(`${what.charAt(0).toUpperCase()}${what.slice(1)} must be greater than zero.`),
      z.maximum(most, `Give at most ${most} ${unit}.`),
    );

const name = z
  .string()
  .check(
    z.overwrite(plainLine),
    z.minLength(1, 'Say what it is.'),
    z.maxLength(60, 'A wish can have at most 60 characters.'),
  );

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
    .check(z.describe('Run something that takes so many volts and amps, for so long.')),
  z
    .strictObject({
      kind: z.literal('pulse'),
      name,
      volts: positive('the volts', 1000, 'V'),
      farads: positive('the capacitance', 1000, 'F'),
    })
    .check(z.describe('One pulse out of capacitors that the cells charge to so many volts.')),
]);
export type Wish = Readonly<z.infer<typeof wishSchema>>;

export const MAX_WISHES = 20;
export const wishesSchema = z
  .array(wishSchema)
  .check(z.maxLength(MAX_WISHES, `A plan keeps at most ${MAX_WISHES} wishes.`));
