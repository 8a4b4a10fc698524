import { z } from 'zod';
import { plainLine } from '../../../formats/plainLine';

const name = z.string().overwrite(plainLine).min(1, 'Give it a name.').max(80);
const node = z.string().min(1, 'Name the node.').max(80);
const finite = z.number('This must be a number.');
const positive = finite.positive('This must be greater than zero.');
const notNegative = finite.nonnegative('This must not be negative.');

const cell = z.strictObject({
  type: z.literal('cell'),
  name,
  plus: node,
  minus: node,
  emfVolts: finite,
  resistanceOhms: notNegative,
  activation: z
    .strictObject({ slopeVolts: positive, exchangeAmps: positive })
    .optional()
    .describe('Activation loss slopeVolts·ln(1 + I/exchangeAmps).'),
  limitingAmps: positive.optional().describe('Current at which the concentration loss diverges.'),
  concentrationVolts: positive
    .optional()
    .describe('Concentration loss −concentrationVolts·ln(1 − I/limitingAmps).'),
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
  amps: positive.describe('Current that it draws from leastVolts on.'),
  leastVolts: positive,
});

const capacitor = z.strictObject({
  type: z.literal('capacitor'),
  name,
  a: node,
  b: node,
  farads: positive,
  initialVolts: finite.default(0),
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
  .superRefine((component, context) => {
    if (component.type !== 'cell') return;
    if ((component.limitingAmps === undefined) !== (component.concentrationVolts === undefined)) {
      context.addIssue({
        code: 'custom',
        path: [component.limitingAmps === undefined ? 'limitingAmps' : 'concentrationVolts'],
        message: 'limitingAmps and concentrationVolts belong together; give both or neither.',
      });
    }
  });

/** A circuit as a list of components between named nodes; node `"0"` is ground. */
export const networkSchema = z
  .strictObject({
    temperatureCelsius: finite.min(-40).max(120).default(25),
    components: z.array(componentSchema).min(1, 'A network needs at least one component.'),
  })
  .superRefine((network, context) => {
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
  });

export type NetworkDocument = z.infer<typeof networkSchema>;
export type NetworkComponent = NetworkDocument['components'][number];
