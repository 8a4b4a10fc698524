import fc from 'fast-check';
import type { LogEntry, LogLine } from '../../records/logbook/logEntry';
import { readingEntry } from '../../records/logbook/readingEntry';
import { newPlan } from '../../records/plan/newPlan';
import { evaluatePlan } from '../judging/evaluatePlan';
import { answerToPress, currentStep, guideProgress, type GuidePress } from './guideProgress';
import { guideOfPlan } from './guideOfPlan';

const AT = '2027-01-29T14:02:00Z';
const PLAN = newPlan('Lamp');
const STEPS = guideOfPlan(PLAN, evaluatePlan(PLAN));

/** A log that a group writes to, as the server keeps it. */
class Log {
  lines: LogLine[] = [];

  write(entryId: string, entry: LogEntry, struck = false): void {
    const revision = 1 + this.lines.filter((line) => line.entryId === entryId).length;
    const seq = this.lines.length + 1;
    this.lines.push({
      seq,
      entryId,
      revision,
      group: 'Knot',
      entry,
      struck,
      author: 'group',
      at: seq,
    });
  }

  get progress() {
    return guideProgress(STEPS, this.lines, 'Knot');
  }

  get step() {
    return currentStep(STEPS, this.progress);
  }

  press(kind: GuidePress['kind'], step = this.step?.id ?? null): string {
    const answer = answerToPress(STEPS, this.progress, { kind, step });
    if (answer.kind === 'mark') {
      const { step: marked, state } = answer;
      this.write(`step Knot ${marked}`, { kind: 'step', step: marked, state, takenAt: AT });
    }
    return answer.kind;
  }

  /** Types a value for the current step and sends it. */
  read(value: number): void {
    const measurement = this.step?.measurement ?? null;
    if (measurement === null) return;
    this.write(`r${this.lines.length}`, readingEntry(measurement, value, AT));
  }
}

const at = (log: Log): number => {
  const { step } = log;
  return step === null ? STEPS.length : STEPS.indexOf(step);
};
const upTo = (log: Log, id: string): Log => {
  while (log.step !== null && log.step.id !== id) {
    if (log.step.measurement === null) log.press('done');
    else log.read(0.9);
  }
  return log;
};

test('a reading step is done by its reading; Done without one asks and moves nothing', () => {
  const log = upTo(new Log(), 'volts 1 1');
  expect(log.press('done')).toBe('ask');
  expect(log.step?.id).toBe('volts 1 1');
  log.read(0.93);
  expect(log.step?.id).toBe('short 1 1');
});

test('a press that meant the step before does nothing: the milliamps are not jumped over', () => {
  const log = upTo(new Log(), 'volts 1 1');
  const seen = log.step?.id ?? '';
  log.read(0.93);
  expect(log.press('done', seen)).toBe('nothing');
  expect(log.step?.id).toBe('short 1 1');
});

test('back opens a step that was read; its reading stands and Done takes it again', () => {
  const log = upTo(new Log(), 'short 1 1');
  expect(log.press('back')).toBe('mark');
  expect(log.step?.id).toBe('volts 1 1');
  expect(log.progress.read.has('volts 1 1')).toBe(true);
  expect(log.press('done')).toBe('mark');
  expect(log.step?.id).toBe('short 1 1');
});

test('a reading that is taken out opens its step again, and one from the table completes it', () => {
  const log = upTo(new Log(), 'short 1 1');
  const line = log.lines.findLast(({ entry }) => entry.kind === 'reading');
  if (line === undefined) throw new Error('nothing was read');
  log.write(line.entryId, line.entry, true);
  expect(log.step?.id).toBe('volts 1 1');
  log.write('table', line.entry);
  expect(log.step?.id).toBe('short 1 1');
});

test('an old log that marked a reading step done without a reading does not skip it', () => {
  const log = upTo(new Log(), 'volts 1 1');
  log.write('step Knot volts 1 1', { kind: 'step', step: 'volts 1 1', state: 'done', takenAt: AT });
  expect(log.step?.id).toBe('volts 1 1');
});

test('all steps can be done, and back leads in again from the end', () => {
  const log = upTo(new Log(), 'never');
  expect(log.step).toBeNull();
  expect(log.press('done')).toBe('nothing');
  expect(log.press('skip')).toBe('nothing');
  expect(log.press('back')).toBe('mark');
  expect(log.step?.id).toBe('clear');
});

const presses = fc.oneof(
  { weight: 3, arbitrary: fc.constant({ press: 'done' as const }) },
  { weight: 1, arbitrary: fc.constant({ press: 'skip' as const }) },
  { weight: 1, arbitrary: fc.constant({ press: 'back' as const }) },
  { weight: 3, arbitrary: fc.record({ read: fc.double({ min: -2, max: 3, noNaN: true }) }) },
  {
    weight: 1,
    arbitrary: fc.record({
      late: fc.constantFrom('done' as const, 'skip' as const, 'back' as const),
    }),
  },
  { weight: 1, arbitrary: fc.constant({ strike: true as const }) },
);

test('whatever is pressed: one step at most each time, and no reading step is passed without reading or Skip', () => {
  fc.assert(
    fc.property(fc.array(presses, { maxLength: 60 }), (actions) => {
      const log = new Log();
      let seen = log.step?.id ?? null;
      for (const action of actions) {
        const before = at(log);
        const shown = log.step?.id ?? null;
        if ('press' in action) log.press(action.press);
        else if ('read' in action) log.read(action.read);
        else if ('late' in action) {
          // Pressed on what was on screen one action ago.
          const moved = log.press(action.late, seen);
          if (seen !== shown) expect(moved).toBe('nothing');
        } else {
          const last = log.lines.findLast(
            ({ entry, struck }) => entry.kind === 'reading' && !struck,
          );
          if (last !== undefined) log.write(last.entryId, last.entry, true);
        }
        seen = shown;
        // Beyond a step that is open again, those done before stay done: a move ahead may pass them.
        if (!('strike' in action)) {
          const after = at(log);
          const passed = STEPS.slice(before, after);
          expect(before - after).toBeLessThanOrEqual(1);
          for (const { id, measurement } of passed) {
            const state = log.progress.states.get(id);
            expect(state).not.toBe('open');
            if (measurement !== null && state === 'done') {
              expect(log.progress.read.has(id)).toBe(true);
            }
          }
        }
      }
    }),
    { numRuns: 300 },
  );
});

test('two devices that write the same log are at the same step', () => {
  fc.assert(
    fc.property(fc.array(presses, { maxLength: 30 }), (actions) => {
      const log = new Log();
      for (const action of actions) {
        if ('press' in action) log.press(action.press);
        else if ('read' in action) log.read(action.read);
      }
      // The other device gets the lines in the order in which they come to it: duplicates and all.
      const shuffled = [...log.lines, ...log.lines].sort((a, b) => b.seq - a.seq);
      const other = [...new Map(shuffled.map((line) => [line.seq, line])).values()].sort(
        (a, b) => a.seq - b.seq,
      );
      expect(currentStep(STEPS, guideProgress(STEPS, other, 'Knot'))).toBe(log.step);
    }),
    { numRuns: 50 },
  );
});
