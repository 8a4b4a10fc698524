export type PhaseId =
  | 'question'
  | 'one-cell'
  | 'measure-one'
  | 'more-cells'
  | 'measure-all'
  | 'device'
  | 'compare'
  | 'clear';

/** A part of the lesson itself. */
export interface LessonPhase {
  readonly id: PhaseId;
  readonly name: string;
  readonly minutes: number;
}

/** One group at its bench. */
export interface GroupAtWork {
  readonly cellsInGroup: number;
  readonly pupilsInGroup: { readonly least: number; readonly most: number };
}

export interface LessonCourse {
  readonly phases: readonly LessonPhase[];
  readonly minutes: number;
  /** Minutes by which it is longer than the lesson; 0 where it fits. */
  readonly over: number;
}

/** Minutes of what does not depend on the battery (common practice, no source). */
const FIXED = { question: 4, device: 4, compare: 5, clear: 6 } as const;

/** Minutes in which all groups have read their first cell, and their whole battery. */
export interface MeasuringRounds {
  readonly one: number;
  readonly all: number;
}

/**
 * The lesson by phase: one cell and its readings first, then the others, each pupil their own, then the device.
 * @param minutesPerCell building one cell
 */
export function lessonPhases(
  { cellsInGroup, pupilsInGroup }: GroupAtWork,
  rounds: MeasuringRounds,
  minutesPerCell: number,
  lessonMinutes: number,
): LessonCourse {
  const hands = Math.max(1, pupilsInGroup.least);
  const more = Math.ceil(Math.max(0, cellsInGroup - 1) / hands) * minutesPerCell;
  const all: LessonPhase[] = [
    {
      id: 'question',
      name: 'The question, the cautions, the kit',
      minutes: FIXED.question,
    },
    {
      id: 'one-cell',
      name: 'Build one cell',
      minutes: minutesPerCell,
    },
    {
      id: 'measure-one',
      name: 'Measure it: every group once',
      minutes: rounds.one,
    },
    {
      id: 'more-cells',
      name: 'Build the others, each pupil their own',
      minutes: more,
    },
    {
      id: 'measure-all',
      name: 'Join them one by one and measure',
      minutes: rounds.all,
    },
    {
      id: 'device',
      name: 'Connect the load, the right way round',
      minutes: FIXED.device,
    },
    {
      id: 'compare',
      name: 'Compare and explain',
      minutes: FIXED.compare,
    },
    {
      id: 'clear',
      name: 'Clear away, count back, wash hands',
      minutes: FIXED.clear,
    },
  ];
  const phases = all.filter((phase) => phase.minutes > 0);
  const minutes = phases.reduce((sum, phase) => sum + phase.minutes, 0);
  return { phases, minutes, over: Math.max(0, minutes - lessonMinutes) };
}
