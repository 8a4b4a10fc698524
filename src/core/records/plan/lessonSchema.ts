import * as z from 'zod/mini';
import { PAPERS } from '../../physics/recipes/separatorPlan';
import { PART_IDS } from '../../physics/recipes/parts';
import { partIdSchema } from './haveSchema';
import { joinCodeSchema } from './joinCode';

/** Who is in the room: what may be offered follows from it (common practice, no source). */
export const AGE_BANDS = ['under-11', '11-to-13', '14-and-over', 'adults'] as const;
export type AgeBand = (typeof AGE_BANDS)[number];

export const AGE_BAND_NAMES: Readonly<Record<AgeBand, string>> = {
  'under-11': 'under 11',
  '11-to-13': '11 to 13',
  '14-and-over': '14 and over',
  adults: 'adults, trained staff',
};

/** How the groups share the meters. */
export const MEASURING_WAYS = ['every-cell', 'milliamp-station', 'pairs', 'once'] as const;
export type MeasuringWay = (typeof MEASURING_WAYS)[number];

/** Ways to prepare in less time than usual. */
export const SHORTCUTS = ['buy-nearby', 'oven-dry'] as const;
export type Shortcut = (typeof SHORTCUTS)[number];

/** Parts that can be replaced by something cheaper. */
export const SWAPPABLE = ['clip-lead', 'copper-strip', 'zinc-strip'] as const;
export type Swappable = (typeof SWAPPABLE)[number];

/** Bounds that fields and schema share. */
export const LESSON_LIMITS = {
  mostPupils: 400,
  mostGroups: 60,
  mostMeters: 60,
  mostMinutes: 600,
  mostHands: 40,
  mostWaitMinutes: 60,
} as const;

/** @param what one of them and many: “pupil”, “pupils”. */
const whole = ([one, many]: readonly [string, string], least: number, most: number) =>
  z
    .number(`Enter a whole number of ${many}.`)
    .check(
      z.int(`Enter a whole number of ${many}.`),
      z.minimum(least, `Enter at least ${least} ${least === 1 ? one : many}.`),
      z.maximum(most, `Enter at most ${most} ${many}.`),
    );

/** A local time of day. */
export const clockSchema = z
  .string()
  .check(z.regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Give the time as hours:minutes.'));

/** The class that a plan is prepared for. */
export const lessonSchema = z
  .strictObject({
    pupils: whole(['pupil', 'pupils'], 1, LESSON_LIMITS.mostPupils),
    groups: whole(['group', 'groups'], 1, LESSON_LIMITS.mostGroups),
    meters: whole(['meter', 'meters'], 1, LESSON_LIMITS.mostMeters),
    ageBand: z.enum(AGE_BANDS, 'Choose one of the age bands.'),
    minutes: whole(['minute', 'minutes'], 10, LESSON_LIMITS.mostMinutes),
    startsAt: clockSchema.check(z.describe('Local time at which the lesson begins.')),
    spares: z
      .enum(['one-in-six', 'from-chance'])
      .check(z.describe('One spare in six, or as many as leave the class whole in 95 of 100.')),
    hands: whole(['helper', 'helpers'], 1, LESSON_LIMITS.mostHands),
    mostWaitMinutes: whole(['minute', 'minutes'], 1, LESSON_LIMITS.mostWaitMinutes),
    workingHours: z.strictObject({ from: clockSchema, to: clockSchema }).check(
      z.refine(({ from, to }) => from < to, 'Working hours must end after they begin.'),
      z.describe('Preparing is planned on working days between these.'),
    ),
    measuring: z
      .nullable(z.enum(MEASURING_WAYS, 'Choose one of the ways to share the meters.'))
      .check(
        z.describe(
          'How the groups share the meters; null: the fullest way with which the lesson fits.',
        ),
      ),
    predict: z
      .boolean()
      .check(z.describe('Groups write down what they expect before the expected value is shown.')),
    shortcuts: z
      .array(z.enum(SHORTCUTS))
      .check(z.maxLength(SHORTCUTS.length), z.describe('Preparing in less time.')),
    swapped: z
      .array(z.enum(SWAPPABLE))
      .check(
        z.maxLength(SWAPPABLE.length),
        z.describe('Parts that are replaced by their cheaper substitute.'),
      ),
    paper: z.enum(PAPERS, 'Choose one of the paper sizes.'),
    moved: z
      .record(z.string().check(z.maxLength(40)), z.iso.datetime({ local: true }))
      .check(z.describe('Tasks that were put elsewhere: their local beginning.')),
    ticked: z
      .array(z.string().check(z.maxLength(80)))
      .check(z.maxLength(200), z.describe('Points of the checklist that are done.')),
    bought: z
      .array(partIdSchema)
      .check(
        z.maxLength(PART_IDS.length),
        z.describe('Parts that are ticked off the shopping list.'),
      ),
    joinCode: z.nullable(joinCodeSchema),
  })
  .check(
    z.refine(({ pupils, groups }) => groups <= pupils, {
      path: ['groups'],
      message: 'There cannot be more groups than pupils.',
    }),
  );

export type Lesson = z.infer<typeof lessonSchema>;

/** A lesson with the class of another one: how many there are, how old, with how many meters and for how long. */
export function withClassOf(
  lesson: Lesson,
  { pupils, groups, meters, minutes, ageBand }: Lesson,
): Lesson {
  return { ...lesson, pupils, groups, meters, minutes, ageBand };
}

/** The class of a new plan: thirty pupils in six groups who share one meter (common practice, no source). */
export const USUAL_LESSON: Lesson = {
  pupils: 30,
  groups: 6,
  meters: 1,
  ageBand: '11-to-13',
  minutes: 45,
  startsAt: '10:00',
  spares: 'one-in-six',
  hands: 1,
  mostWaitMinutes: 8,
  workingHours: { from: '08:00', to: '17:00' },
  measuring: null,
  predict: true,
  shortcuts: [],
  swapped: [],
  paper: 'A4',
  moved: {},
  ticked: [],
  bought: [],
  joinCode: null,
};
