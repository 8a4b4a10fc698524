import { type LocalTime, addMinutes } from './localTime';
import { shortClock } from '../../units';
import { isOrdered, type PartId } from '../../physics/recipes/parts';
import type { Lesson, Shortcut } from '../../records/plan/lessonSchema';
import { clockMinutes } from './cutting';
import type { Kit } from './kitOfPlan';

export const TASK_IDS = [
  'order',
  'buy-trial',
  'trial-cell',
  'buy',
  'boil',
  'dry',
  'sand',
  'cut',
  'mix',
  'test-loads',
  'cut-fruit',
  'set-up',
  'lesson',
  'switch-on',
  'switch-off',
  'clear',
] as const;
export type TaskId = (typeof TASK_IDS)[number];

/** Something to be done before the lesson. */
export interface WantedTask {
  readonly id: TaskId;
  readonly name: string;
  readonly minutes: number;
  /** Days before the lesson at the latest; fruit keeps two days, an order takes five. */
  readonly daysBefore: number;
  /** Time that goes by after it before the next can begin, minutes: nobody need be there. */
  readonly waitMinutes: number;
}

/** A task at its time. */
export interface Task {
  readonly id: TaskId;
  readonly name: string;
  readonly start: LocalTime;
  readonly minutes: number;
  /** Put where it is by the educator. */
  readonly moved: boolean;
}

/** From when on that day it runs, and for how long. */
export interface RunningHours {
  readonly from: string;
  readonly minutes: number;
}

/** What the tasks follow from. */
export interface PreparingInput {
  readonly lesson: Lesson;
  readonly kit: Kit;
  readonly minutesPerCell: number;
  /** Parts that are not in the cupboard. */
  readonly toBuy: readonly PartId[];
  /** What is boiled before, in its plural; `null`: nothing. */
  readonly boiled: string | null;
  /** Salt must be dried into the cells before. */
  readonly dried: boolean;
  /** What is bought for three cells; `null`: one was read already, or nothing has to be bought. */
  readonly trial: string | null;
}

/** Minutes and days of the tasks that do not depend on the battery (common practice, no source). */
const BUY_MINUTES = 45;
const ORDER_MINUTES = 20;
export const ORDER_DAYS = 5;
const TEST_MINUTES_PER_LOAD = 0.5;
const SET_UP_MINUTES = 20;
const TRIAL_MEASURING_MINUTES = 10;
/** Three cells are bought and one is read before the class's are: on a way that is gone anyway. */
const BUY_TRIAL_MINUTES = 15;
const TRIAL_DAYS = 4;
/** A kettle, a pot and twenty minutes for potatoes; they are built from cold (common practice, no source). */
const BOIL_MINUTES = 60;
/** Salt is dried into felt overnight, or in an oven at 100 °C (common practice, no source). */
const DRY = { putOut: 15, overnight: 12 * 60, oven: 90 } as const;

/** What shops nearby have instead of what is ordered (from memory); a part that is not named must be ordered. */
const NEARBY: Readonly<Partial<Record<PartId, string>>> = {
  'graphite-rod': 'thick pencil leads from an art shop',
  'potassium-chloride': 'salt substitute from the grocer',
  charcoal: 'charcoal for aquariums',
  'zinc-foil': 'an offcut of zinc sheet from a roofer',
  'zinc-plate': 'an offcut of zinc sheet from a roofer',
};

/** Where a shop nearby has each ordered part; `null` where one of them must be ordered. */
export function nearbyWays(toBuy: readonly PartId[]): string[] | null {
  const ways = toBuy.filter(isOrdered).map((part) => NEARBY[part]);
  return ways.every((way) => way !== undefined) ? [...new Set(ways)] : null;
}

/** Shorter ways that this battery allows. */
export function shortcutsFor({ toBuy, dried }: PreparingInput): Shortcut[] {
  const shortcuts: Shortcut[] = [];
  if (toBuy.some(isOrdered) && nearbyWays(toBuy) !== null) shortcuts.push('buy-nearby');
  if (dried) shortcuts.push('oven-dry');
  return shortcuts;
}

/** What must be done before, in the order in which it is done. */
export function preparingTasks(input: PreparingInput): WantedTask[] {
  const { kit, lesson, minutesPerCell, toBuy, boiled, dried, trial } = input;
  const handsOf = (id: 'sanding' | 'fruit' | 'other'): number =>
    kit.cutting
      .filter((step) => (step.id === 'sanding' || step.id === 'fruit' ? step.id : 'other') === id)
      .reduce((sum, { handMinutes }) => sum + handMinutes, 0);
  const taken = shortcutsFor(input).filter((one) => lesson.shortcuts.includes(one));
  const ordered = toBuy.some(isOrdered) && !taken.includes('buy-nearby');
  const oven = taken.includes('oven-dry');
  const task = (
    id: TaskId,
    name: string,
    minutes: number,
    daysBefore: number,
    waitMinutes = 0,
  ): WantedTask => ({ id, name, minutes, daysBefore, waitMinutes });
  const hands = (minutes: number): number => clockMinutes(minutes, lesson.hands);
  const mixing = kit.mixing.reduce((sum, { minutes }) => sum + minutes, 0);
  return [
    task('order', 'Order online', ordered ? ORDER_MINUTES : 0, ORDER_DAYS),
    task(
      'buy-trial',
      `Buy ${trial ?? ''} first: they say how many the class needs`,
      trial === null ? 0 : BUY_TRIAL_MINUTES,
      TRIAL_DAYS,
    ),
    task(
      'trial-cell',
      `${boiled === null ? 'Build' : 'Boil one, build'} and measure the trial cell`,
      minutesPerCell + TRIAL_MEASURING_MINUTES + (boiled === null ? 0 : BOIL_MINUTES),
      trial === null ? 0 : TRIAL_DAYS,
    ),
    task('buy', 'Buy the rest, fresh things last', toBuy.length === 0 ? 0 : BUY_MINUTES, 2),
    task(
      'boil',
      `Boil the ${boiled ?? ''}, an adult; let them cool overnight`,
      boiled === null ? 0 : BOIL_MINUTES,
      1,
    ),
    oven
      ? task('dry', 'Dry the salted felt in the oven, an adult', dried ? DRY.oven : 0, 0)
      : task(
          'dry',
          'Salt the felt and put it out to dry',
          dried ? DRY.putOut : 0,
          1,
          DRY.overnight,
        ),
    task('sand', 'Sand the coins', hands(handsOf('sanding')), 1),
    task('cut', 'Cut separators and strips', hands(handsOf('other')), 1),
    task('mix', 'Mix the liquids', mixing, 0),
    task(
      'test-loads',
      'Test every LED or device',
      Math.ceil(kit.groups * TEST_MINUTES_PER_LOAD),
      0,
    ),
    task('cut-fruit', 'Cut the fruit, an adult', hands(handsOf('fruit')), 0),
    task('set-up', 'Lay out the kits', SET_UP_MINUTES, 0),
  ].filter(({ minutes }) => minutes > 0);
}

/** Minutes of clearing away (common practice, no source). */
const CLEAR_MINUTES = 20;
const CLEAR_NAME = 'Clear away and put back';
const SWITCH_MINUTES = 5;

/** What comes after the lesson: it runs for its hours, and is cleared away. */
export function afterLesson(
  {
    lesson,
    date,
    running,
  }: Pick<PreparingInput, 'lesson'> & {
    readonly date: string;
    readonly running: RunningHours | null;
  },
  lessonStart: LocalTime,
): Task[] {
  const on: LocalTime = `${date}T${running?.from ?? ''}:00`;
  const off = running === null ? null : addMinutes(on, running.minutes);
  const tasks: (readonly [TaskId, string, LocalTime, number])[] =
    off === null
      ? [['clear', CLEAR_NAME, addMinutes(lessonStart, lesson.minutes), CLEAR_MINUTES]]
      : [
          ['switch-on', 'Switch it on', on, SWITCH_MINUTES],
          [
            'switch-off',
            `Still running at ${shortClock(off.slice(11, 16))}? Switch it off`,
            off,
            SWITCH_MINUTES,
          ],
          ['clear', CLEAR_NAME, addMinutes(off, SWITCH_MINUTES), CLEAR_MINUTES],
        ];
  return tasks.map(([id, name, start, minutes]) => ({ id, name, start, minutes, moved: false }));
}
