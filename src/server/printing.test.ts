import { newPlan } from '@/core/records/plan/newPlan';
import { createDocumentRepository } from '@/data/documentRepository';
import { openDatabase } from '@/data/openDatabase';
import { pdfPages, pdfWords } from '@/testing/server/pdfPages';
import type { ServerContext } from './context';
import { answerRequestSchema, printAnswer } from './printAnswer';
import { drillPrintSchema, printDrill } from './printDrill';

const NOW = Date.parse('2027-01-04T09:00:00Z');

function withPlan(): ServerContext {
  const db = openDatabase(':memory:');
  createDocumentRepository(db, 'plans').insert('p', newPlan('Lamp'), NOW);
  return {
    documents: (kind) => createDocumentRepository(db, kind),
    now: () => NOW,
    newId: () => 'x',
  };
}

test('an answer is printed for a plan’s own cell and for a recipe’s usual one', async () => {
  const context = withPlan();
  const asked = JSON.stringify({ kind: 'example', id: 'ferry' });
  for (const cell of [{ plan: 'p' }, { recipe: 'coin-pile-brine', body: 'felt' }]) {
    const printed = await printAnswer(context, answerRequestSchema.parse({ asked, ...cell }));
    if (!printed.ok) throw new Error('no print');
    // How many to cross a ferry: its question, its sum and what keeps it in place.
    expect(pdfWords(printed.value).join(' ')).toMatch(/ferry.*=.*local codes/i);
  }
  const missing = await printAnswer(context, answerRequestSchema.parse({ asked, plan: 'q' }));
  expect(missing).toMatchObject({ ok: false, issues: [{ path: ['plan'] }] });
});

test.each([
  ['no question at all', { plan: 'p' }],
  ['what is no JSON', { asked: '{', plan: 'p' }],
  ['an example that is none', { asked: '{"kind":"example","id":"submarine"}', plan: 'p' }],
  ['neither plan nor recipe', { asked: '{"kind":"claim","id":"power"}' }],
])('%s is refused', (_, request) => {
  expect(answerRequestSchema.safeParse(request).success).toBe(false);
});

test('an own wish is asked as it was typed', () => {
  const wish = { kind: 'run', name: 'light the pier', volts: 3, amps: 0.001, seconds: 7200 };
  const asked = JSON.stringify({ kind: 'own', wish });
  expect(answerRequestSchema.parse({ asked, plan: 'p' })).toMatchObject({ asked: { wish } });
});

test('drills are printed by level and number, at most thirty at once', async () => {
  const request = drillPrintSchema.parse({ level: '3', seed: '17' });
  expect(request).toEqual({ level: 3, seed: 17, count: 6 });
  const [first, ...rest] = pdfPages(await printDrill(withPlan(), request));
  // Six drills, each with the number by which it is found again; nothing runs over the edge.
  const numbers = [first, ...rest].flatMap((page) =>
    (page?.texts ?? []).flatMap(({ text }) => /\b(1[7-9]|2[0-2])\b/.exec(text)?.[0] ?? []),
  );
  expect(new Set(numbers)).toEqual(new Set(['17', '18', '19', '20', '21', '22']));
  for (const { x } of first?.texts ?? []) expect(x).toBeLessThan((first?.width ?? 0) - 30);
  const messages = drillPrintSchema
    .safeParse({ level: '7', seed: '0', count: '31' })
    .error?.issues.map(({ message }) => message);
  expect(messages).toEqual([
    'There are 5 levels.',
    'Drills are counted from 1.',
    'At most 30 are printed at once.',
  ]);
});
