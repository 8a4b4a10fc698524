import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LogLine, LogRequest } from '@/core/records/logbook/logEntry';
import { newPlan } from '@/core/records/plan/newPlan';
import { appendToLog } from './appendToLog';
import { freshBench, NOW } from '@/testing/server/benchForTests';
import { closeClass, openClass, runningClass } from './classes';
import { joinClass, joinRequestSchema, seatOf } from './groupSeats';
import { eventStream } from './eventStream';
import { listenToLog } from './listenToLog';
import { startAnew } from './planFeed';
import { readPhoto, storePhoto } from './photos';

const note = (entryId: string, group = 'Tern'): LogRequest => ({
  entryId,
  revision: 1,
  group,
  entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:02:00Z' },
  struck: false,
});

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

const read = async (stream: ReadableStream<Uint8Array>, until: RegExp): Promise<string> => {
  const reader = stream.getReader();
  let text = '';
  while (!until.test(text)) {
    const { value, done } = await reader.read();
    if (done) return `${text}[closed]`;
    text += new TextDecoder().decode(value);
  }
  await reader.cancel();
  return text;
};

type Asked = Parameters<typeof listenToLog>;
const logStream = (context: Asked[0], options: Asked[1]) =>
  eventStream((sink) => listenToLog(context, options, sink));

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

test('a group joins with the code only while the class runs, and keeps its seat only so long', async () => {
  const context = freshBench();
  const asked = (code: string, group: string | null = null) =>
    joinClass(context, joinRequestSchema.parse({ code, group }));
  expect(await asked('ABCDEF')).toMatchObject({
    ok: false,
    issues: [{ code: 'no-class', path: ['code'] }],
  });
  const opened = openClass(context, 'p');
  if (opened?.ok !== true) throw new Error('not opened');
  const { code } = opened.value;
  expect(code).toMatch(/^[A-HJ-NP-Z2-9]{6}$/);
  const looked = await asked(` ${code.toLowerCase().slice(0, 3)}-${code.slice(3)}`);
  expect(looked).toMatchObject({ ok: true, value: { title: 'Lamp', seat: null } });
  expect(await asked(code, 'Somebody')).toMatchObject({
    ok: false,
    issues: [{ code: 'no-group', path: ['group'], message: 'Choose one of the groups.' }],
  });
  const seated = await asked(code, 'Tern');
  const seat = seated.ok ? seated.value.seat : null;
  expect(await seatOf(context, seat ?? '')).toMatchObject({ planId: 'p', group: 'Tern' });
  expect(await seatOf(context, `${seat?.slice(0, -3)}abc`)).toBeNull();
  expect(await seatOf(context, undefined)).toBeNull();
  closeClass(context, 'p');
  expect(await seatOf(context, seat ?? '')).toBeNull();
  context.time += 1;
  const again = openClass(context, 'p');
  if (again?.ok !== true || again.value.code === code)
    throw new Error('a new class needs a new code');
  expect(await seatOf(context, seat ?? '')).toBeNull();
  context.time += 7 * 60 * 60 * 1000;
  expect(runningClass(context, 'p')).toBeNull();
});

test('a second device of a group waits for the teacher; the one that it was comes back by itself', async () => {
  const context = freshBench();
  const opened = openClass(context, 'p');
  if (opened?.ok !== true) throw new Error('not opened');
  const { code } = opened.value;
  const board = logStream(context, { planId: 'p', after: 0 });
  const ask = async (asked?: string, held?: string) => {
    const answer = await joinClass(context, { code, group: 'Tern', asked }, held);
    return answer.ok ? answer.value : { seat: null, waiting: null, ...answer.issues[0] };
  };
  const first = await ask();
  expect(first.seat).not.toBeNull();
  // Nobody is there yet: a wrong press does not take the name.
  expect((await ask()).seat).not.toBeNull();
  const leave = context.bus.join('p', 'Tern', context.now);
  const second = await ask();
  expect(second).toMatchObject({ seat: null, waiting: { group: 'Tern' } });
  expect((await ask(undefined, first.seat ?? undefined)).seat).not.toBeNull();
  const id = second.waiting?.id ?? '';
  expect((await ask(id)).waiting).toEqual(second.waiting);
  expect(await read(board, /event: asking/)).toContain(`"number":${second.waiting?.number}`);
  expect(context.admissions.decide('other', id, true)).toBe(false);
  expect(context.admissions.decide('p', id, false)).toBe(true);
  expect(await ask(id)).toMatchObject({ seat: null, code: 'turned-away' });
  // What was written as this group keeps its name, also while its device is dark.
  leave();
  appendToLog(context, 'p', [note('a')], 'group');
  const third = await ask();
  expect(context.admissions.decide('p', third.waiting?.id ?? '', true)).toBe(true);
  expect((await ask(third.waiting?.id)).seat).not.toBeNull();
});

test('a board is not flooded with questions, and who went away is not asked about', async () => {
  const context = freshBench();
  const one = Array.from({ length: 4 }, () =>
    context.admissions.ask('q', 'Tern', context.now(), '192.168.1.9'),
  );
  expect(one.filter((asked) => asked === null)).toHaveLength(1);
  expect(context.admissions.ask('q', 'Tern', context.now(), '192.168.1.8')).not.toBeNull();
  const many = Array.from({ length: 9 }, () => context.admissions.ask('p', 'Tern', context.now()));
  expect(many.filter((one) => one === null)).toHaveLength(1);
  const numbers = context.admissions.waiting('p', context.now()).map(({ number }) => number);
  expect(new Set(numbers).size).toBe(8);
  context.time += 30_000;
  expect(context.admissions.waiting('p', context.now())).toEqual([]);
});

test('the printed code is used where nobody else uses it; what is no pupils’ work has no class', () => {
  const context = freshBench();
  const plan = newPlan('Printed');
  const withCode = { ...plan, lesson: { ...plan.lesson, joinCode: 'PQRSTU' } };
  context.documents('plans').insert('q', withCode, NOW);
  context.documents('plans').insert('r', withCode, NOW);
  expect(openClass(context, 'q')).toMatchObject({ ok: true, value: { code: 'PQRSTU' } });
  const other = openClass(context, 'r');
  expect(other?.ok === true && other.value.code).not.toBe('PQRSTU');
  const acid = {
    ...plan,
    cell: { ...plan.cell, recipe: 'dilute-sulfuric-acid', body: 'sulfuric-acid' },
  } as const;
  context.documents('plans').insert('acid', acid, NOW);
  expect(openClass(context, 'acid')?.ok).toBe(false);
  expect(openClass(context, 'none')).toBeNull();
});

test('photos are what they are, not what they are called', () => {
  const folder = mkdtempSync(join(tmpdir(), 'grozer-photos-'));
  const id = '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a11';
  const png = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  );
  expect(storePhoto(folder, id, png)).toEqual({
    ok: true,
    value: { photo: id, type: 'image/png', bytes: png.byteLength },
  });
  expect(readPhoto(folder, id)?.type).toBe('image/png');
  expect(readPhoto(folder, '../../etc/passwd')).toBeNull();
  expect(readPhoto(folder, '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a12')).toBeNull();
  const refused = (bytes: Uint8Array): string => {
    const stored = storePhoto(folder, '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a13', bytes);
    return stored.ok ? 'ok' : (stored.issues[0]?.code ?? '');
  };
  expect(
    refused(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="1" height="1"/>')),
  ).toBe('not-a-photo');
  expect(refused(Buffer.from('hello'))).toBe('not-a-photo');
  expect(refused(new Uint8Array())).toBe('empty');
  expect(refused(Buffer.concat([png, Buffer.alloc(8_000_001)]))).toBe('too-large');
  expect(existsSync(join(folder, '0b9f6a52-7a52-4c8e-9a3e-0d7b3f6f5a13'))).toBe(false);
  rmSync(folder, { recursive: true });
});
