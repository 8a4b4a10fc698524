import { readingsOfGroup } from '../../records/logbook/foldLog';
import type { LogEntry, LogLine } from '../../records/logbook/logEntry';
import type { Measurement } from '../../records/logbook/measurement';
import { readingEntry } from '../../records/logbook/readingEntry';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { benchFacts, type BenchFacts } from './benchFacts';
import {
  boardRows,
  boardSummary,
  classFigures,
  classPredictions,
  commonStep,
  sinceWords,
  type BoardRow,
} from './board';
import { dotPlot } from './dotPlot';
import { judgeBench } from './judgeBench';

const AT = '2027-01-22T14:02:00.000Z';
const PLAN: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
};
const FACTS = benchFacts(PLAN, evaluatePlan(PLAN));
const volts = (to: number): Measurement => ({ kind: 'volts', string: 1, from: 1, to, built: to });
const E = FACTS.expected(volts(1)).value;
let seq = 0;
const line = (group: string, entry: LogEntry, at = 1000): LogLine => ({
  seq: (seq += 1),
  group,
  entryId: `e${seq}`,
  revision: 1,
  entry,
  struck: false,
  author: 'group',
  at,
});
const step = (group: string, id: string): LogLine =>
  line(group, { kind: 'step', step: id, state: 'done', takenAt: AT });
const read = (group: string, measurement: Measurement, value: number): LogLine =>
  line(group, readingEntry(measurement, value, AT));
/** Each step of Curlew’s done or read as expected. */
const allDone = ({ steps, expected }: BenchFacts): LogLine[] =>
  steps.map(({ id, measurement }) => {
    if (measurement === null) return step('Curlew', id);
    const value = measurement.kind === 'lights' ? 1 : expected(measurement).value;
    return read('Curlew', measurement, value);
  });
const LIGHTS: Measurement = { kind: 'lights', turned: false };
const rowOf = (lines: readonly LogLine[], rest: object = {}): BoardRow => {
  const [row] = boardRows({ facts: FACTS, groups: ['Knot'], lines, ...rest });
  if (row === undefined) throw new Error('no row');
  return row;
};

test('building, measuring and waiting for a meter, with the place in the line', () => {
  expect(rowOf([])).toMatchObject({ state: 'building', since: null, done: 0 });
  const built = [step('Knot', 'prepare'), step('Knot', 'build 1 1')];
  expect(rowOf(built)).toMatchObject({ state: 'measuring', done: 2, since: 1000 });
  const wants = (group: string, at: number): LogLine =>
    line(group, { kind: 'meter', wanted: true, takenAt: AT }, at);
  const rows = boardRows({
    facts: FACTS,
    groups: ['Knot', 'Tern'],
    lines: [...built, wants('Tern', 2000), wants('Knot', 3000)],
  });
  expect(rows.map(({ state, detail, since }) => [state, detail, since])).toEqual([
    ['waiting', 'number 2 in line', 3000],
    ['waiting', 'first in line', 2000],
  ]);
  // A reading means that the meter has come.
  const served = rowOf([...built, wants('Knot', 3000), read('Knot', volts(1), E)]);
  expect(served.state).toBe('measuring');
});

const judgedOf = (lines: readonly LogLine[]) => {
  const judgement = judgeBench(FACTS, readingsOfGroup(lines, 'Knot'));
  return new Map(judgement === null ? [] : [['Knot', judgement]]);
};

test('what was read at cells that the plan has no more is left out, and names no other reading', () => {
  const gone = read('Knot', volts(6), 5.5);
  expect(judgedOf([gone]).size).toBe(0);
  // A point that was missed: 0.281 for 2.81.
  const lines = [gone, read('Knot', volts(1), E), read('Knot', volts(2), 2 * E)];
  lines.push(read('Knot', volts(3), 0.3 * E));
  const judgement = judgedOf(lines).get('Knot');
  expect(judgement?.verdict).toBe('reading');
  expect(judgement?.next[0]?.measurement).toEqual(volts(3));
  expect(judgement?.headline).toContain('cells 1–3');
});

test('a device that does not run is wrong, with what to try first; turned round and running it is not', () => {
  const lines = [read('Knot', volts(1), E), read('Knot', LIGHTS, 0)];
  const dark = rowOf(lines, { judged: judgedOf(lines) });
  expect(dark.state).toBe('wrong');
  expect(dark.detail).toMatch(/Turn .* round/);
  const turned = [read('Knot', LIGHTS, 0), read('Knot', { kind: 'lights', turned: true }, 1)];
  expect(rowOf(turned)).toMatchObject({ state: 'running', headline: 'It lights' });
});

test('the one judgement counts: what is sure is wrong, what is not is likely, what is sound no alarm', () => {
  const open = [1, 2, 3, 3].map((to) => read('Knot', volts(to), to === 3 ? 0.01 : to * E));
  expect(rowOf(open, { judged: judgedOf(open) })).toMatchObject({
    state: 'wrong',
    headline: 'The lead between cells 2 and 3 has no contact',
  });
  const missing = [1, 2].map((to) => read('Knot', volts(to), E));
  const likely = rowOf(missing, { judged: judgedOf(missing) });
  expect(likely.state).toBe('likely');
  expect(likely.headline).toMatch(/^Probably /);
  expect(likely.detail).toMatch(/^One reading tells more/);
  const sound = [read('Knot', volts(1), 1.04 * E)];
  expect(rowOf(sound, { judged: judgedOf(sound) }).state).toBe('building');
  // Before it is judged nothing is said of it.
  expect(rowOf(open).state).toBe('building');
});

test('who skips to the end is not done', () => {
  const skipped = FACTS.steps.map(({ id }) =>
    line('Knot', { kind: 'step', step: id, state: 'skipped', takenAt: AT }),
  );
  expect(rowOf(skipped)).toMatchObject({
    state: 'skipped',
    headline: `Through, skipped ${FACTS.steps.length}`,
  });
});

test('a group whose device has left is away since then; one that never had a device is not', () => {
  const presence = new Map([['Knot', { devices: 0, since: 5000 }]]);
  expect(rowOf([step('Knot', 'prepare')], { presence })).toMatchObject({
    state: 'away',
    since: 5000,
  });
  expect(rowOf([step('Knot', 'prepare')]).state).toBe('building');
});

test('a demonstration is called so, and not counted among groups', () => {
  const arrangement = { kind: 'own', cellsInSeries: 36, strings: 1 } as const;
  const shown = { ...PLAN, arrangement };
  const facts = benchFacts(shown, evaluatePlan(shown));
  const input = { facts, groups: facts.groups, lines: [] };
  expect(boardRows(input).map(({ name }) => name)).toEqual(['the demonstration']);
  expect(boardSummary(boardRows(input))).toBe('Nothing is wrong.');
  const sentenceOf = (sure: boolean): string => {
    const unlike = { ...judgedOf([read('Knot', volts(1), -E)]).get('Knot')!, sure };
    const judged = new Map([['Curlew', unlike]]);
    return boardSummary(boardRows({ ...input, judged }));
  };
  expect(sentenceOf(true)).toBe('Something is wrong at the demonstration.');
  expect(sentenceOf(false)).toBe('The demonstration looks for a fault.');
  const through = boardRows({ ...input, lines: allDone(facts) });
  expect(boardSummary(through)).toBe('Nothing is wrong. All steps are done.');
});

test('the class in a sentence, the next thing to do, and how long ago', () => {
  const lines = [
    ...allDone(FACTS),
    read('Knot', volts(1), -E),
    line('Knot', { kind: 'help', wanted: true, takenAt: AT }),
  ];
  const groups = ['Curlew', 'Knot', 'Dunlin'];
  const rows = boardRows({ facts: FACTS, groups, lines, judged: judgedOf(lines) });
  expect(rows[0]).toMatchObject({ state: 'done', done: FACTS.steps.length });
  expect(boardSummary(rows)).toBe(
    'Knot calls for help. Knot looks for a fault. 1 of 3 groups are done.',
  );
  expect(commonStep(rows)).toBe('Get your things ready');
  expect(commonStep(rows.slice(0, 1))).toBeNull();
  expect([
    sinceWords(null, 9),
    sinceWords(1000, 30_000),
    sinceWords(1000, 190_000),
    sinceWords(1, 8_000_000),
  ]).toEqual(['', 'now', '3 min', '2 h']);
  const [figure] = classFigures(['Curlew', 'Knot'], lines);
  expect(figure?.mean).toBeCloseTo(0, 12);
  expect(figure?.deviation).toBeCloseTo(Math.SQRT2 * E, 9);
});

test('predicted against read, by the middle of the groups', () => {
  const predicts = (group: string, value: number): LogLine =>
    line(group, { kind: 'prediction', measurement: volts(2), value, takenAt: AT });
  const lines = [
    predicts('Knot', 1),
    predicts('Tern', 2),
    predicts('Avocet', 9),
    read('Tern', volts(2), 1.8),
  ];
  expect(classPredictions(FACTS, ['Knot', 'Tern', 'Avocet'], lines)).toEqual([
    { measurement: volts(2), predicted: 2, read: 1.8, groups: 3 },
  ]);
});

test('dots stand over their own values and never on each other', () => {
  const values = [0.4, 0.41, 0.41, 0.6].map((value, index) => ({ group: `g${index}`, value }));
  const { dots, least, most, ticks } = dotPlot(values, [0.35, 0.55], 0.05);
  expect(dots.map(({ value, level }) => [value, level])).toEqual([
    [0.4, 0],
    [0.41, 1],
    [0.41, 2],
    [0.6, 0],
  ]);
  expect(least).toBeLessThan(0.35);
  expect(most).toBeGreaterThan(0.6);
  expect(ticks).toEqual([0.35, 0.4, 0.45, 0.5, 0.55, 0.6].filter((one) => ticks.includes(one)));
  expect(ticks.length).toBeGreaterThan(2);
});
