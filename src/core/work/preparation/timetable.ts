import { listWords } from '../../words';
import type { FreeDays } from '../../records/cupboard/cupboardSchema';
import type { Lesson, Shortcut } from '../../records/plan/lessonSchema';
import {
  addMinutes,
  dayOf,
  isWorkingDay,
  minuteOfDay,
  minutesBetween,
  type LocalTime,
} from './localTime';
import {
  afterLesson,
  nearbyWays,
  ORDER_DAYS,
  type PreparingInput,
  preparingTasks,
  type RunningHours,
  shortcutsFor,
  type Task,
  type TaskId,
  type WantedTask,
} from './preparingTasks';

/** What is wrong with where a task stands, and the nearest way that would mend it. */
export interface TimetableConflict {
  readonly task: TaskId;
  readonly message: string;
  readonly offer: { readonly shortcut: Shortcut; readonly words: string } | null;
}

export interface Timetable {
  readonly tasks: readonly Task[];
  readonly conflicts: readonly TimetableConflict[];
}

export interface TimetableInput extends PreparingInput {
  readonly date: string;
  readonly freeDays: readonly FreeDays[];
  /** `null`: at no fixed hour. */
  readonly running: RunningHours | null;
}

const DAY_MINUTES = 24 * 60;
/** Days that are looked through for one with room; a year of holidays is nobody's. */
const MOST_DAYS = 366;

/** On which days and between which hours is prepared. */
interface WorkingTime {
  readonly from: number;
  readonly to: number;
  readonly works: (day: string) => boolean;
}

/**
 * The preparing of a lesson, planned backwards from it within working hours on working days, and never before now: what would
 * have had to begin already is done as soon as can be, and told where that is too late. Tasks that the educator put elsewhere
 * stay there.
 * @param now local time at which this is asked
 */
export function timetable(input: TimetableInput, now: LocalTime): Timetable {
  const { lesson, date } = input;
  const lessonStart: LocalTime = `${date}T${lesson.startsAt}:00`;
  const wanted = preparingTasks(input);
  const time = workingTimeOf(input);
  const planned = backwards(wanted, lessonStart, lesson, time);
  const past = lessonStart < now;
  const { placed, dropped } = past
    ? { placed: planned, dropped: [] }
    : placedBefore(lessonStart, now, planned, wanted, time);
  const all: Task[] = [
    ...placed,
    { id: 'lesson', name: 'The lesson', start: lessonStart, minutes: lesson.minutes, moved: false },
    ...afterLesson(input, lessonStart),
  ];
  // Of a lesson that is over nothing else need be said.
  const conflicts: TimetableConflict[] = past
    ? [{ task: 'lesson', message: 'The lesson lies in the past.', offer: null }]
    : [
        ...droppedWords(dropped, placed),
        ...tooLate(placed, wanted, input),
        ...conflictsOf(all, time, now),
      ];
  if (!past && !time.works(date)) {
    conflicts.unshift({
      task: 'lesson',
      message: 'The lesson falls on a day without school.',
      offer: null,
    });
  }
  return { tasks: all, conflicts };
}

/** What may be left out where time is short, first what is missed least. */
const LEFT_OUT_FIRST: readonly (readonly TaskId[])[] = [
  ['buy-trial', 'trial-cell'],
  ['test-loads'],
];

interface Placed {
  readonly placed: readonly Task[];
  /** What can no longer be done before the lesson. */
  readonly dropped: readonly WantedTask[];
}

/** Everything that is still to be done, from now on and before the lesson; what does not fit is left out, and told. */
function placedBefore(
  lessonStart: LocalTime,
  now: LocalTime,
  planned: readonly Task[],
  wanted: readonly WantedTask[],
  time: WorkingTime,
): Placed {
  let left: readonly WantedTask[] = wanted;
  const without = (ids: readonly TaskId[]): readonly WantedTask[] =>
    left.filter(({ id }) => !ids.includes(id));
  const place = (): Task[] => {
    const ids = new Set(left.map(({ id }) => id));
    return notBefore(
      now,
      planned.filter(({ id }) => ids.has(id)),
      left,
      time,
      lessonStart,
    );
  };
  const lateAmong = (tasks: readonly Task[]): TaskId[] =>
    tasks
      .filter(({ moved, start, minutes }) => !moved && addMinutes(start, minutes) > lessonStart)
      .map(({ id }) => id);
  for (const spared of LEFT_OUT_FIRST) {
    if (lateAmong(place()).length === 0) break;
    left = without(spared);
  }
  for (;;) {
    const tasks = place();
    const [late] = lateAmong(tasks);
    if (late === undefined) {
      const kept = new Set(left.map(({ id }) => id));
      return { placed: tasks, dropped: wanted.filter(({ id }) => !kept.has(id)) };
    }
    left = without([late]);
  }
}

/** What can no longer be had or done, and what is still possible. */
function droppedWords(
  dropped: readonly WantedTask[],
  placed: readonly Task[],
): TimetableConflict[] {
  if (dropped.length === 0) return [];
  const names = (tasks: readonly { readonly name: string }[]): string =>
    listWords(tasks.map(({ name }) => `“${name}”`));
  const possible =
    placed.length === 0 ? 'Nothing can be prepared any more.' : `Still possible: ${names(placed)}.`;
  return [
    {
      task: 'lesson',
      message: `No longer possible before the lesson: ${names(dropped)}. ${possible}`,
      offer: null,
    },
  ];
}

function workingTimeOf({ lesson, freeDays }: TimetableInput): WorkingTime {
  return {
    from: minuteOfDay(lesson.workingHours.from),
    to: minuteOfDay(lesson.workingHours.to),
    works: (day) => isWorkingDay(day) && !freeDays.some(({ from, to }) => from <= day && day <= to),
  };
}

/** From the last task to the first: each ends, and its time of waiting with it, before the next begins. */
function backwards(
  wanted: readonly WantedTask[],
  lessonStart: LocalTime,
  lesson: Lesson,
  time: WorkingTime,
): Task[] {
  const tasks: Task[] = [];
  let next = lessonStart;
  for (const { id, name, minutes, daysBefore, waitMinutes } of [...wanted].reverse()) {
    const latest = endBefore(addMinutes(next, -waitMinutes), lessonStart, daysBefore, time);
    const own = lesson.moved[id];
    const start = own ?? startWithin(latest, minutes, time);
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
  { to }: WorkingTime,
): LocalTime {
  if (daysBefore === 0) return next;
  const day = dayOf(addMinutes(lessonStart, -daysBefore * DAY_MINUTES));
  const evening = addMinutes(`${day}T00:00:00`, to);
  return evening < next ? evening : next;
}

/** The latest start that still ends at `end`, moved back to the evening before where working hours end. */
function startWithin(end: LocalTime, minutes: number, { from, to, works }: WorkingTime): LocalTime {
  const most = to - from;
  let day = dayOf(end);
  let last = Math.min(minuteOfDay(end.slice(11, 16)), to);
  // A task longer than a day begins when the day does, and is told as a conflict.
  for (
    let step = 0;
    step < MOST_DAYS && (last - Math.min(minutes, most) < from || !works(day));
    step += 1
  ) {
    day = dayOf(addMinutes(`${day}T12:00:00`, -DAY_MINUTES));
    last = to;
  }
  return addMinutes(`${day}T00:00:00`, last - Math.min(minutes, most));
}

/** The earliest start from a time on, in working hours on a working day. */
function startFrom(begin: LocalTime, minutes: number, { from, to, works }: WorkingTime): LocalTime {
  let day = dayOf(begin);
  let first = Math.max(minuteOfDay(begin.slice(11, 16)), from);
  for (
    let step = 0;
    step < MOST_DAYS && (first + Math.min(minutes, to - from) > to || !works(day));
    step += 1
  ) {
    day = dayOf(addMinutes(`${day}T12:00:00`, DAY_MINUTES));
    first = from;
  }
  return addMinutes(`${day}T00:00:00`, first);
}

/** What would have begun already begins as soon as can be, and pushes on what comes after it. */
function notBefore(
  now: LocalTime,
  tasks: readonly Task[],
  wanted: readonly WantedTask[],
  time: WorkingTime,
  lessonStart: LocalTime,
): Task[] {
  // Clocks count whole minutes.
  let free = addMinutes(`${now.slice(0, 16)}:00`, now.slice(17) === '00' ? 0 : 1);
  return tasks.map((task) => {
    if (task.moved) return task;
    const start = task.start >= free ? task.start : startFrom(free, task.minutes, time);
    const end = addMinutes(start, task.minutes);
    const ready = addMinutes(end, waitOf(wanted, task.id));
    // What is not dry in time is told; the rest goes on meanwhile.
    free = ready <= lessonStart ? ready : end;
    return { ...task, start };
  });
}

function waitOf(wanted: readonly WantedTask[], id: TaskId): number {
  return wanted.find((one) => one.id === id)?.waitMinutes ?? 0;
}

/** Orders that come after the lesson, and what does not dry in time, each with its nearest way. */
function tooLate(
  tasks: readonly Task[],
  wanted: readonly WantedTask[],
  input: TimetableInput,
): TimetableConflict[] {
  const { lesson, date, toBuy } = input;
  const lessonStart: LocalTime = `${date}T${lesson.startsAt}:00`;
  const offers = shortcutsFor(input).filter((one) => !lesson.shortcuts.includes(one));
  return tasks.flatMap(({ id, name, start, minutes }, index): TimetableConflict[] => {
    if (id === 'order') {
      if (dayOf(start) <= dayOf(addMinutes(lessonStart, -ORDER_DAYS * DAY_MINUTES))) return [];
      const ways = nearbyWays(toBuy) ?? [];
      return [
        {
          task: id,
          message: `An order takes about ${ORDER_DAYS} days: it would come after the lesson. What is ordered can no longer be had.`,
          offer: offers.includes('buy-nearby')
            ? { shortcut: 'buy-nearby', words: `Buy ${ways.join(', ')} instead` }
            : null,
        },
      ];
    }
    const wait = waitOf(wanted, id);
    const following = tasks[index + 1]?.start ?? lessonStart;
    const next = following < lessonStart ? following : lessonStart;
    if (wait === 0 || addMinutes(start, minutes + wait) <= next) return [];
    return [
      {
        task: id,
        message: `“${name}”: it is not dry in time.`,
        offer: offers.includes('oven-dry')
          ? { shortcut: 'oven-dry', words: 'Dry it in the oven instead of overnight' }
          : null,
      },
    ];
  });
}

/** Nobody prepares any more. */
const AFTER: readonly TaskId[] = ['lesson', 'switch-on', 'switch-off', 'clear'];

function conflictsOf(
  tasks: readonly Task[],
  { from, to, works }: WorkingTime,
  now: LocalTime,
): TimetableConflict[] {
  const conflicts: TimetableConflict[] = [];
  const say = (task: TaskId, message: string): void =>
    void conflicts.push({ task, message, offer: null });
  tasks.forEach((task, index) => {
    const { id, name, start, minutes } = task;
    const end = addMinutes(start, minutes);
    if (start < now) say(id, `“${name}” lies in the past.`);
    if (!AFTER.includes(id)) {
      const begins = minuteOfDay(start.slice(11, 16));
      if (begins < from || begins + minutes > to) {
        say(id, `“${name}” does not fit into the working hours.`);
      } else if (!works(dayOf(start))) {
        say(
          id,
          `“${name}” falls on a ${isWorkingDay(dayOf(start)) ? 'day without school' : 'weekend'}.`,
        );
      }
    }
    for (const other of tasks.slice(index + 1)) {
      if (other.start < end && minutesBetween(other.start, end) > 0) {
        if (id === 'lesson' && other.id === 'switch-on') {
          say(other.id, 'It is to be switched on before the lesson is over.');
        } else if (other.id === 'lesson') {
          say(id, `“${name}” is not done before the lesson begins.`);
        } else if (!AFTER.includes(other.id)) {
          const later = other.start < start ? 'comes after what needs it' : 'overlaps';
          say(id, `“${name}” ${later}: “${other.name}”.`);
        }
      }
    }
  });
  return conflicts;
}
