import type { LogRequest } from '@/core/records/logbook/logEntry';
import { freshBench } from '@/testing/server/benchForTests';
import { closeClass, openClass } from './classes';
import { joinClass } from './groupSeats';
import { logOfGroup } from './logOfGroup';

const line: LogRequest = {
  entryId: 'a',
  revision: 1,
  group: 'Tern',
  entry: { kind: 'note', text: 'bubbles', takenAt: '2027-01-29T14:02:00Z' },
  struck: false,
};

/** Opens a class of the plan and seats a device of a group in it. */
async function seated(context: ReturnType<typeof freshBench>, group: string) {
  context.time += 1000;
  const opened = openClass(context, 'p');
  if (opened?.ok !== true) throw new Error('not opened');
  const { code, startedAt } = opened.value;
  const joined = await joinClass(context, { code, group });
  if (!joined.ok || joined.value.seat === null) throw new Error('not seated');
  return { seat: joined.value.seat, startedAt };
}

test('what waited on a phone lands in the class it was typed in, or nowhere', async () => {
  const context = freshBench();
  const first = await seated(context, 'Tern');
  const answer = await logOfGroup(context, first.seat, { class: first.startedAt, line });
  expect(answer.status).toBe(201);
  closeClass(context, 'p');
  const second = await seated(context, 'Tern');
  // The same phone, in the next class: its cookie is new, what waits is of the old one.
  const late = { class: first.startedAt, line: { ...line, entryId: 'late' } };
  expect((await logOfGroup(context, second.seat, late)).status).toBe(401);
  // And the seat of the first class is dead, whatever it says.
  const old = { class: second.startedAt, line: { ...line, entryId: 'old' } };
  expect((await logOfGroup(context, first.seat, old)).status).toBe(401);
  expect(context.log.linesAfter('p', 0).map(({ entryId }) => entryId)).toEqual(['a']);
});

test('faults are named by their place; another group’s line is refused; nobody without a seat', async () => {
  const context = freshBench();
  const { seat, startedAt } = await seated(context, 'Knot');
  expect((await logOfGroup(context, undefined, { class: startedAt, line })).status).toBe(401);
  expect((await logOfGroup(context, seat, { class: startedAt, line })).status).toBe(403);
  expect(await logOfGroup(context, seat, undefined)).toMatchObject({ status: 422 });
  expect(
    await logOfGroup(context, seat, { class: startedAt, line: { ...line, revision: 0 } }),
  ).toMatchObject({
    status: 422,
    body: { faults: [expect.objectContaining({ path: ['line', 'revision'] })] },
  });
});

test('a device’s clock that runs years ahead or behind puts no line outside its class; sent again it is the same line', async () => {
  const context = freshBench();
  const { seat, startedAt } = await seated(context, 'Tern');
  const sent = (entryId: string, takenAt: string) =>
    logOfGroup(context, seat, {
      class: startedAt,
      line: { ...line, entryId, entry: { ...line.entry, takenAt } },
    });
  const now = context.time + 60_000;
  context.time = now;
  expect((await sent('ahead', '2099-01-01T00:00:00Z')).status).toBe(201);
  expect((await sent('behind', '1966-01-01T00:00:00Z')).status).toBe(201);
  context.time += 5000;
  expect((await sent('ahead', '2099-01-01T00:00:00Z')).status).toBe(201);
  const times = context.log.linesAfter('p', 0).map(({ entry }) => Date.parse(entry.takenAt));
  expect(times).toEqual([now, startedAt]);
});
