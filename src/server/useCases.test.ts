import { eq } from 'drizzle-orm';
import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { openDatabase } from '@/data/openDatabase';
import { createDocumentRepository } from '@/data/documentRepository';
import { documents } from '@/data/schema';
import type { ServerContext } from './context';
import {
  createDocument,
  duplicateDocument,
  saveDocument,
  exportDocument,
  importDocument,
} from './documents';
import { listFairTests } from './listFairTests';
import { listOwnRecipes, ownRecipes } from './listOwnRecipes';
import { summaryOfPlan } from '@/core/work/judging/planSummary';
import { listShelf } from './listShelf';
import { openBench } from './openTool';

const fresh = () => {
  const db = openDatabase(':memory:');
  let time = 0;
  let count = 0;
  const context: ServerContext = {
    documents: (kind) => createDocumentRepository(db, kind),
    now: () => (time += 1),
    newId: () => `plan-${(count += 1)}`,
  };
  return { db, context };
};

test('a plan that did not change is not worked out again; a changed one is', () => {
  const { context } = fresh();
  createDocument(context, 'plans', 'Pier');
  const summary = () => {
    const [entry] = listShelf(context).entries;
    return entry?.summary.ok === true ? entry.summary.value : null;
  };
  const first = summary();
  expect(summary()).toBe(first);
  const repository = context.documents('plans');
  const found = repository.find('plan-1');
  if (found?.document.ok !== true) throw new Error('the plan is there');
  const changed = { ...found.document.value, title: 'Jetty' };
  repository.save('plan-1', changed, found.revision, context.now());
  expect(summary()?.title).toBe('Jetty');
});

test('the shelf sums up what each plan will do', () => {
  const { context } = fresh();
  createDocument(context, 'plans', 'Lamp');
  const [entry] = listShelf(context).entries;
  expect(entry).toMatchObject({
    id: 'plan-1',
    summary: {
      ok: true,
      value: {
        title: 'Lamp',
        looks: { look: 'fruit', plus: 'copper', minus: 'zinc' },
        verdict: { tone: 'fine' },
      },
    },
  });
});

test('a stored document that cannot be read does not hide the others', () => {
  const { db, context } = fresh();
  createDocument(context, 'plans', 'Lamp');
  db.insert(documents)
    .values({ kind: 'plans', id: 'bad', document: '{', revision: 1, createdAt: 9, updatedAt: 9 })
    .run();
  const { entries } = listShelf(context);
  expect(entries.map(({ summary }) => summary.ok)).toEqual([false, true]);
});

test('a new plan starts from the class of the last one, but for its code; one that cannot be read teaches nothing', () => {
  const { db, context } = fresh();
  const repository = context.documents('plans');
  const lessonOf = (id: string) => {
    const found = repository.find(id);
    return found?.document.ok === true ? found.document.value.lesson : null;
  };
  const plan = newPlan('Last');
  const lesson = { ...plan.lesson, pupils: 17, groups: 5, meters: 3, joinCode: 'ABC234' };
  repository.insert('last', { ...plan, lesson }, context.now());
  const { id } = createDocument(context, 'plans', 'Next');
  expect(lessonOf(id)).toEqual({ ...plan.lesson, pupils: 17, groups: 5, meters: 3 });
  db.insert(documents)
    .values({ kind: 'plans', id: 'bad', document: '{', revision: 1, createdAt: 99, updatedAt: 99 })
    .run();
  expect(lessonOf(createDocument(context, 'plans', 'After').id)).toEqual(plan.lesson);
});

test('the next lesson stands first on the shelf, then what was changed last', () => {
  const { db, context } = fresh();
  const day = (days: number): string =>
    new Date(context.now() + days * 86_400_000).toISOString().slice(0, 10);
  [
    ['today', day(0)],
    ['later', day(5)],
    ['over', day(-2)],
    ['none', null],
  ].forEach(([title, lessonDate], at) => {
    const plan = { ...newPlan(title ?? ''), lessonDate: lessonDate ?? null };
    createDocumentRepository(db, 'plans').insert(title ?? '', plan, at);
  });
  expect(listShelf(context).entries.map(({ id }) => id)).toEqual([
    'today',
    'none',
    'over',
    'later',
  ]);
});

test('a plan that cannot be worked out is named on its card, can be saved as it is stored, and hides no other', () => {
  const { context } = fresh();
  createDocument(context, 'plans', 'Lamp');
  const { id } = createDocument(context, 'plans', 'Hopeless');
  const { entries } = listShelf(context, undefined, (plan) => {
    if (plan.title === 'Hopeless') throw new Error('no steady state');
    return summaryOfPlan(plan);
  });
  const summaries = new Map(entries.map((one) => [one.id, one.summary]));
  expect(entries.filter(({ summary }) => summary.ok)).toHaveLength(1);
  expect(summaries.get(id)).toMatchObject({
    ok: false,
    issues: [{ message: '“Hopeless” can be read, but not worked out: no steady state.' }],
  });
  expect(context.documents('plans').rawText(id)).toContain('Hopeless');
  expect(context.documents('plans').rawText('none')).toBeNull();
});

test('a copy of a plan with the longest title keeps within the limit', () => {
  const { context } = fresh();
  const { id } = createDocument(context, 'plans', 'x'.repeat(80));
  const copy = duplicateDocument(context, 'plans', id);
  const found = context.documents('plans').find(copy?.id ?? '');
  expect(found?.document.ok && found.document.value.title).toHaveLength(80);
  expect(found?.document.ok && found.document.value.title.endsWith('(copy)')).toBe(true);
  expect(duplicateDocument(context, 'plans', 'none')).toBeNull();
});

test('importing a broken file puts nothing on the shelf', () => {
  const { context } = fresh();
  expect(importDocument(context, 'plans', '{"version":1}').ok).toBe(false);
  expect(listShelf(context).entries).toEqual([]);
  expect(importDocument(context, 'plans', PLAN_DOCUMENT.text(newPlan('Bell')))).toEqual({
    ok: true,
    value: { id: 'plan-1' },
  });
});

test('a shelf of many shows the newest, finds the others by a word, and works out no more than it shows', () => {
  const { context } = fresh();
  for (let index = 1; index <= 30; index += 1) {
    createDocument(context, 'plans', index === 3 ? 'Fog bell' : `Lamp ${index}`);
  }
  const summarise = jest.fn(summaryOfPlan);
  const shelf = listShelf(context, { most: 12, find: '', sort: 'changed', past: false }, summarise);
  expect(shelf).toMatchObject({ found: 30, all: 30 });
  expect(shelf.entries).toHaveLength(12);
  expect(summarise).toHaveBeenCalledTimes(12);
  expect(
    listShelf(context, { most: 12, find: ' bell', sort: 'changed', past: false }, summarise),
  ).toMatchObject({
    found: 1,
    all: 30,
    entries: [{ summary: { value: { title: 'Fog bell' } } }],
  });
  const byTitle = listShelf(context, { most: 3, find: '', sort: 'title', past: false }, summarise);
  expect(byTitle.entries.map(({ summary }) => summary.ok && summary.value.title)).toEqual([
    'Fog bell',
    'Lamp 1',
    'Lamp 10',
  ]);
  expect(
    listShelf(context, { most: 24, find: '', sort: 'changed', past: false }, summarise).entries,
  ).toHaveLength(24);
});

test('plans of lessons that are over fold away after a week, and are found by their title all the same', () => {
  const { context } = fresh();
  const dated = (title: string, lessonDate: string | null): void =>
    context.documents('plans').insert(title, { ...newPlan(title), lessonDate }, context.now());
  dated('Long ago', '1969-12-01');
  dated('To come', '2999-01-01');
  dated('Some day', null);
  const look = (find: string, past = false) => {
    const { entries, folded } = listShelf(context, { most: 9, find, sort: 'lesson', past });
    return { ids: entries.map(({ id }) => id), folded };
  };
  expect(look('')).toEqual({ ids: ['To come', 'Some day'], folded: 1 });
  expect(look('', true)).toEqual({ ids: ['Long ago', 'To come', 'Some day'], folded: 0 });
  expect(look('ago')).toEqual({ ids: ['Long ago'], folded: 0 });
});

test('saving moves a plan to the front of the shelf', () => {
  const { context } = fresh();
  const first = createDocument(context, 'plans', 'First');
  createDocument(context, 'plans', 'Second');
  context.documents('plans').save(first.id, newPlan('First again'), 1, context.now());
  expect(listShelf(context).entries.map(({ id }) => id)).toEqual(['plan-1', 'plan-2']);
});

test('a bench is stored with its first change, found as it was left, and never overwritten unread', () => {
  const { db, context } = fresh();
  const { initial, initialRevision } = openBench(context, 'mixing');
  expect(initialRevision).toBe(0);
  // Looking writes nothing.
  expect(context.documents('mixing').list()).toEqual([]);
  const changed = { ...initial, state: { ...initial.state, cells: 7 } };
  const save = (revision: number) =>
    saveDocument(context, 'mixing', 'bench', { document: changed, revision });
  expect(save(0)).toEqual({ status: 'saved', revision: 1 });
  // Another window that opened it before it was stored.
  expect(save(0)).toEqual({ status: 'conflict', revision: 1 });
  expect(openBench(context, 'mixing')).toMatchObject({
    initialRevision: 1,
    initial: { state: { cells: 7 } },
    unread: false,
  });
  db.update(documents).set({ document: '{ of another version' }).run();
  expect(openBench(context, 'mixing')).toMatchObject({
    initialRevision: 1,
    initial: { state: { cells: 24 } },
    unread: true,
  });
  expect(context.documents('mixing').rawText('bench')).toBe('{ of another version');
  expect(save(1)).toEqual({ status: 'saved', revision: 2 });
  const kept = context
    .documents('mixing')
    .list()
    .find(({ id }) => id.startsWith('bench kept'));
  expect(context.documents('mixing').rawText(kept?.id ?? '')).toBe('{ of another version');
  expect(openBench(context, 'mixing').initial.state.cells).toBe(7);
});

test('only a bench is stored by its first save: a plan that is gone stays gone', () => {
  const { context } = fresh();
  const document = newPlan('Gone');
  expect(saveDocument(context, 'plans', 'bench', { document, revision: 0 })).toEqual({
    status: 'missing',
  });
});

test('what cannot be read is not exported as if it could', () => {
  const { db, context } = fresh();
  const { id } = createDocument(context, 'plans', 'Lamp');
  expect(exportDocument(context, 'plans', id)).toMatchObject({
    ok: true,
    value: { title: 'Lamp' },
  });
  db.update(documents).set({ document: '{' }).run();
  expect(exportDocument(context, 'plans', id)?.ok).toBe(false);
  expect(exportDocument(context, 'plans', 'none')).toBeNull();
});

test('recipes of one’s own stand by their names, fair tests as they were changed; what cannot be read stands apart', () => {
  const { db, context } = fresh();
  const spoil = (kind: 'recipes' | 'fair-tests'): void => {
    db.insert(documents)
      .values({ kind, id: `bad-${kind}`, document: '{', revision: 1, createdAt: 9, updatedAt: 9 })
      .run();
  };
  for (const title of ['Seaweed cup', 'Apple ring', 'Moss jar']) {
    createDocument(context, 'recipes', title);
    createDocument(context, 'fair-tests', title);
  }
  spoil('recipes');
  spoil('fair-tests');
  expect(listOwnRecipes(context).map(({ recipe }) => recipe.title)).toEqual([
    'Apple ring',
    'Moss jar',
    'Seaweed cup',
  ]);
  expect(ownRecipes(context).unreadable.map(({ id }) => id)).toEqual(['bad-recipes']);
  const { tests, unreadable } = listFairTests(context);
  expect(tests.map(({ card }) => card.title)).toEqual(['Moss jar', 'Apple ring', 'Seaweed cup']);
  expect(unreadable.map(({ id, faults }) => [id, faults.length > 0])).toEqual([
    ['bad-fair-tests', true],
  ]);
});

test('the shelf is sorted as it was asked for, and says which plans are judged anew', () => {
  const { db, context } = fresh();
  const dated = (title: string, lessonDate: string | null): void =>
    context.documents('plans').insert(title, { ...newPlan(title), lessonDate }, context.now());
  dated('c', '2999-01-02');
  dated('a', null);
  dated('b', '2999-01-01');
  const ids = (sort: 'changed' | 'title' | 'lesson'): string =>
    listShelf(context, { most: 9, find: '', sort, past: false })
      .entries.map(({ id }) => id)
      .join('');
  expect([ids('changed'), ids('title'), ids('lesson')]).toEqual(['bac', 'abc', 'bca']);
  const stored = db
    .select()
    .from(documents)
    .all()
    .find(({ id }) => id === 'a');
  if (stored === undefined) throw new Error('a is stored');
  const older = JSON.stringify({ ...(JSON.parse(stored.document) as object), version: 8 });
  db.update(documents).set({ document: older }).where(eq(documents.id, 'a')).run();
  const anew = listShelf(context).entries.map(({ id, judgedAnew }) => `${id} ${judgedAnew}`);
  expect(anew).toEqual(['b false', 'a true', 'c false']);
});
