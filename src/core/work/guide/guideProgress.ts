import { standingOf } from '../../records/logbook/foldLog';
import type { LogEntry, LogLine } from '../../records/logbook/logEntry';
import { measurementKey } from '../../records/logbook/measurement';
import type { GuideStep } from './guideStep';

export type StepState = Extract<LogEntry, { kind: 'step' }>['state'];
export type StepStates = ReadonlyMap<string, StepState>;

/** How far a group is with the guide’s steps. */
export interface GuideProgress {
  /** Every step of the guide with its state. */
  readonly states: StepStates;
  /** Steps whose reading stands in the log, whatever their state. */
  readonly read: ReadonlySet<string>;
}

/**
 * A reading step is done by its reading and by nothing else; it is open again when the reading is taken out, or when
 * the group went back to it after reading. Every other step is as it was pressed last.
 */
export function guideProgress(
  steps: readonly GuideStep[],
  lines: readonly LogLine[],
  group: string,
): GuideProgress {
  const marks = new Map<string, { readonly state: StepState; readonly seq: number }>();
  const readAt = new Map<string, number>();
  for (const { current } of standingOf(lines, group)) {
    const { entry, seq } = current;
    if (entry.kind === 'step') marks.set(entry.step, { state: entry.state, seq });
    if (entry.kind === 'reading') {
      const key = measurementKey(entry.measurement);
      readAt.set(key, Math.max(seq, readAt.get(key) ?? -Infinity));
    }
  }
  const read = new Set<string>();
  const states = new Map<string, StepState>();
  for (const { id, measurement } of steps) {
    const mark = marks.get(id);
    if (measurement === null) {
      states.set(id, mark?.state ?? 'open');
      continue;
    }
    const at = readAt.get(measurementKey(measurement));
    if (at === undefined) {
      states.set(id, mark?.state === 'skipped' ? 'skipped' : 'open');
      continue;
    }
    read.add(id);
    states.set(id, mark === undefined || mark.seq < at ? 'done' : mark.state);
  }
  return { states, read };
}

/** The first step that is neither done nor skipped; `null` where all are. */
export function currentStep(
  steps: readonly GuideStep[],
  { states }: Pick<GuideProgress, 'states'>,
): GuideStep | null {
  return steps.find(({ id }) => (states.get(id) ?? 'open') === 'open') ?? null;
}

/** A press on one of the guide’s buttons. */
export interface GuidePress {
  readonly kind: 'done' | 'skip' | 'back';
  /** The step that was on screen; `null` where all were done. */
  readonly step: string | null;
}

export type PressAnswer =
  | { readonly kind: 'mark'; readonly step: string; readonly state: StepState }
  /** The step is a reading step that nothing was read for. */
  | { readonly kind: 'ask' }
  /** The press meant a step that is not the current one any more, or there is nothing to do. */
  | { readonly kind: 'nothing' };

/** What a press does. One press moves the guide by one step at most, and never past a reading that is missing. */
export function answerToPress(
  steps: readonly GuideStep[],
  progress: GuideProgress,
  { kind, step }: GuidePress,
): PressAnswer {
  const current = currentStep(steps, progress);
  if ((current?.id ?? null) !== step) return { kind: 'nothing' };
  if (kind === 'back') {
    const before = steps[(current === null ? steps.length : steps.indexOf(current)) - 1];
    return before === undefined
      ? { kind: 'nothing' }
      : { kind: 'mark', step: before.id, state: 'open' };
  }
  if (current === null) return { kind: 'nothing' };
  if (kind === 'skip') return { kind: 'mark', step: current.id, state: 'skipped' };
  return current.measurement !== null && !progress.read.has(current.id)
    ? { kind: 'ask' }
    : { kind: 'mark', step: current.id, state: 'done' };
}
