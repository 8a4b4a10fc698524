import type { LogLine, LogRequest } from '@/core/records/logbook/logEntry';
import { createLogStore, newEntryId, shownLines, type SendResult } from './logStore';

const note = (entryId: string): LogRequest => ({
  entryId,
  revision: 1,
  group: 'Tern',
  entry: { kind: 'note', text: entryId, takenAt: '2027-01-29T14:02:00Z' },
  struck: false,
});
const keeper = (text: string | null = null) => {
  const kept = { text };
  return {
    kept,
    keep: { read: () => kept.text, write: (next: string) => void (kept.text = next) },
  };
};
const settle = () => new Promise((resolve) => setTimeout(resolve, 30));
let seq = 0;
const logged = (requests: readonly LogRequest[]): SendResult => ({
  status: 'logged',
  lines: requests.map((one): LogLine => ({ ...one, seq: (seq += 1), author: 'group', at: 1 })),
});

test('at first nothing waits and nothing was refused', () => {
  const { store } = createLogStore({
    initial: [],
    author: 'group',
    keep: keeper().keep,
    send: () => Promise.reject(new Error('nothing is sent')),
  });
  expect(store.getState()).toMatchObject({ lines: [], waiting: [], undelivered: [], held: null });
});

test('a line is shown at once and sent once', async () => {
  const sent: string[] = [];
  const { kept, keep } = keeper();
  const { store, append } = createLogStore({
    initial: [],
    author: 'group',
    keep,
    send: (requests) => {
      sent.push(...requests.map(({ entryId }) => entryId));
      return Promise.resolve(logged(requests));
    },
  });
  append([note('a'), note('b')]);
  expect(shownLines(store.getState(), 'group', 0).map(({ entryId }) => entryId)).toEqual([
    'a',
    'b',
  ]);
  await settle();
  expect(sent).toEqual(['a', 'b']);
  expect(store.getState().waiting).toEqual([]);
  expect(store.getState().lines).toHaveLength(2);
  expect(JSON.parse(kept.text ?? '')).toEqual({ waiting: [], undelivered: [] });
});

test('while nobody answers everything waits, in order, and goes out later', async () => {
  let reachable = false;
  const { kept, keep } = keeper();
  const { store, append } = createLogStore({
    initial: [],
    author: 'group',
    keep,
    retryMs: 5,
    send: (requests) =>
      Promise.resolve(reachable ? logged(requests) : { status: 'unreachable', why: null }),
  });
  append([note('a')]);
  append([note('b')]);
  await settle();
  expect(store.getState().waiting.map(({ entryId }) => entryId)).toEqual(['a', 'b']);
  expect(kept.text).toContain('"b"');
  reachable = true;
  await settle();
  expect(store.getState().lines.map(({ entryId }) => entryId)).toEqual(['a', 'b']);
});

test('two windows of one phone keep what the other has in hand; what was sent does not come back', async () => {
  const { kept, keep } = keeper();
  const waiting = () =>
    (JSON.parse(kept.text ?? '') as { waiting: LogRequest[] }).waiting.map(
      ({ entryId }) => entryId,
    );
  let reachable = false;
  const open = () =>
    createLogStore({
      initial: [],
      author: 'group',
      keep,
      retryMs: 5,
      send: (all) =>
        Promise.resolve(reachable ? logged(all) : { status: 'unreachable', why: null }),
    });
  const first = open();
  const second = open();
  first.append([note('of the first')]);
  second.append([note('of the second')]);
  expect(waiting().sort()).toEqual(['of the first', 'of the second']);
  first.append([note('of the first, later')]);
  expect(waiting()).toContain('of the second');
  // The second is closed before it could send: the first still keeps its line for whoever opens the page next.
  second.stop();
  reachable = true;
  await settle();
  expect(waiting()).toEqual(['of the second']);
  const third = open();
  third.start();
  await settle();
  expect(third.store.getState().lines.map(({ entryId }) => entryId)).toEqual(['of the second']);
  expect(waiting()).toEqual([]);
});

test('what waited before a reload is sent after it; what cannot be read is left out', async () => {
  const { keep } = keeper(JSON.stringify({ waiting: [note('kept')] }));
  const kept = createLogStore({
    initial: [],
    author: 'group',
    keep,
    send: (all) => Promise.resolve(logged(all)),
  });
  kept.start();
  await settle();
  expect(kept.store.getState().lines.map(({ entryId }) => entryId)).toEqual(['kept']);
  const broken = createLogStore({
    initial: [],
    author: 'group',
    keep: keeper('{"no": "list"').keep,
    send: (all) => Promise.resolve(logged(all)),
  });
  expect(broken.store.getState().waiting).toEqual([]);
  const mixed = createLogStore({
    initial: [],
    author: 'group',
    keep: keeper(JSON.stringify({ waiting: [null, 3, { entryId: 'x' }, note('sound')] })).keep,
    send: () => Promise.resolve({ status: 'unreachable', why: null }),
  });
  expect(mixed.store.getState().waiting.map(({ entryId }) => entryId)).toEqual(['sound']);
});

test('what the server refuses stays with its reason over a reload, and does not hold up the rest', async () => {
  let strict = true;
  const { keep } = keeper();
  const visit = () =>
    createLogStore({
      initial: [],
      author: 'group',
      keep,
      send: (requests) =>
        Promise.resolve(
          strict && requests[0]?.entryId === 'bad'
            ? { status: 'refused', message: 'No.' }
            : logged(requests),
        ),
    });
  const first = visit();
  first.append([note('bad'), note('good')]);
  await settle();
  expect(first.store.getState().lines.map(({ entryId }) => entryId)).toEqual(['good']);
  first.stop();
  const second = visit();
  expect(second.store.getState().undelivered).toEqual([{ request: note('bad'), reason: 'No.' }]);
  second.tryAgain();
  await settle();
  expect(second.store.getState().undelivered).toHaveLength(1);
  strict = false;
  second.tryAgain();
  await settle();
  expect(second.store.getState().lines.map(({ entryId }) => entryId)).toEqual(['bad']);
  expect(second.store.getState()).toMatchObject({ waiting: [], undelivered: [] });
});

test('what is refused and removed is gone for good', async () => {
  const { kept, keep } = keeper();
  const { append, dismiss } = createLogStore({
    initial: [],
    author: 'group',
    keep,
    send: () => Promise.resolve({ status: 'refused', message: 'No.' }),
  });
  append([note('bad')]);
  await settle();
  expect(kept.text).toContain('No.');
  dismiss();
  expect(kept.text).not.toContain('No.');
});

test('a page that was left sends nothing more; whoever opens it next does', async () => {
  let sent = 0;
  let reachable = false;
  const { keep } = keeper();
  const visit = () =>
    createLogStore({
      initial: [],
      author: 'teacher',
      keep,
      retryMs: 5,
      send: (requests) => {
        sent += 1;
        return Promise.resolve(reachable ? logged(requests) : { status: 'unreachable', why: null });
      },
    });
  const first = visit();
  first.append([note('a')]);
  first.stop();
  await settle();
  expect(sent).toBe(1);
  reachable = true;
  const second = visit();
  second.start();
  await settle();
  expect(sent).toBe(2);
  expect(second.store.getState()).toMatchObject({ waiting: [], lines: [{ entryId: 'a' }] });
});

test('news from the server come in once, and ids differ', () => {
  const { store, receive } = createLogStore({
    initial: [],
    author: 'teacher',
    keep: keeper().keep,
    send: (all) => Promise.resolve(logged(all)),
  });
  const line: LogLine = { ...note('a'), seq: 9, author: 'group', at: 1 };
  receive([line]);
  receive([line]);
  expect(store.getState().lines).toEqual([line]);
  expect(newEntryId()).not.toBe(newEntryId());
});
