import * as z from 'zod/mini';
import { plainLine } from '../../formats/plainLine';
import { CURRENT_RANGES, VOLT_RANGES } from '../../physics/instruments/meter';
import { LONGEST_METER, LONGEST_NOTE, PHOTO_TYPES, READING_LIMITS } from './logLimits';
import { measurementSchema } from './measurementSchema';

/** To a microsecond: a time with thousands of digits is none. */
const LONGEST_TIME = 30;

const takenAt = z.iso
  .datetime('Give the time in ISO 8601.')
  .check(z.maxLength(LONGEST_TIME, 'Give the time in ISO 8601.'));

const readingSchema = z
  .strictObject({
    kind: z.literal('reading'),
    measurement: measurementSchema,
    value: z
      .number('Give the value read.')
      .check(
        z.minimum(-READING_LIMITS.volts),
        z.maximum(READING_LIMITS.volts),
        z.describe('Volts or amperes; for light 1 (it runs) or 0.'),
      ),
    range: z.nullable(z.enum([...VOLT_RANGES, ...CURRENT_RANGES])),
    source: z.enum(['typed', 'meter', 'file']),
    typed: z
      .nullable(z.string().check(z.maxLength(40)))
      .check(z.describe('What was typed, letter by letter.')),
    meter: z
      .nullable(z.string().check(z.maxLength(LONGEST_METER)))
      .check(z.describe('How the meter names itself.')),
    takenAt,
  })
  .check(
    z.refine(
      ({ measurement, value }) =>
        !['short', 'cell-short', 'load-amps'].includes(measurement.kind) ||
        Math.abs(value) <= READING_LIMITS.amps,
      {
        path: ['value'],
        message: `A current of more than ${READING_LIMITS.amps} A is a wrong unit.`,
      },
    ),
  );

export const logEntrySchema = z.discriminatedUnion('kind', [
  readingSchema,
  z.strictObject({
    kind: z.literal('note'),
    text: z
      .string()
      .check(
        z.trim(),
        z.minLength(1, 'Write something.'),
        z.maxLength(LONGEST_NOTE, `A note can have at most ${LONGEST_NOTE} characters.`),
      ),
    takenAt,
  }),
  z.strictObject({
    kind: z.literal('photo'),
    photo: z.uuid(),
    type: z.enum(PHOTO_TYPES, 'Photos are JPEG, PNG or WebP.'),
    bytes: z.int().check(z.positive()),
    caption: z.string().check(z.overwrite(plainLine), z.maxLength(120)),
    takenAt,
  }),
  z.strictObject({
    kind: z.literal('step'),
    step: z.string().check(z.minLength(1), z.maxLength(60)),
    state: z.enum(['open', 'done', 'skipped']),
    takenAt,
  }),
  z
    .strictObject({ kind: z.literal('help'), wanted: z.boolean(), takenAt })
    .check(z.describe('The group asks its teacher to come.')),
  z
    .strictObject({
      kind: z.literal('prediction'),
      measurement: measurementSchema,
      value: z
        .number('Give the value expected.')
        .check(z.minimum(-READING_LIMITS.volts), z.maximum(READING_LIMITS.volts)),
      takenAt,
    })
    .check(
      z.describe('What the group expects to read, volts or amperes, written before it is told.'),
    ),
  z
    .strictObject({ kind: z.literal('meter'), wanted: z.boolean(), takenAt })
    .check(z.describe('The group waits for a meter, or has one.')),
]);
export type LogEntry = z.infer<typeof logEntrySchema>;
export type LoggedReading = Extract<LogEntry, { kind: 'reading' }>;

export const groupNameSchema = z
  .string()
  .check(
    z.overwrite(plainLine),
    z.minLength(1, 'Name the group.'),
    z.maxLength(30, 'A group’s name can have at most 30 characters.'),
  );

/** What is sent to be logged: a new entry (revision 1) or a changed one (one more than before). */
export const logRequestSchema = z.strictObject({
  entryId: z.string().check(z.minLength(1, 'The entry needs an id.'), z.maxLength(80)),
  revision: z.int().check(z.minimum(1), z.maximum(1000)),
  group: groupNameSchema,
  entry: logEntrySchema,
  struck: z._default(z.boolean(), false).check(z.describe('Taken out; it stays in the history.')),
});
export type LogRequest = z.infer<typeof logRequestSchema>;

/** Who wrote a line. */
const LOG_AUTHORS = ['teacher', 'group'] as const;
export type LogAuthor = (typeof LOG_AUTHORS)[number];

/** One line of the log, never changed: every edit is a further line of the same entry. */
export const logLineSchema = z.extend(logRequestSchema, {
  seq: z.int().check(z.describe('Grows by one with every line of the database.')),
  author: z.enum(LOG_AUTHORS),
  at: z.number().check(z.describe('Milliseconds since 1970.')),
});
export type LogLine = Readonly<z.infer<typeof logLineSchema>>;
