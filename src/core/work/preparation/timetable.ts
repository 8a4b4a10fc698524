import type { Lesson } from '../../records/plan/lessonSchema';
import { clockMinutes } from './cutting';
import type { Kit } from './kitOfPlan';
import {
  addMinutes,
  dayOf,
  isWorkingDay,
  minuteOfDay,
  minutesBetween,
  type LocalTime,
} from './localTime';

export const TASK_IDS = [
  'order',
  'buy',
  'sand',
  'cut',
  'mix',
  'test-loads',
  'trial-cell',
  'set-up',
  'lesson',
  'clear',
] as const;
export type TaskId = (typeof TASK_IDS)[number];

export interface Task {
  readonly id: TaskId;
  readonly name: string;
  readonly start: LocalTime;
  readonly minutes: number;
  /** Put where it is by the educator. */
  readonly moved: boolean;
}

/** What is wrong with where a task stands. */
export interface TimetableConflict {
  readonly task: TaskId;
  readonly message: string;
}

export interface Timetable {
  readonly tasks: readonly Task[];
  readonly conflicts: readonly TimetableConflict[];
}

interface Wanted {
  readonly id: TaskId;
  readonly name: string;
  readonly minutes: number;
  /** Days before the lesson at the latest; fruit keeps two days, an order takes five. */
  readonly daysBefore: number;
}

/** Minutes and days of the tasks that do not depend on the battery (common practice, no source). */
const BUY_MINUTES = 45;
const ORDER_MINUTES = 20;
const TEST_MINUTES_PER_LOAD = 0.5;
const SET_UP_MINUTES = 20;
const CLEAR_MINUTES = 20;
const TRIAL_MEASURING_MINUTES = 10;

/**
 * The preparing of a lesson, planned backwards from it within working hours on working days. Tasks that the educator
 * put elsewhere stay there; what does not work out is told.
 * @param date day of the lesson, `year-month-day`
 * @param now local time at which this is asked, so that what is past can be told
 */
export function timetable(
  { lesson, date, kit, minutesPerCell }: TimetableInput,
  now: LocalTime,
): Timetable {
  const lessonStart: LocalTime = `${date}T${lesson.startsAt}:00`;
  const tasks = backwards(preparingTasks(kit, lesson, minutesPerCell), lessonStart, lesson);
  const all: Task[] = [
    ...tasks,
    { id: 'lesson', name: 'The lesson', start: lessonStart, minutes: lesson.minutes, moved: false },
    {
      id: 'clear',
      name: 'Clear away and put back',
      start: addMinutes(lessonStart, lesson.minutes),
      minutes: CLEAR_MINUTES,
      moved: false,
    },
  ];
  return { tasks: all, conflicts: conflictsOf(all, lesson, now) };
}

export interface TimetableInput {
  readonly lesson: Lesson;
  readonly date: string;
  readonly kit: Kit;
  readonly minutesPerCell: number;
}

/** What must be done before, in the order in which it is done. */
function preparingTasks(kit: Kit, lesson: Lesson, minutesPerCell: number): Wanted[] {
  const handsOf = (id: string): number =>
    kit.cutting
      .filter((step) => (id === 'sand' ? step.id === 'sanding' : step.id !== 'sanding'))
      .reduce((sum, { handMinutes }) => sum + handMinutes, 0);
  const mixing = kit.mixing.reduce((sum, { minutes }) => sum + minutes, 0);
  const tasks: Wanted[] = [
    { id: 'order', name: 'Order what no shop nearby has', minutes: ORDER_MINUTES, daysBefore: 5 },
    { id: 'buy', name: 'Buy the rest, fresh things last', minutes: BUY_MINUTES, daysBefore: 2 },
    {
      id: 'sand',
      name: 'Sand the coins',
      minutes: clockMinutes(handsOf('sand'), lesson.hands),
      daysBefore: 1,
    },
    {
      id: 'cut',
      name: 'Cut separators and strips',
      minutes: clockMinutes(handsOf('cut'), lesson.hands),
      daysBefore: 1,
    },
    { id: 'mix', name: 'Mix the liquids', minutes: mixing, daysBefore: 0 },
    {
      id: 'test-loads',
      name: 'Test every LED or device',
      minutes: Math.ceil(kit.groups * TEST_MINUTES_PER_LOAD),
      daysBefore: 0,
    },
    {
      id: 'trial-cell',
      name: 'Build and measure the trial cell',
      minutes: minutesPerCell + TRIAL_MEASURING_MINUTES,
      daysBefore: 0,
    },
    { id: 'set-up', name: 'Lay out the kits', minutes: SET_UP_MINUTES, daysBefore: 0 },
  ];
  return tasks.filter(({ minutes }) => minutes > 0);
}

/** From the last task to the first: each ends before the next begins, within working hours. */
function backwards(wanted: readonly Wanted[], lessonStart: LocalTime, lesson: Lesson): Task[] {
  const tasks: Task[] = [];
  let next = lessonStart;
  for (const { id, name, minutes, daysBefore } of [...wanted].reverse()) {
    const latest = endBefore(next, lessonStart, daysBefore, lesson);
    const own = lesson.moved[id];
    const start = own ?? startWithin(latest, minutes, lesson);
    tasks.unshift({ id, name, start, minutes, moved: own !== undefined });
    if (own === undefined) next = start;
  }
  return tasks;
}

/** The latest end of a task: before the next one, and so many days before the lesson. */
function endBefore(
  next: LocalTime,
  lessonStart: LocalTime,
  daysBefore: number,
  { workingHours }: Lesson,
): LocalTime {
  if (daysBefore === 0) return next;
  const day = dayOf(addMinutes(lessonStart, -daysBefore * 24 * 60));
  const evening: LocalTime = `${day}T${workingHours.to}:00`;
  return evening < next ? evening : next;
}

/** The latest start that still ends at `end`, moved back to the evening before where working hours end. */
function startWithin(end: LocalTime, minutes: number, { workingHours }: Lesson): LocalTime {
  const from = minuteOfDay(workingHours.from);
  const to = minuteOfDay(workingHours.to);
  const most = to - from;
  let day = dayOf(end);
  let last = Math.min(minuteOfDay(end.slice(11, 16)), to);
  // A task longer than a day begins when the day does, and is told as a conflict.
  while (last - Math.min(minutes, most) < from || !isWorkingDay(day)) {
    day = dayOf(addMinutes(`${day}T12:00:00`, -24 * 60));
    last = to;
  }
  return addMinutes(`${day}T00:00:00`, last - Math.min(minutes, most));
}

function conflictsOf(tasks: readonly Task[], lesson: Lesson, now: LocalTime): TimetableConflict[] {
  const conflicts: TimetableConflict[] = [];
  const say = (task: TaskId, message: string): void => void conflicts.push({ task, message });
  const from = minuteOfDay(lesson.workingHours.from);
  const to = minuteOfDay(lesson.workingHours.to);
  tasks.forEach((task, index) => {
    const { id, name, start, minutes } = task;
    const end = addMinutes(start, minutes);
    if (start < now) {
      say(
        id,
        id === 'lesson' ? 'The lesson lies in the past.' : `“${name}” should have begun already.`,
      );
    }
    if (id !== 'lesson' && id !== 'clear') {
      const begins = minuteOfDay(start.slice(11, 16));
      if (begins < from || begins + minutes > to) {
        say(id, `“${name}” does not fit into the working hours.`);
      } else if (!isWorkingDay(dayOf(start))) say(id, `“${name}” falls on a weekend.`);
    }
    for (const other of tasks.slice(index + 1)) {
      if (other.start < end && minutesBetween(other.start, end) > 0) {
        const later = other.start < start ? 'comes after what needs it' : 'overlaps';
        say(id, `“${name}” ${later}: “${other.name}”.`);
      }
    }
  });
  return conflicts;
}
