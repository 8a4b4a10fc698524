import { readingEntry } from '@/core/records/logbook/readingEntry';
import type { Measurement } from '@/core/records/logbook/measurement';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { freshBench, NOW } from '@/testing/server/benchForTests';
import { appendToLog } from '../appendToLog';
import { openClass } from '../classes';
import { listenToLog } from '../listenToLog';
import { createJudge, type JudgeRequest } from './createJudge';
import { createJudgements, type Judgements } from './judgements';

const PLAN: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
};
const AT = '2027-01-29T14:00:00Z';
const volts = (to: number): Measurement => ({ kind: 'volts', string: 1, from: 1, to, built: to });
let entries = 0;
const read = (
  context: ReturnType<typeof freshBench>,
  group: string,
  measurement: Measurement,
  value: number,
): void => {
  const entryId = `e${(entries += 1)}`;
  const entry = readingEntry(measurement, value, AT);
  appendToLog(context, 'p', [{ entryId, revision: 1, group, entry, struck: false }], 'group');
};

/** Judgements that count how often they ask, and wait until they are told to go on. */
function counted(context: ReturnType<typeof freshBench>) {
  const asked: JudgeRequest[] = [];
  const judge = createJudge();
  let go: () => void = () => undefined;
  const judgements: Judgements = createJudgements(
    () => context,
    (request) =>
      new Promise((answer) => {
        asked.push(request);
        go = () => answer(judge(request));
      }),
  );
  const settle = async (): Promise<void> => {
    go();
    await new Promise((resolve) => setImmediate(resolve));
  };
  return { asked, judgements, settle };
}

test('a judgement is kept by the position of the log: the same lines are not judged twice', async () => {
  const context = freshBench(PLAN);
  const { asked, judgements, settle } = counted(context);
  read(context, 'Tern', volts(1), 0.93);
  read(context, 'Tern', volts(2), 0.01);
  read(context, 'Tern', volts(2), 0.02);
  judgements.refresh('p', ['Tern']);
  await settle();
  const tern = judgements.known('p').get('Tern');
  expect(tern?.headline).toMatch(/between cells 1 and 2/);
  expect(tern?.seq).toBe(context.log.linesAfter('p', 0).at(-1)?.seq);
  judgements.refresh('p', ['Tern']);
  await settle();
  expect(asked).toHaveLength(1);
  read(context, 'Tern', volts(2), 1.86);
  judgements.refresh('p', ['Tern']);
  await settle();
  expect(asked).toHaveLength(2);
  expect(judgements.known('p').get('Tern')?.verdict).toBe('fine');
  judgements.forget();
  expect(judgements.known('p').size).toBe(0);
});

test('who reads on while others are judged is judged once, with all that stands then', async () => {
  const context = freshBench(PLAN);
  const { asked, judgements, settle } = counted(context);
  read(context, 'Knot', volts(1), 0.93);
  read(context, 'Tern', volts(1), 0.93);
  judgements.refresh('p', ['Knot']);
  for (const value of [1.8, 1.82, 1.86]) {
    read(context, 'Tern', volts(2), value);
    judgements.refresh('p', ['Tern']);
  }
  await settle();
  await settle();
  expect(asked.map(({ readings }) => readings.length)).toEqual([1, 2]);
});

test('who follows hears the same: the board of all groups, a phone of its own', async () => {
  const context = freshBench(PLAN);
  const told = { board: '', phone: '' };
  const follow = (who: keyof typeof told, group?: string): (() => void) =>
    listenToLog(
      context,
      {
        planId: 'p',
        after: 0,
        ...(group === undefined ? {} : { seat: { group, startedAt: NOW } }),
      },
      {
        say: (text) => {
          told[who] += text;
          return true;
        },
        close: () => undefined,
      },
    );
  openClass(context, 'p');
  const leave = [follow('board'), follow('phone', 'Tern')];
  read(context, 'Knot', volts(1), 0.01);
  read(context, 'Tern', volts(1), 0.93);
  read(context, 'Tern', volts(2), 0.01);
  const both = /"verdict":"(faulty|reading)"/;
  while (!both.test(told.board) || !both.test(told.phone)) {
    await new Promise((resolve) => setImmediate(resolve));
  }
  leave.forEach((end) => end());
  const judged = (text: string): Record<string, { headline: string }> =>
    JSON.parse([...text.matchAll(/^event: judged\ndata: (.*)$/gm)].at(-1)?.[1] ?? '{}');
  expect(Object.keys(judged(told.phone))).toEqual(['Tern']);
  expect(judged(told.phone)['Tern']).toEqual(judged(told.board)['Tern']);
});

test('readings that cannot be judged are said in the terminal, and the others are judged all the same', async () => {
  const context = freshBench(PLAN);
  const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const judge = createJudge();
  const judgements = createJudgements(
    () => context,
    (request) =>
      request.readings[0]?.value === 0.5
        ? Promise.reject(new Error('no sense'))
        : Promise.resolve(judge(request)),
  );
  read(context, 'Knot', volts(1), 0.5);
  read(context, 'Tern', volts(1), 0.93);
  judgements.refresh('p');
  judgements.refresh('gone', ['Tern']);
  await new Promise((resolve) => setImmediate(resolve));
  expect([...judgements.known('p').keys()]).toEqual(['Tern']);
  expect(judgements.known('gone').size).toBe(0);
  expect(said.mock.calls).toEqual([['The readings of Knot could not be judged: Error: no sense']]);
  said.mockRestore();
});

test('a reading that was struck out takes its judgement away, and who follows hears of it', async () => {
  const context = freshBench(PLAN);
  const judged = jest.spyOn(context.bus, 'judged');
  const judge = createJudge();
  const judgements = createJudgements(
    () => context,
    (request) => Promise.resolve(judge(request)),
  );
  const settled = async (): Promise<number> => {
    judgements.refresh('p', ['Tern']);
    await new Promise((resolve) => setImmediate(resolve));
    return judged.mock.calls.length;
  };
  const entry = readingEntry(volts(1), 0.93, AT);
  const line = { entryId: 'only', group: 'Tern', entry } as const;
  appendToLog(context, 'p', [{ ...line, revision: 1, struck: false }], 'group');
  expect(await settled()).toBe(1);
  appendToLog(context, 'p', [{ ...line, revision: 2, struck: true }], 'group');
  expect(await settled()).toBe(2);
  expect(judgements.known('p').size).toBe(0);
  // A note alone is nothing to judge.
  const note = { kind: 'note', text: 'we wait', takenAt: AT } as const;
  appendToLog(
    context,
    'p',
    [{ entryId: 'note', revision: 1, group: 'Tern', entry: note, struck: false }],
    'group',
  );
  expect(await settled()).toBe(2);
});
