import type { LogLine } from '@/core/records/logbook/logEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import { appendToLog } from './appendToLog';
import { freshBench, logStream, note, NOW, read } from '@/testing/server/benchForTests';
import { closeClass, openClass } from './classes';
import { listenToLog } from './listenToLog';
import { startAnew } from './planFeed';
import { storedLessons } from './storedLessons';

afterEach(() => jest.useRealTimers());

test('who watches is told of fresh lines only', () => {
  const context = freshBench();
  let told = 0;
  const stop = context.bus.listen('p', () => (told += 1));
  expect(appendToLog(context, 'p', [note('a')], 'group').status).toBe('logged');
  expect(appendToLog(context, 'p', [note('a')], 'group').status).toBe('logged');
  expect(appendToLog(context, 'none', [note('a')], 'group').status).toBe('no-plan');
  expect(told).toBe(1);
  // Of several that come together one is enough.
  expect(appendToLog(context, 'p', [note('a'), note('b')], 'group').status).toBe('logged');
  expect(told).toBe(2);
  stop();
  appendToLog(context, 'p', [note('c')], 'group');
  expect(told).toBe(2);
});

/** A class begins, with a seat of a group in it. */
const seatIn = (context: ReturnType<typeof freshBench>, group: string) => {
  openClass(context, 'p');
  return { group, startedAt: NOW };
};

test('a stream begins with what is missing, goes on with news of its own group, and carries numbers', async () => {
  const context = freshBench();
  appendToLog(context, 'p', [note('a'), note('x', 'Knot')], 'group');
  const stream = logStream(context, {
    planId: 'p',
    after: 0,
    seat: seatIn(context, 'Tern'),
  });
  setTimeout(() => appendToLog(context, 'p', [note('b'), note('y', 'Knot')], 'group'), 20);
  const text = await read(stream, /"b"/);
  const lines = [...text.matchAll(/^event: lines\ndata: (.*)$/gm)].flatMap(
    ([, json = '[]']) => JSON.parse(json) as LogLine[],
  );
  expect(lines.map(({ entryId }) => entryId)).toEqual(['a', 'b']);
  expect(text).toMatch(/^id: 1\nevent: lines/);
});

test('who watches hears that the plan was saved anew, after what was logged', async () => {
  const context = freshBench();
  const stream = logStream(context, { planId: 'p', after: 0 });
  setTimeout(() => {
    context.bus.planSaved('other');
    appendToLog(context, 'p', [note('a')], 'teacher');
    context.bus.planSaved('p');
  }, 20);
  const text = await read(stream, /event: plan/);
  expect(text).toMatch(/"a".*\n\nevent: plan\ndata: \{\}\n\n$/);
  expect(text.match(/event: plan/g)).toHaveLength(1);
});

test('who watches the board hears which groups have how many devices, and who left', async () => {
  const context = freshBench();
  const options = { planId: 'p', after: 0 };
  seatIn(context, 'Tern');
  const phones = ['Tern', 'Tern', 'Knot'].map((group) =>
    logStream(context, { ...options, seat: { group, startedAt: NOW } }).getReader(),
  );
  const board = logStream(context, options);
  setTimeout(() => void phones[1]!.cancel(), 20);
  const text = await read(board, /"Tern":\{"devices":1,/);
  expect(text).toContain(`"Tern":{"devices":2,"since":${NOW}}`);
  expect(text).toContain(`"Knot":{"devices":1,"since":${NOW}}`);
  await Promise.all([phones[0]!.cancel(), phones[2]!.cancel()]);
  expect(context.bus.present('p').get('Knot')?.devices).toBe(0);
});

test('a group’s stream ends with its class', async () => {
  const context = freshBench();
  const ended = jest.fn();
  const stream = logStream(context, {
    planId: 'p',
    after: 0,
    seat: seatIn(context, 'Tern'),
    onEnd: ended,
  });
  setTimeout(() => closeClass(context, 'p'), 20);
  expect(await read(stream, /never/)).toMatch(/event: ended\ndata: \{\}\n\n\[closed\]$/);
  expect(ended).toHaveBeenCalledTimes(1);
});

test('after a restore whoever follows is told to begin anew, and numbers may be lower than before', async () => {
  const context = freshBench();
  const board = logStream(context, { planId: 'p', after: 1000 });
  setTimeout(() => startAnew(context.bus), 20);
  expect(await read(board, /never/)).toMatch(/event: anew\ndata: \{\}\n\n\[closed\]$/);
  const again = logStream(context, { planId: 'p', after: 0 });
  setTimeout(() => appendToLog(context, 'p', [note('a')], 'teacher'), 20);
  expect(await read(again, /"a"/)).toContain('id: 1\n');
});

test('who comes between two ticks hears nothing twice, and the others all of it', () => {
  jest.useFakeTimers();
  const context = freshBench();
  const heard = (after: number): string[] => {
    const said: string[] = [];
    const say = (text: string): boolean => {
      for (const [, id = ''] of text.matchAll(/"entryId":"(\w+)"/g)) said.push(id);
      return true;
    };
    listenToLog(context, { planId: 'p', after }, { say, close: () => undefined });
    return said;
  };
  const first = heard(0);
  appendToLog(context, 'p', [note('a')], 'group');
  const second = heard(0);
  appendToLog(context, 'p', [note('b'), note('c')], 'group');
  const third = heard(2);
  expect([first, second, third]).toEqual([[], ['a'], ['c']]);
  jest.advanceTimersByTime(1000);
  jest.useRealTimers();
  expect([first, second, third]).toEqual([['a', 'b', 'c'], ['a', 'b', 'c'], ['c']]);
});

test('however many follow a plan, its log is read once a tick; who fell behind is dropped', async () => {
  const context = freshBench();
  const seat = seatIn(context, 'Tern');
  jest.useFakeTimers();
  const readers = Array.from({ length: 30 }, () =>
    logStream(context, { planId: 'p', after: 0, seat }).getReader(),
  );
  const asked = jest.spyOn(context.log, 'linesAfter');
  for (let index = 0; index < 250; index += 1) {
    appendToLog(context, 'p', [note(`n${index}`)], 'group');
    jest.advanceTimersByTime(200);
  }
  jest.useRealTimers();
  expect(asked.mock.calls.length).toBeGreaterThan(150);
  expect(asked.mock.calls.length).toBeLessThan(300);
  // Nobody read: at 200 messages that wait a stream ends, and its device comes back with its last number.
  expect(context.bus.present('p').get('Tern')?.devices).toBe(0);
  await Promise.all(readers.map((reader) => reader.cancel()));
});

test('with each tick only the groups that wrote are judged, after a change of the plan all of them', () => {
  jest.useFakeTimers();
  const context = freshBench();
  const refresh = jest.spyOn(context.judgements, 'refresh').mockImplementation(() => undefined);
  const told: string[] = [];
  const say = (text: string): boolean => told.push(text) > 0;
  const end = listenToLog(context, { planId: 'p', after: 0 }, { say, close: () => undefined });
  const asked = (): unknown[] => {
    const calls = refresh.mock.calls.map(([, groups]) => groups);
    refresh.mockClear();
    return calls;
  };
  expect(asked()).toEqual([undefined]);
  appendToLog(context, 'p', [note('a'), note('b', 'Knot'), note('c')], 'group');
  jest.advanceTimersByTime(200);
  expect(asked()).toEqual([['Tern', 'Knot']]);
  context.bus.planSaved('p');
  appendToLog(context, 'p', [note('d')], 'group');
  jest.advanceTimersByTime(200);
  expect(asked()).toEqual([undefined]);
  // A heartbeat is no news.
  told.length = 0;
  jest.advanceTimersByTime(15_000);
  expect(asked()).toEqual([]);
  expect(told.join('')).not.toBe('');
  end();
  told.length = 0;
  appendToLog(context, 'p', [note('e')], 'group');
  jest.advanceTimersByTime(30_000);
  jest.useRealTimers();
  expect([asked(), told]).toEqual([[], []]);
});

test('classes whose lines are stored are named by their plans, also after those are gone', () => {
  const context = freshBench();
  appendToLog(context, 'p', [note('a'), note('b')], 'group');
  context.documents('plans').insert('q', newPlan('Fog bell'), NOW);
  appendToLog(context, 'q', [note('c')], 'group');
  context.documents('plans').remove('p', NOW);
  expect(storedLessons(context)).toEqual([
    { planId: 'p', title: null, lines: 2 },
    { planId: 'q', title: 'Fog bell', lines: 1 },
  ]);
});
