import { readFileSync } from 'node:fs';
import { demoPlan } from '@/cli/demoPlans';
import { evaluatePlan } from '../judging/evaluatePlan';
import { verdictOf } from '../judging/verdict';

const page = readFileSync('docs/how-a-figure-is-made.md', 'utf8');
const steps = [...page.matchAll(/^\| `(\w+)` +\| `([\w/.]+)`/gm)].map(
  ([, name = '', file = '']) => [name, file],
);

test.each(steps)('%s is where the page of figures says: %s', (name, file) => {
  const source = readFileSync(`src/core/${file}`, 'utf8');
  expect(source).toMatch(new RegExp(`^export (const|function) ${name}\\b`, 'm'));
});

test('the example of the page is what the demo says', () => {
  expect(steps.length).toBeGreaterThan(20);
  const { headline, details } = verdictOf(evaluatePlan(demoPlan('demo-lamp')));
  const plain = (text: string): string => text.replace(/\s+/g, ' ');
  expect(plain(page)).toContain(plain(`_${headline} · ${details.at(-1)}_`));
});
