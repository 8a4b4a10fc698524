import { GLOSSARY } from '@/core/work/help/glossary';
import { wordAnchor } from './wordAnchor';
import { jumpTargets } from './targets';

const PLANS = [
  { id: 'a', title: 'Lamp for the lighthouse' },
  { id: 'b', title: 'Anodes by the dozen' },
  { id: 'c', title: null },
];
const OPEN = { id: 'a', stations: [{ slug: 'run', name: 'Leave it running' }] };
const hrefs = (typed: string, open: typeof OPEN | null = null) =>
  jumpTargets(typed, PLANS, open).map(({ href }) => href);

test('plans, tools, recipes and words are found by parts of their names, beginnings first', () => {
  expect(hrefs('lamp')).toEqual(['/plans/a/arrange']);
  expect(hrefs('house  lamp')).toEqual(['/plans/a/arrange']);
  expect(hrefs('anode')).toEqual(['/plans/b/arrange', '/help#word-anode']);
  expect(hrefs('cupb')).toEqual(['/cupboard']);
  expect(jumpTargets('root veg', [], null)[0]?.kind).toBe('recipe');
  expect(hrefs('no such place')).toEqual([]);
});

test('stations are offered where a plan is open', () => {
  expect(hrefs('leave')).toEqual([]);
  expect(hrefs('leave', OPEN)).toEqual(['/plans/a/run']);
});

test('every word has a place of its own on the page', () => {
  const anchors = GLOSSARY.map(({ word }) => wordAnchor(word));
  expect(new Set(anchors).size).toBe(anchors.length);
});

test('materials and deeds are found, by the words that people use', () => {
  expect(hrefs('lemon')[0]).toBe('/recipes/shipped/copper-zinc-fruit');
  expect(hrefs('potato')[0]).toBe('/recipes/shipped/root-vegetable');
  expect(hrefs('backup')).toEqual(['/safekeeping', '/safekeeping']);
  expect(hrefs('print', OPEN)[0]).toBe('/plans/a/ready?part=prints');
  expect(hrefs('timer', OPEN)[0]).toBe('/plans/a/ready?part=timetable');
  expect(hrefs('shopping')[0]).toBe('/plans/a/ready?part=shopping');
  expect(jumpTargets('safety', PLANS, null)[0]?.of).toBe('Lamp for the lighthouse');
  expect(jumpTargets('print', [], null)).toEqual([]);
});
