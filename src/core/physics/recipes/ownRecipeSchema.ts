import { MATERIALS } from '../cell/metals';
import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';
import { LONGEST_TITLE } from '../../formats/documentFormat';
import { CAUTION_IDS } from '../safety/cautions';
import { electrodeSizeSchema } from '../cell/electrodeSizeSchema';
import { CELL_LOOKS, RECIPE_IDS } from './recipe';

/** Version that this build writes. */
export const RECIPE_VERSION = 3;
export const RECIPE_FORMAT = 'grozer-recipe';

const words = (what: string, most: number) =>
  z
    .string(`Give ${what}.`)
    .check(z.overwrite(plainLine), z.minLength(1, `Give ${what}.`), z.maxLength(most));
const volts = z
  .number('Give a voltage in volts.')
  .check(
    z.positive('The voltage must be greater than zero.'),
    z.maximum(5, 'One cell gives at most 5 V.'),
  );
const amps = z
  .number('Give a current in amperes.')
  .check(
    z.positive('The current must be greater than zero.'),
    z.maximum(20, 'One cell gives at most 20 A.'),
  );
const share = z
  .number('Give a number.')
  .check(
    z.minimum(0.001, 'The share must be at least 0.001.'),
    z.maximum(1000, 'The share must be at most 1000.'),
  );

const electrode = z.strictObject({
  material: z.enum(MATERIALS, 'Choose one of the metals.'),
  part: words('the part that is used', 80),
});

const cellBody = z.strictObject({
  id: words('an id', 40),
  name: words('a name', 60),
  plural: words('the plural', 60),
  openVolts: z
    .nullable(volts)
    .check(z.describe('Open-circuit volts with this body; null: as the recipe.')),
  resistivityShare: share.check(z.describe('Resistivity against the recipe’s; 1: the same.')),
  reactionShare: share.check(
    z.describe('Resistance of the electrode reactions against the recipe’s; 1: the same.'),
  ),
});

const range = (low: z.ZodMiniType<number>, high: z.ZodMiniType<number>) => ({ low, high });

/** A recipe of the educator’s own: begun from one that ships, with the physics of its family. */
export const ownRecipeSchema = z
  .strictObject({
    format: z.literal(RECIPE_FORMAT, 'This is not a Grozer recipe.'),
    version: z.literal(RECIPE_VERSION),
    title: words('a name for the recipe', LONGEST_TITLE),
    startsFrom: z
      .enum(RECIPE_IDS, 'This recipe is not known.')
      .check(z.describe('Shipped recipe whose physics, gating and cautions it keeps.')),
    look: z.enum(CELL_LOOKS, 'Choose how it stands on the desk.'),
    plus: electrode,
    minus: electrode,
    bodyLabel: words('what the choice of bodies is called', 40),
    bodies: z
      .array(cellBody)
      .check(z.minLength(1, 'There must be at least one body.'), z.maxLength(20)),
    separator: z.nullable(words('the separator', 80)),
    usualSize: electrodeSizeSchema,
    openVolts: z.strictObject(range(volts, volts)),
    shortAmps: z.strictObject(range(amps, amps)),
    source: words('where the readings come from', 160),
    minutesToBuild: z
      .number('Give a time in minutes.')
      .check(
        z.positive('The time must be greater than zero.'),
        z.maximum(240, 'The time must be at most four hours.'),
      ),
    steps: z
      .array(words('the step', 240))
      .check(z.minLength(1, 'There must be at least one step.'), z.maxLength(15)),
    note: z.string().check(z.trim(), z.maxLength(240)),
    endsLife: words('what ends its life', 240),
    cautions: z
      .array(z.enum(CAUTION_IDS, 'This caution is not known.'))
      .check(z.maxLength(CAUTION_IDS.length)),
    breathes: z.boolean(),
  })
  .check(
    z.superRefine((recipe, context) => {
      for (const key of ['openVolts', 'shortAmps'] as const) {
        if (recipe[key].low > recipe[key].high) {
          context.addIssue({
            code: 'custom',
            path: [key, 'low'],
            message: 'The lowest reading must not be above the highest.',
          });
        }
      }
      recipe.bodies.forEach(({ id }, index) => {
        if (recipe.bodies.findIndex((body) => body.id === id) < index) {
          context.addIssue({
            code: 'custom',
            path: ['bodies', index, 'id'],
            message: 'Two bodies have the same id.',
          });
        }
      });
    }),
  );

export type OwnRecipe = z.infer<typeof ownRecipeSchema>;
