import { MEASURING_WAYS, type Lesson, type MeasuringWay } from '../../records/plan/lessonSchema';
import { lessonPhases, type GroupAtWork, type LessonCourse } from './lessonPhases';
import { meterQueue, TURN_MINUTES, type MeterQueue } from './meterQueue';

/** What the ways to share the meters are called. */
export const MEASURING_NAMES: Readonly<Record<MeasuringWay, string>> = {
  'every-cell': 'every group reads everything',
  'milliamp-station': 'one meter stands still for milliamps, the others go round for volts',
  pairs: 'two groups share a turn and read one battery',
  once: 'the first cell is read together; each group reads its battery once',
};

/** How the meters are shared, and the lesson that follows. */
export interface MeasuringPlan {
  readonly way: MeasuringWay;
  readonly queue: MeterQueue;
  readonly course: LessonCourse;
}

/** One cell read for all at the teacher's desk, minutes (common practice, no source). */
const TOGETHER_MINUTES = 3;

export interface MeasuringInput {
  readonly group: GroupAtWork;
  readonly groups: number;
  readonly lesson: Pick<Lesson, 'meters' | 'minutes' | 'mostWaitMinutes' | 'measuring'>;
  readonly minutesPerCell: number;
}

/** The chosen way to share the meters; where none is chosen, the fullest with which the lesson fits. */
export function measuringPlan(input: MeasuringInput): MeasuringPlan {
  const { measuring } = input.lesson;
  const ways = measuringPlans(input);
  const chosen = ways.find(({ way }) => way === measuring);
  if (chosen !== undefined) return chosen;
  const [first, ...others] = ways;
  if (first === undefined) throw new Error('there is always a way to measure');
  return (
    ways.find(({ course }) => course.over === 0) ??
    others.reduce((best, one) => (one.course.minutes < best.course.minutes ? one : best), first)
  );
}

/** Every way that the meters allow, the fullest first. */
export function measuringPlans(input: MeasuringInput): MeasuringPlan[] {
  const { groups, lesson } = input;
  return MEASURING_WAYS.filter(
    (way) =>
      (way !== 'milliamp-station' || (lesson.meters > 1 && groups > 1)) &&
      (way !== 'pairs' || groups > 1),
  ).map((way) => planOf(way, input));
}

/** Turns are cut by half minutes until the lesson fits, but not below the least. */
const TURN_STEP_MINUTES = 0.5;

function planOf(way: MeasuringWay, input: MeasuringInput): MeasuringPlan {
  for (let turn: number = TURN_MINUTES.usual; ; turn -= TURN_STEP_MINUTES) {
    const plan = planWithTurns(way, input, turn);
    if (plan.course.over === 0 || turn <= TURN_MINUTES.least) return plan;
  }
}

function planWithTurns(
  way: MeasuringWay,
  { group, groups, lesson, minutesPerCell }: MeasuringInput,
  longestTurn: number,
): MeasuringPlan {
  const queue = queueOf(way, groups, lesson, longestTurn);
  const round = queue.turnMinutes + queue.longestWaitMinutes;
  const rounds = { one: way === 'once' ? TOGETHER_MINUTES : round, all: round };
  return { way, queue, course: lessonPhases(group, rounds, minutesPerCell, lesson.minutes) };
}

function queueOf(
  way: MeasuringWay,
  groups: number,
  { meters, mostWaitMinutes }: MeasuringInput['lesson'],
  longestTurn: number,
): MeterQueue {
  switch (way) {
    case 'every-cell':
    case 'once':
      return meterQueue(groups, meters, mostWaitMinutes, longestTurn);
    case 'pairs': {
      const pairs = Math.ceil(groups / 2);
      const queue = meterQueue(pairs, meters, mostWaitMinutes, longestTurn);
      return {
        ...queue,
        turns: Array.from({ length: groups }, (_, group) => {
          const turn = queue.turns[Math.floor(group / 2)];
          if (turn === undefined) throw new Error('every pair has a turn');
          return { ...turn, group };
        }),
      };
    }
    case 'milliamp-station': {
      // All pass the one station; the volts are read meanwhile.
      const queue = meterQueue(groups, meters - 1, mostWaitMinutes);
      const turnMinutes = TURN_MINUTES.least;
      const slots = Math.max(groups, Math.ceil(groups / (meters - 1)));
      return {
        ...queue,
        turnMinutes,
        longestWaitMinutes: (slots - 1) * turnMinutes,
        turns: queue.turns.map((turn) => ({ ...turn, fromMinute: turn.round * turnMinutes })),
      };
    }
  }
}
