import { newPlan } from '@/core/records/plan/newPlan';
import { createAutosave, type SaveState } from './autosave';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { createDocumentStore } from './documentStore';

const ADDRESS = { address: { kind: 'plans', id: 'x' }, format: PLAN_DOCUMENT } as const;

interface Answer {
  status: number;
  body: unknown;
}

const answers: Answer[] = [];
const sent: { method: string; body: unknown }[] = [];

beforeEach(() => {
  jest.useFakeTimers();
  answers.length = 0;
  sent.length = 0;
  kept.length = 0;
  room = true;
  globalThis.fetch = jest.fn((_url: string, init?: RequestInit) => {
    sent.push({
      method: init?.method ?? 'GET',
      body: init?.body === undefined ? null : JSON.parse(String(init.body)),
    });
    const answer = answers.shift();
    return answer === undefined
      ? Promise.reject(new Error('offline'))
      : Promise.resolve(new Response(JSON.stringify(answer.body), { status: answer.status }));
  }) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

const kept: { document: { title: string }; revision: number }[] = [];
let room = true;
const unsaved = {
  keep: (one: (typeof kept)[number]) => {
    if (room) kept.splice(0, 1, one);
    return room;
  },
  forget: () => void kept.splice(0),
};

const start = () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  const states: SaveState['status'][] = [];
  const all: SaveState[] = [];
  const autosave = createAutosave({ ...ADDRESS, documentStore: store, unsaved }, 1, (state) => {
    all.push(state);
    states.push(state.status);
  });
  const rename = (title: string): void => store.edit((plan) => ({ ...plan, title }));
  return { store, states, autosave, rename, last: () => all.at(-1) };
};

test('edits in quick succession are saved once, with the latest state', async () => {
  const { rename, states } = start();
  answers.push({ status: 200, body: { revision: 2 } });
  rename('B');
  rename('C');
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual([
    {
      method: 'PUT',
      body: expect.objectContaining({
        revision: 1,
        document: expect.objectContaining({ title: 'C' }),
      }),
    },
  ]);
  expect(states.at(-1)).toBe('saved');
});

test('the next save names the new revision', async () => {
  const { rename } = start();
  answers.push({ status: 200, body: { revision: 2 } }, { status: 200, body: { revision: 3 } });
  rename('B');
  await jest.advanceTimersByTimeAsync(500);
  rename('C');
  await jest.advanceTimersByTimeAsync(500);
  expect(sent[1]?.body).toMatchObject({ revision: 2 });
});

test('a server that does not answer is asked again, and nothing is lost', async () => {
  const { rename, states } = start();
  rename('B');
  await jest.advanceTimersByTimeAsync(500);
  expect(states.at(-1)).toBe('failed');
  answers.push({ status: 200, body: { revision: 2 } });
  await jest.advanceTimersByTimeAsync(3500);
  expect(states.at(-1)).toBe('saved');
  expect(sent[1]?.body).toMatchObject({ document: { title: 'B' } });
});

test('what the server did not get is kept, until it has it; where there is no room, that is said', async () => {
  const { rename, autosave } = start();
  rename('B');
  await jest.advanceTimersByTimeAsync(500);
  expect(kept).toMatchObject([{ document: { title: 'B' }, revision: 1 }]);
  answers.push({ status: 200, body: { revision: 2 } });
  await jest.advanceTimersByTimeAsync(3500);
  expect(kept).toEqual([]);
  // The page is closed before the quiet time is over.
  rename('C');
  void autosave.flush();
  expect(kept).toMatchObject([{ document: { title: 'C' }, revision: 2 }]);
  room = false;
  const full = start();
  full.rename('D');
  await jest.advanceTimersByTimeAsync(500);
  expect(full.last()).toMatchObject({ status: 'failed', kept: false });
});

test('a save whose answer was lost is recognised as one’s own, also when more was typed since', async () => {
  const { rename, states, store } = start();
  rename('B');
  await jest.advanceTimersByTimeAsync(500);
  expect(states.at(-1)).toBe('failed');
  const saved = store.store.getState().document;
  rename('C');
  answers.push(
    { status: 409, body: { message: 'changed', faults: [] } },
    { status: 200, body: { revision: 2, document: saved } },
    { status: 200, body: { revision: 3 } },
  );
  await jest.advanceTimersByTimeAsync(500);
  expect(sent.at(-1)?.body).toMatchObject({ revision: 2, document: { title: 'C' } });
  expect(states).not.toContain('conflict');
  expect(states.at(-1)).toBe('saved');
});

test('another window’s version after a lost answer is a conflict', async () => {
  const { rename, states } = start();
  rename('B');
  await jest.advanceTimersByTimeAsync(500);
  answers.push(
    { status: 409, body: { message: 'changed', faults: [] } },
    { status: 200, body: { revision: 2, document: newPlan('Theirs') } },
  );
  await jest.advanceTimersByTimeAsync(3500);
  expect(states.at(-1)).toBe('conflict');
  expect(kept).toMatchObject([{ document: { title: 'B' } }]);
});

test('a conflict waits for a choice; keeping mine saves over theirs', async () => {
  const { rename, states, autosave } = start();
  answers.push({ status: 409, body: { message: 'changed', faults: [] } });
  rename('Mine');
  await jest.advanceTimersByTimeAsync(500);
  expect(states.at(-1)).toBe('conflict');
  rename('Mine too');
  await jest.advanceTimersByTimeAsync(5000);
  expect(sent).toHaveLength(1);
  answers.push(
    { status: 200, body: { revision: 7, document: newPlan('Theirs') } },
    { status: 200, body: { revision: 8 } },
  );
  await autosave.keepMine();
  expect(sent[2]?.body).toMatchObject({ revision: 7, document: { title: 'Mine too' } });
  expect(states.at(-1)).toBe('saved');
});

test('a conflict can be ended with the other version', async () => {
  const { rename, states, autosave, store } = start();
  answers.push(
    { status: 409, body: { message: 'changed', faults: [] } },
    { status: 200, body: { revision: 7, document: newPlan('Theirs') } },
  );
  rename('Mine');
  await jest.advanceTimersByTimeAsync(500);
  await autosave.useTheirs();
  expect(store.store.getState().document.title).toBe('Theirs');
  expect(states.at(-1)).toBe('saved');
});

test('a choice that cannot reach the server says so and keeps the choice open', async () => {
  const store = createDocumentStore(PLAN_DOCUMENT, newPlan('A'));
  const states: SaveState[] = [];
  const autosave = createAutosave({ ...ADDRESS, documentStore: store, unsaved }, 1, (state) =>
    states.push(state),
  );
  answers.push({ status: 409, body: { message: 'changed', faults: [] } });
  store.edit((plan) => ({ ...plan, title: 'Mine' }));
  await jest.advanceTimersByTimeAsync(500);
  await autosave.useTheirs();
  expect(states.at(-1)).toEqual({ status: 'conflict', unreachable: true });
  await autosave.keepMine();
  expect(states.at(-1)).toEqual({ status: 'conflict', unreachable: true });
  expect(store.store.getState().document.title).toBe('Mine');
});

test('a page shown from memory catches up with the server', async () => {
  const { autosave, store } = start();
  answers.push({ status: 200, body: { revision: 5, document: newPlan('Newer') } });
  await autosave.catchUp();
  expect(store.store.getState().document.title).toBe('Newer');
});

test('leaving the plan saves what is not saved yet', async () => {
  const { autosave, rename } = start();
  answers.push({ status: 200, body: { revision: 2 } });
  rename('B');
  autosave.stop();
  await jest.advanceTimersByTimeAsync(0);
  expect(sent).toHaveLength(1);
});

test('what is typed while a save is on its way is saved too when the plan is left at that moment', async () => {
  const { autosave, rename } = start();
  const bodies: string[] = [];
  let answer: (response: Response) => void = () => undefined;
  globalThis.fetch = jest.fn((_url: string, init?: RequestInit) => {
    bodies.push(String(init?.body));
    return new Promise<Response>((resolve) => (answer = resolve));
  }) as typeof fetch;
  rename('B');
  await jest.advanceTimersByTimeAsync(500);
  rename('C');
  autosave.stop();
  answer(new Response('{"revision":2}'));
  await jest.advanceTimersByTimeAsync(0);
  expect(bodies.map((body) => JSON.parse(body))).toMatchObject([
    { revision: 1, document: { title: 'B' } },
    { revision: 2, document: { title: 'C' } },
  ]);
});

test('an edit that is undone before it was saved leaves nothing to save', async () => {
  const { store, rename, states } = start();
  rename('B');
  store.undo();
  await jest.advanceTimersByTimeAsync(500);
  expect(sent).toEqual([]);
  expect(states.at(-1)).toBe('saved');
});
