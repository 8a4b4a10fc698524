import { newPlan } from '@/core/records/plan/newPlan';
import { fail } from '@/core/result';
import { faultsOf, freshBench, logStream, note, NOW, read } from '@/testing/server/benchForTests';
import { appendToLog } from './appendToLog';
import { closeClass, openClass, runningClass } from './classes';
import { classOfSeat, joinClass, joinRequestSchema, seatOf } from './groupSeats';

const NO_PLAN = fail({ code: 'not-json', path: [], message: 'This is no plan.' });

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
  const unread = { ...context, documents: () => ({ find: () => ({ document: NO_PLAN }) }) };
  expect(openClass(unread as unknown as typeof context, 'p')).toBe(NO_PLAN);
});

test('of devices that ask for a seat a ninth is told to wait; which group is nobody’s choice but the class’s', async () => {
  const context = freshBench();
  const opened = openClass(context, 'p');
  if (opened?.ok !== true) throw new Error('not opened');
  const { code } = opened.value;
  const said = async (group: string | null, its = code): Promise<string> => {
    const answer = await joinClass(context, { code: its, group });
    return answer.ok ? `${answer.value.title}, ${answer.value.groups.length}` : faultsOf(answer);
  };
  expect(await said(null)).toBe('Lamp, 6');
  expect(await said(null, 'ABC234')).toBe(
    'code: No class with this code is running. Check the code with your teacher.',
  );
  expect(await said('Penguin')).toBe('group: Choose one of the groups.');
  context.bus.join('p', 'Tern', context.now);
  for (let device = 1; device <= 8; device += 1) expect(await said('Tern')).toBe('Lamp, 6');
  expect(await said('Tern')).toBe(
    'group: Too many devices wait for the teacher: try again in a minute.',
  );
});

test('who has a seat may choose another group of the same class', async () => {
  const context = freshBench();
  const opened = openClass(context, 'p');
  if (opened?.ok !== true) throw new Error('not opened');
  const { code } = opened.value;
  const joined = await joinClass(context, { code, group: 'Tern' });
  const seat = (joined.ok && joined.value.seat) || '';
  const found = await classOfSeat(context, seat);
  expect(found).toMatchObject({ code, shown: { title: 'Lamp', seat: null, waiting: null } });
  expect(found?.shown.groups).toContain('Tern');
  expect(await classOfSeat(context, 'forged')).toBeNull();
  expect(await classOfSeat(context, undefined)).toBeNull();
  closeClass(context, 'p');
  expect(await classOfSeat(context, seat)).toBeNull();
});
