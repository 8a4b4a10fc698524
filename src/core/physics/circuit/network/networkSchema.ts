import * as z from 'zod/mini';
import { plainLine } from '../../../formats/plainLine';

const name = z
  .string()
  .check(z.overwrite(plainLine), z.minLength(1, 'Give it a name.'), z.maxLength(80));
const node = z.string().check(z.minLength(1, 'Name the node.'), z.maxLength(80));
const finite = z.number();
const positive = finite.check(z.positive('This must be greater than zero.'));
const notNegative = finite.check(z.nonnegative('This must not be negative.'));

const cell = z.strictObject({
  type: z.literal('cell'),
  name,
  plus: node,
  minus: node,
  emfVolts: finite,
  resistanceOhms: notNegative,
  activation: z
    .optional(z.strictObject({ slopeVolts: positive, exchangeAmps: positive }))
    .check(z.describe('Activation loss slopeVolts·ln(1 + I/exchangeAmps).')),
  limitingAmps: z
    .optional(positive)
    .check(z.describe('Current at which the concentration loss diverges.')),
  concentrationVolts: z
    .optional(positive)
    .check(z.describe('Concentration loss −concentrationVolts·ln(1 − I/limitingAmps).')),
});

const resistor = z.strictObject({
  type: z.literal('resistor'),
  name,
  a: node,
  b: node,
  resistanceOhms: notNegative,
});

const led = z.strictObject({
  type: z.literal('led'),
  name,
  anode: node,
  cathode: node,
  saturationAmps: positive,
  idealityFactor: positive,
  seriesOhms: notNegative,
});

const currentSource = z.strictObject({
  type: z.literal('currentSource'),
  name,
  from: node,
  to: node,
  amps: finite,
});

const ammeter = z.strictObject({ type: z.literal('ammeter'), name, a: node, b: node });

const bulb = z.strictObject({
  type: z.literal('bulb'),
  name,
  a: node,
  b: node,
  ratedVolts: positive,
  ratedAmps: positive,
});

const device = z.strictObject({
  type: z.literal('device'),
  name,
  plus: node,
  minus: node,
  amps: positive.check(z.describe('Current that it draws from leastVolts on.')),
  leastVolts: positive,
});

const capacitor = z.strictObject({
  type: z.literal('capacitor'),
  name,
  a: node,
  b: node,
  farads: positive,
  initialVolts: z._default(finite, 0),
});

/** One row of a network document; SI units stand in the key names. */
export const componentSchema = z
  .discriminatedUnion(
    'type',
    [cell, resistor, led, currentSource, ammeter, capacitor, bulb, device],
    {
      error:
        'The type must be cell, resistor, led, currentSource, ammeter, capacitor, bulb or device.',
    },
  )
  .check(
    z.superRefine((component, context) => {
      if (component.type !== 'cell') return;
      if ((component.limitingAmps === undefined) !== (component.concentrationVolts === undefined)) {
        context.addIssue({
          code: 'custom',
          path: [component.limitingAmps === undefined ? 'limitingAmps' : 'concentrationVolts'],
          message: 'limitingAmps and concentrationVolts belong together; give both or neither.',
        });
      }
    }),
  );

/** A circuit as a list of components between named nodes; node `"0"` is ground. */
export const networkSchema = z
  .strictObject({
    temperatureCelsius: z._default(finite.check(z.minimum(-40), z.maximum(120)), 25),
    components: z
      .array(componentSchema)
      .check(z.minLength(1, 'A network needs at least one component.')),
  })
  .check(
    z.superRefine((network, context) => {
      const seen = new Set<string>();
      network.components.forEach((component, index) => {
        if (seen.has(component.name)) {
          context.addIssue({
            code: 'custom',
            path: ['components', index, 'name'],
            message: `Two components are called “${component.name}”; names must differ.`,
          });
        }
        seen.add(component.name);
      });
    }),
  );

export type NetworkDocument = z.infer<typeof networkSchema>;
export type NetworkComponent = NetworkDocument['components'][number];
