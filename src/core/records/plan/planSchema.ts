import { RECIPES } from '../../physics/recipes/recipes';
import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';
import { electrodeSizeSchema } from '../../physics/cell/electrodeSizeSchema';
import { ownReadingsSchema, trialCellsSchema } from '../../physics/readings/ownReadings';
import { classMeterSchema } from '../../physics/instruments/classMeterSchema';
import { ownRecipeSchema } from '../../physics/recipes/ownRecipeSchema';
import { OVERHANG_LIMITS } from '../../physics/cell/cellModel';
import { PIECES } from '../../physics/recipes/pieces';
import { schoolFiguresSchema } from '../../physics/readings/schoolFigures';
import { hasBody, RECIPE_IDS, UNKNOWN_BODY } from '../../physics/recipes/recipe';
import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { DEVICE_KINDS } from '../../physics/circuit/devicePresets';
import { LED_COLOURS } from '../../physics/circuit/load/ledPresets';
import { deskArrangementSchema } from '../../physics/desk/deskSchema';
import { runningSchema } from './runningSchema';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import { LONGEST_TITLE } from '../../formats/documentFormat';
import { wishesSchema } from './wishSchema';
import { clockSchema, lessonSchema } from './lessonSchema';
import { haveSchema } from './haveSchema';

/** Version that this build writes. Older documents are migrated on reading, newer ones are refused. */
export const PLAN_VERSION = 13;
export const PLAN_FORMAT = 'grozer-plan';

const amps = (most: number) =>
  z
    .number('Give a current in amperes.')
    .check(
      z.positive('The current must be greater than zero.'),
      z.maximum(most, `The current must be at most ${most} A.`),
    );
const volts = (most: number) =>
  z
    .number('Give a voltage in volts.')
    .check(
      z.positive('The voltage must be greater than zero.'),
      z.maximum(most, `The voltage must be at most ${most} V.`),
    );
const count = (most: number) =>
  z
    .number('Give a whole number.')
    .check(
      z.int('Give a whole number.'),
      z.minimum(1, 'There must be at least one.'),
      z.maximum(most, `There can be at most ${most}.`),
    );

const ledTarget = z.strictObject({
  kind: z.literal('led'),
  colour: z.enum(LED_COLOURS, 'Choose one of the LED colours.'),
  brightness: z.enum(WANTED_BRIGHTNESSES, 'Choose one of the brightnesses.'),
  pack: z
    .optional(
      z.strictObject({
        volts: z
          .number('Give a voltage in volts.')
          .check(
            z.minimum(0.8, 'An LED takes at least 0.8 V.'),
            z.maximum(4.5, 'An LED takes at most 4.5 V.'),
          ),
        amps: z
          .number('Give a current in milliamps.')
          .check(
            z.minimum(1e-5, 'Give at least 10 µA.'),
            z.maximum(0.03, 'More than 30 mA destroys it.'),
          ),
      }),
    )
    .check(
      z.describe('One LED of the pack, read at a known current; left out: nobody has read one.'),
    ),
});

export const resistorTargetSchema = z.strictObject({
  kind: z.literal('resistor'),
  ohms: z
    .number('Give a resistance in ohms.')
    .check(
      z.minimum(0.1, 'The resistance must be at least 0.1 Ω.'),
      z.maximum(1e7, 'The resistance must be at most 10 MΩ.'),
    ),
  wantedAmps: amps(10),
});

export const deviceTargetSchema = z.strictObject({
  kind: z.literal('device'),
  device: z.enum(DEVICE_KINDS, 'Choose one of the devices.'),
  leastVolts: volts(30),
  amps: amps(1),
  name: z
    .optional(
      z.string().check(z.overwrite(plainLine), z.minLength(1, 'Say what it is.'), z.maxLength(40)),
    )
    .check(z.describe('What the educator’s own device is called.')),
  mostVolts: z
    .optional(volts(60))
    .check(z.describe('More than this harms it; left out: as is typical of such a device.')),
});

/** Most LEDs that one battery feeds. */
export const MAX_LEDS = 8;
export const ledsTargetSchema = z.strictObject({
  kind: z.literal('leds'),
  colours: z
    .array(z.enum(LED_COLOURS, 'Choose one of the LED colours.'))
    .check(
      z.minLength(2, 'There must be at least two.'),
      z.maxLength(MAX_LEDS, `There can be at most ${MAX_LEDS}.`),
    ),
  joined: z.enum(['side-by-side', 'in-a-row'], 'Choose how they are joined.'),
  brightness: z.enum(WANTED_BRIGHTNESSES, 'Choose one of the brightnesses.'),
});

export const motorTargetSchema = z
  .strictObject({
    kind: z.literal('motor'),
    startVolts: volts(24).check(z.describe('From which it starts by itself.')),
    ratedVolts: volts(24).check(
      z.describe('Volts at which the current with the shaft held was read.'),
    ),
    stallAmps: amps(10).check(z.describe('Current with the shaft held.')),
    freeAmps: amps(10).check(z.describe('Current running free.')),
  })
  .check(
    z.refine(({ freeAmps, stallAmps }) => freeAmps < stallAmps, {
      path: ['freeAmps'],
      message: 'Running free it takes less than held.',
    }),
  );

export const bulbTargetSchema = z.strictObject({
  kind: z.literal('bulb'),
  ratedVolts: volts(24).check(z.describe('As printed on it.')),
  ratedAmps: amps(5).check(z.describe('As printed on it.')),
  look: z.enum(['glows', 'shines'], 'Choose how it should look.'),
});

export const capacitorTargetSchema = z.strictObject({
  kind: z.literal('capacitor'),
  farads: z
    .number('Give the capacitance.')
    .check(z.minimum(1e-6, 'Give at least 1 µF.'), z.maximum(500, 'Give at most 500 F.')),
  volts: volts(60).check(z.describe('To which it is charged.')),
  withinMinutes: z
    .number('Give a time in minutes.')
    .check(
      z.minimum(1 / 60, 'The time must be at least one second.'),
      z.maximum(1440, 'The time must be at most a day.'),
    ),
});

const target = z.discriminatedUnion(
  'kind',
  [
    ledTarget,
    ledsTargetSchema,
    deviceTargetSchema,
    motorTargetSchema,
    bulbTargetSchema,
    capacitorTargetSchema,
    resistorTargetSchema,
  ],
  { error: 'The target must be something that can be lit, run or charged.' },
);

const cell = z
  .strictObject({
    recipe: z.enum(RECIPE_IDS, 'This recipe is not known.'),
    ownRecipe: z
      .nullable(
        z.strictObject({
          id: z.string().check(z.minLength(1), z.maxLength(60)),
          recipe: ownRecipeSchema,
        }),
      )
      .check(
        z.describe(
          'The educator’s own recipe as it was when it was chosen, and where it is stored; null: the shipped recipe.',
        ),
      ),
    body: z.string().check(z.minLength(1), z.maxLength(40)),
    piece: z
      .nullable(z.enum(PIECES, 'Choose how it is cut.'))
      .check(
        z.describe(
          'How the fruit or root is cut; counts where the body can be cut so. null: as the suggestion has it.',
        ),
      ),
    overhangMillimetres: z
      .number('Give a length in millimetres.')
      .check(
        z.minimum(OVERHANG_LIMITS.least, `Give at least ${OVERHANG_LIMITS.least} mm.`),
        z.maximum(OVERHANG_LIMITS.most, `Give at most ${OVERHANG_LIMITS.most} mm.`),
        z.describe(
          'By how much the separators of a pile are wider than the metal; below 0: smaller.',
        ),
      ),
    size: z
      .nullable(electrodeSizeSchema)
      .check(
        z.describe(
          'Size of the educator’s cell; null: the recipe’s usual size, with as many pairs in a body as the suggestion has.',
        ),
      ),
    own: z
      .nullable(ownReadingsSchema)
      .check(
        z.describe('Readings of one cell built by the educator; null: typical values are used.'),
      ),
    trialCells: trialCellsSchema,
    school: z
      .nullable(schoolFiguresSchema)
      .check(
        z.describe(
          'What earlier lessons of the school read of such cells; null: the recipe’s typical values are used.',
        ),
      ),
  })
  .check(
    z.refine(
      ({ recipe, ownRecipe, body }) => hasBody(ownRecipe?.recipe ?? RECIPES[recipe], body),
      UNKNOWN_BODY,
    ),
  );

const arrangement = z.discriminatedUnion('kind', [
  z
    .strictObject({ kind: z.literal('suggested') })
    .check(z.describe('Whatever the planner suggests for target and cell; moves with them.')),
  z
    .strictObject({
      kind: z.literal('own'),
      cellsInSeries: count(LONGEST_STRING),
      strings: count(MAX_CELLS),
    })
    .check(
      z.refine((grid) => grid.cellsInSeries * grid.strings <= MAX_CELLS, {
        path: ['strings'],
        message: `A battery can have at most ${MAX_CELLS} cells.`,
      }),
    ),
  deskArrangementSchema.check(z.describe('Laid out by hand: mixed cells, groups, what-if faults.')),
]);

const seriesResistor = z.discriminatedUnion('kind', [
  z
    .strictObject({ kind: z.literal('as-needed') })
    .check(
      z.describe(
        'The next preferred value that keeps the current in bounds, or none where none is needed.',
      ),
    ),
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({
    kind: z.literal('own'),
    ohms: z
      .number('Give a resistance in ohms.')
      .check(
        z.minimum(0.1, 'The resistance must be at least 0.1 Ω.'),
        z.maximum(1e6, 'The resistance must be at most 1 MΩ.'),
      ),
  }),
]);

/** The plan document: what the educator decided. What is read at the bench stands in the log; results are computed again, never stored. */
export const planSchema = z.strictObject({
  format: z.literal(PLAN_FORMAT, 'This is not a Grozer plan.'),
  version: z.literal(PLAN_VERSION),
  title: z
    .string('Give the plan a title.')
    .check(
      z.overwrite(plainLine),
      z.minLength(1, 'Give the plan a title.'),
      z.maxLength(LONGEST_TITLE, `The title can have at most ${LONGEST_TITLE} characters.`),
    ),
  lessonDate: z.nullable(z.iso.date('Give the date as year-month-day.')),
  target,
  minutes: z
    .number('Give a time in minutes.')
    .check(
      z.minimum(1 / 60, 'The time must be at least one second.'),
      z.maximum(43200, 'The time must be at most 30 days.'),
      z.describe('How long it must run.'),
    ),
  switchedOnAt: z
    .nullable(clockSchema)
    .check(
      z.describe('Local time on the day of the lesson from which it must run; null: whenever.'),
    ),
  cell,
  arrangement,
  seriesResistor: seriesResistor.check(
    z.describe('Resistor in series with the LED or the device.'),
  ),
  meter: classMeterSchema.check(z.describe('The hand meter that is used.')),
  have: z
    .nullable(haveSchema)
    .check(z.describe('Parts that it must be made from; null: what is missing is bought.')),
  lesson: lessonSchema.check(z.describe('The class that it is prepared for.')),
  running: runningSchema.check(z.describe('How it is left running.')),
  wishes: wishesSchema.check(z.describe('What else was asked of such cells, to be worked out.')),
});

export type Plan = z.infer<typeof planSchema>;
export type PlanTarget = Plan['target'];
export type SeriesResistor = Plan['seriesResistor'];
