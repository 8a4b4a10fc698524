import { cellsOf, type Desk } from '../../physics/desk/desk';
import { minutesToBuildOf } from '../../physics/recipes/cellBuild';
import type { Lesson } from '../../records/plan/lessonSchema';
import {
  measuringPlan,
  measuringPlans,
  type MeasuringInput,
  type MeasuringPlan,
} from './measuring';
import type { GroupAtWork } from './lessonPhases';
import { safetyGate, type SafetyGate } from './safetyGate';

/** A battery in the lesson: who builds it, and how long building, measuring and clearing away take. */
export interface LessonPlan {
  readonly gate: SafetyGate;
  /** Batteries that are built: one a group, or one by the adult who shows it. */
  readonly groups: number;
  readonly group: GroupAtWork;
  readonly measuring: MeasuringPlan;
  /** Every way to share the meters, the fullest first. */
  readonly ways: readonly MeasuringPlan[];
}

/**
 * @param sound the battery as it is meant
 * @param volts that it has with nothing connected
 */
export function lessonPlan(lesson: Lesson, sound: Desk, volts: number): LessonPlan {
  const cells = cellsOf(sound);
  const gate = safetyGate(lesson, cells, volts);
  // What pupils do not build is built once, by the adult who shows it.
  const groups = gate.pupilSheet ? lesson.groups : 1;
  const group: GroupAtWork = {
    cellsInGroup: cells.length,
    pupilsInGroup: {
      least: Math.floor(lesson.pupils / groups),
      most: Math.ceil(lesson.pupils / groups),
    },
  };
  const minutesPerCell = Math.max(...cells.map(minutesToBuildOf));
  const input: MeasuringInput = { group, groups, lesson, minutesPerCell };
  return { gate, groups, group, measuring: measuringPlan(input), ways: measuringPlans(input) };
}

/** More bodies than this are a long afternoon for one group (common practice, no source). */
const MANY_BODIES = 12;

/** What of the lesson’s time a battery takes; `null` where no class builds it. */
export interface TimeInLesson {
  readonly minutes: number;
  readonly available: number;
  readonly over: boolean;
  /** More bodies than a group builds without thinking of the clock. */
  readonly manyBodies: boolean;
}

export function timeInLesson(
  { gate, group, measuring }: LessonPlan,
  lesson: Lesson,
): TimeInLesson | null {
  if (!gate.pupilSheet) return null;
  const { minutes, over } = measuring.course;
  return {
    minutes,
    available: lesson.minutes,
    over: over > 0,
    manyBodies: group.cellsInGroup > MANY_BODIES,
  };
}
