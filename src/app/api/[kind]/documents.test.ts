import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import { POST as create } from './route';
import { POST as importFile } from './import/route';
import { DELETE as remove, GET as open, PUT as save } from './[id]/route';
import { POST as duplicate } from './[id]/duplicate/route';
import { GET as exportFile } from './[id]/export/route';
import { POST as restore } from './[id]/restore/route';

beforeAll(() => {
  process.env['GROZER_DB'] = ':memory:';
});

const request = (body?: string): Request =>
  new Request('http://127.0.0.1/', body === undefined ? {} : { method: 'POST', body });
const at = (id: string, kind = 'plans') => ({ params: Promise.resolve({ kind, id }) });
const of = (kind = 'plans') => ({ params: Promise.resolve({ kind }) });
const made = async (title: string): Promise<string> => {
  const response = await create(request(JSON.stringify({ title })), of());
  expect(response.status).toBe(201);
  return ((await response.json()) as { id: string }).id;
};

test('create, open, save, conflict', async () => {
  const id = await made('Lamp');
  const opened = await (await open(request(), at(id))).json();
  expect(opened).toMatchObject({ revision: 1, document: { title: 'Lamp' } });
  const body = JSON.stringify({ revision: 1, document: { ...opened.document, title: 'Bell' } });
  expect(await (await save(request(body), at(id))).json()).toEqual({ revision: 2 });
  expect((await save(request(body), at(id))).status).toBe(409);
});

test.each(['', '{"title":""}', '{"title":5}', 'no json'])(
  'a new plan from %p is refused',
  async (body) => {
    const response = await create(request(body), of());
    expect(response.status).toBe(422);
    expect(await response.json()).toMatchObject({ message: expect.any(String) });
  },
);

test('an invalid plan is not saved, and the fault is named', async () => {
  const id = await made('Lamp');
  const plan = { ...newPlan('Lamp'), minutes: 0 };
  const response = await save(request(JSON.stringify({ revision: 1, document: plan })), at(id));
  expect(response.status).toBe(422);
  expect((await response.json()).faults).toEqual([
    expect.objectContaining({ path: ['document', 'minutes'] }),
  ]);
  expect((await (await open(request(), at(id))).json()).revision).toBe(1);
});

test('export and import give the same plan; a broken file is refused whole', async () => {
  const id = await made('Lamp: night & day');
  const file = await exportFile(request(), at(id));
  expect(file.headers.get('content-disposition')).toContain('lamp-night-day.grozer.json');
  const text = await file.text();
  const copy = (await (await importFile(request(text), of())).json()) as { id: string };
  expect(await (await exportFile(request(), at(copy.id))).text()).toBe(text);
  const broken = PLAN_DOCUMENT.text({ ...newPlan('Lamp'), minutes: 0 });
  const refused = await importFile(request(broken), of());
  expect(refused.status).toBe(422);
  expect((await refused.json()).faults[0].path).toEqual(['minutes']);
  expect((await importFile(request('x'.repeat(1_000_001)), of())).status).toBe(413);
});

test('a plan can be duplicated; delete can be undone', async () => {
  const id = await made('Lamp');
  const copy = (await (await duplicate(request(), at(id))).json()) as { id: string };
  const opened = await (await open(request(), at(copy.id))).json();
  expect(opened.document).toMatchObject({ title: 'Lamp (copy)' });
  expect((await remove(request(), at(id))).status).toBe(200);
  expect((await open(request(), at(id))).status).toBe(404);
  expect((await duplicate(request(), at(id))).status).toBe(404);
  expect((await exportFile(request(), at(id))).status).toBe(404);
  expect(
    (await save(request(JSON.stringify({ revision: 1, document: newPlan('X') })), at(id))).status,
  ).toBe(404);
  expect((await restore(request(), at(id))).status).toBe(200);
  expect((await restore(request(), at(id))).status).toBe(404);
  expect((await open(request(), at(id))).status).toBe(200);
  expect((await remove(request(), at('none'))).status).toBe(404);
});

test('an unknown kind is refused by every route', async () => {
  const context = at('x', 'spoons');
  const answers = await Promise.all([
    create(request('{"title":"A"}'), context),
    importFile(request('{}'), context),
    open(request(), context),
    save(request('{}'), context),
    remove(request(), context),
    duplicate(request(), context),
    exportFile(request(), context),
    restore(request(), context),
  ]);
  expect(answers.map(({ status }) => status)).toEqual(Array(8).fill(404));
});

test('a recipe goes out and comes back under its own kind, and is no plan', async () => {
  const response = await create(request('{"title":"Our kiwi"}'), of('recipes'));
  const { id } = (await response.json()) as { id: string };
  const file = await exportFile(request(), at(id, 'recipes'));
  expect(file.headers.get('content-disposition')).toContain('our-kiwi.recipe.grozer.json');
  const text = await file.text();
  expect((await importFile(request(text), of('recipes'))).status).toBe(201);
  const refused = await importFile(request(text), of('plans'));
  expect(refused.status).toBe(422);
  expect((await open(request(), at(id))).status).toBe(404);
});
