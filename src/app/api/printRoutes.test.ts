import { GET as ofDrill } from './drill/print/route';
import { GET as ofFairTest } from './fair-tests/[id]/print/route';
import { GET as ofMixing } from './mixing/print/route';
import { GET as ofAnswer } from './reality/print/route';
import { pdfWords } from '@/testing/server/pdfPages';
import { POST as create } from './[kind]/route';

beforeAll(() => {
  process.env['GROZER_DB'] = ':memory:';
});

const get = (query: Record<string, string>): Request =>
  new Request(`http://127.0.0.1/?${new URLSearchParams(query).toString()}`);
const reads = async (answer: Response, name: string, words: RegExp): Promise<void> => {
  expect(answer.headers.get('content-type')).toBe('application/pdf');
  expect(answer.headers.get('content-disposition')).toBe(`inline; filename="${name}.pdf"`);
  expect(pdfWords(await answer.bytes()).join(' ')).toMatch(words);
};
const refusedAt = async (answer: Response, status: number): Promise<unknown[]> => {
  expect(answer.status).toBe(status);
  const { message, faults } = (await answer.json()) as {
    message: string;
    faults: { path: unknown[] }[];
  };
  expect(message).toBe('This cannot be printed.');
  return faults.map(({ path }) => path.join('.'));
};

test('a mixing card', async () => {
  await reads(
    await ofMixing(get({ electrolyte: 'brine', strength: '1', millilitres: '500' })),
    'mixing-card',
    /500 mL of .*g of table salt/,
  );
  const refused = get({ electrolyte: 'sea', strength: 'strong', millilitres: '-1' });
  expect(await refusedAt(await ofMixing(refused), 400)).toEqual([
    'electrolyte',
    'strength',
    'millilitres',
  ]);
});

test('drills', async () => {
  await reads(await ofDrill(get({ level: '2', seed: '7', count: '2' })), 'drill', /\b7\b.*\b8\b/);
  expect(await refusedAt(await ofDrill(get({ level: '2', seed: '7', count: '31' })), 400)).toEqual([
    'count',
  ]);
});

test('an answer of the reality check, for a recipe and for a plan that is gone', async () => {
  const asked = JSON.stringify({ kind: 'example', id: 'phone' });
  const recipe = { recipe: 'copper-zinc-fruit', body: 'kiwi' };
  await reads(await ofAnswer(get({ asked, ...recipe })), 'answer', /phone/);
  expect(await refusedAt(await ofAnswer(get({ asked, plan: 'gone' })), 404)).toEqual(['plan']);
  expect((await ofAnswer(get({ asked: '{', ...recipe }))).status).toBe(400);
});

test('a fair test, and one that is gone', async () => {
  const made = await create(
    new Request('http://127.0.0.1/', { method: 'POST', body: '{"title":"Which gives most?"}' }),
    { params: Promise.resolve({ kind: 'fair-tests' }) },
  );
  const { id } = (await made.json()) as { id: string };
  const at = (test: string) => ({ params: Promise.resolve({ id: test }) });
  await reads(await ofFairTest(get({}), at(id)), 'fair-test', /Which gives most\?/);
  expect((await ofFairTest(get({}), at('gone'))).status).toBe(404);
});
