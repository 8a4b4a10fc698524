import type { Kit } from './kitOfPlan';
import type { MeterQueue } from './meterQueue';

/** A part of the lesson itself. */
export interface LessonPhase {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
}

export interface LessonCourse {
  readonly phases: readonly LessonPhase[];
  readonly minutes: number;
  /** Minutes by which it is longer than the lesson; 0 where it fits. */
  readonly over: number;
}

/** Minutes of what does not depend on the battery (common practice, no source). */
const FIXED = { question: 4, device: 4, compare: 5, clear: 6 } as const;

/**
 * The lesson by phase: one cell and its readings first, then the others, each pupil their own, then the device.
 * @param minutesPerCell building one cell
 */
export function lessonPhases(
  kit: Pick<Kit, 'cellsInGroup' | 'pupilsInGroup'>,
  queue: Pick<MeterQueue, 'turnMinutes' | 'longestWaitMinutes'>,
  minutesPerCell: number,
  lessonMinutes: number,
): LessonCourse {
  const hands = Math.max(1, kit.pupilsInGroup.least);
  const more = Math.ceil(Math.max(0, kit.cellsInGroup - 1) / hands) * minutesPerCell;
  const measuring = queue.turnMinutes + queue.longestWaitMinutes;
  const phases: LessonPhase[] = [
    { id: 'question', name: 'The question, the cautions, the kit', minutes: FIXED.question },
    { id: 'one-cell', name: 'Build one cell', minutes: minutesPerCell },
    { id: 'measure-one', name: 'Measure it: every group once', minutes: measuring },
    { id: 'more-cells', name: 'Build the others, each pupil their own', minutes: more },
    { id: 'measure-all', name: 'Join them one by one and measure', minutes: measuring },
    { id: 'device', name: 'Connect the device, the right way round', minutes: FIXED.device },
    { id: 'compare', name: 'Compare and explain', minutes: FIXED.compare },
    { id: 'clear', name: 'Clear away, count back, wash hands', minutes: FIXED.clear },
  ].filter(({ minutes }) => minutes > 0);
  const minutes = phases.reduce((sum, phase) => sum + phase.minutes, 0);
  return { phases, minutes, over: Math.max(0, minutes - lessonMinutes) };
}
