import * as z from 'zod/mini';
import { CURRENT_RANGES } from '../instruments/meter';

/** Longest time after connecting that is worth noting, seconds. */
export const MAX_SECONDS_AFTER = 3600;
/** Most loaded readings of one cell. */
export const MAX_LOADED = 20;

const secondsAfter = z
  .nullable(
    z
      .number('Give a time in seconds.')
      .check(
        z.minimum(0, 'The time cannot be negative.'),
        z.maximum(MAX_SECONDS_AFTER, 'Give at most an hour.'),
      ),
  )
  .check(z.describe('Seconds after connecting; null: not noted.'));

/** What an educator read off one built cell. */
export const ownReadingsSchema = z
  .strictObject({
    openCircuitVolts: z.nullable(
      z
        .number('Give a voltage in volts.')
        .check(
          z.positive('Give volts above 0; a minus sign means that the probes are swapped.'),
          z.maximum(100, 'The voltage must be at most 100 V.'),
        ),
    ),
    shortCircuit: z.nullable(
      z.strictObject({
        amps: z
          .number('Give a current in amperes.')
          .check(
            z.positive('The current must be greater than zero.'),
            z.maximum(20, 'The current must be at most 20 A.'),
          ),
        meterRange: z.enum(CURRENT_RANGES, 'Choose one of the meter’s ranges.'),
        secondsAfter,
      }),
    ),
    loaded: z
      .array(
        z.strictObject({
          ohms: z
            .number('Give a resistance in ohms.')
            .check(
              z.minimum(0.1, 'The resistance must be at least 0.1 Ω.'),
              z.maximum(1e7, 'The resistance must be at most 10 MΩ.'),
            ),
          volts: z
            .number('Give a voltage in volts.')
            .check(
              z.minimum(0, 'A minus sign means that the probes are swapped.'),
              z.maximum(100, 'The voltage must be at most 100 V.'),
            ),
          secondsAfter,
        }),
      )
      .check(z.maxLength(MAX_LOADED, `There can be at most ${MAX_LOADED} loaded readings.`)),
    kept: z
      .boolean()
      .check(
        z.describe('The educator keeps these readings although something about them is unusual.'),
      ),
  })
  .check(z.describe('Readings of one cell built by the educator.'));

/** Most trial cells of one plan. */
export const MAX_TRIAL_CELLS = 60;

/** Further cells of the same lesson that were read, one line each. */
export const trialCellsSchema = z
  .array(
    z.strictObject({
      volts: ownReadingsSchema.shape.openCircuitVolts.check(z.describe('Open-circuit volts.')),
      milliamps: z
        .nullable(
          z
            .number('Give a current in milliamps.')
            .check(
              z.positive('The current must be greater than zero.'),
              z.maximum(20_000, 'The current must be at most 20 A.'),
            ),
        )
        .check(z.describe('Shorted by the meter, on the range that suits it.')),
      seconds: secondsAfter,
      counted: z.boolean().check(z.describe('false: crossed out, because the reading slipped.')),
      group: z
        .optional(z.string().check(z.minLength(1), z.maxLength(60)))
        .check(z.describe('The group whose first cell it is.')),
    }),
  )
  .check(
    z.maxLength(MAX_TRIAL_CELLS, `There can be at most ${MAX_TRIAL_CELLS} trial cells.`),
    z.describe('Further cells that were read, each of one pair.'),
  );
export type TrialCell = z.infer<typeof trialCellsSchema>[number];

export type OwnReadings = z.infer<typeof ownReadingsSchema>;

export const NO_OWN_READINGS: OwnReadings = {
  openCircuitVolts: null,
  shortCircuit: null,
  loaded: [],
  kept: false,
};

/** True where nothing at all was read. */
export function isUnread({ openCircuitVolts, shortCircuit, loaded }: OwnReadings): boolean {
  return openCircuitVolts === null && shortCircuit === null && loaded.length === 0;
}
