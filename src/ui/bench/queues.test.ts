/** @jest-environment jsdom */
import { queueKey, type Seat } from './queueKeys';
import { leftoversBeside } from './queues';

const seat = (startedAt: number, group = 'Tern'): Seat => ({ planId: 'p', startedAt, group });
const line = (entryId: string) => ({
  entryId,
  revision: 1,
  group: 'Tern',
  entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:02:00Z' },
  struck: false,
});

test('a class sees what other classes left on the phone, with the reason, and not its own queue', () => {
  const keep = (key: string, value: unknown) =>
    window.localStorage.setItem(key, JSON.stringify(value));
  keep(queueKey(seat(1), ''), { waiting: [line('waited')], undelivered: [] });
  keep(queueKey(seat(2), ''), { waiting: [line('own')], undelivered: [] });
  keep(queueKey(seat(1, 'Knot'), ''), {
    waiting: [],
    undelivered: [{ request: line('refused'), reason: 'No.' }],
  });
  keep(queueKey(null, '/api/lessons/p/log'), { waiting: [line('teacher')] });
  keep(queueKey(seat(3), ''), {
    waiting: [
      { entryId: 'a', group: 'Tern', entry: {} },
      { entryId: 'b', entry: { kind: 'note' } },
      { group: 'Tern', entry: { kind: 'note' } },
      7,
    ],
    undelivered: [{ request: line('c') }, { reason: 'No.' }],
  });
  window.localStorage.setItem('something else', 'no json');
  const { keys, undelivered } = leftoversBeside(window.localStorage, seat(2));
  // What is no line is left out.
  expect(keys).toHaveLength(3);
  expect(undelivered.map(({ request, reason }) => [request.entryId, reason]).sort()).toEqual([
    ['refused', 'No.'],
    ['waited', 'Its class is over: it was never sent.'],
  ]);
  expect(leftoversBeside(window.localStorage, null).keys).toHaveLength(4);
});
