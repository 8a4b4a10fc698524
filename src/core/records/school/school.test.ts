import { typicalModel, cellBuild } from '../../physics/recipes/cellBuild';
import { bodyOf } from '../../physics/recipes/recipe';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import { RECIPES } from '../../physics/recipes/recipes';
import { USUAL_SHUNTS, type MeterRange } from '../../physics/instruments/meter';
import type { LogLine } from '../logbook/logEntry';
import type { Measurement } from '../logbook/measurement';
import { cellOfPlan } from '../plan/cellOfPlan';
import { freshCell, newPlan } from '../plan/newPlan';
import type { Plan } from '../plan/planSchema';
import { cellsOfLesson } from './cellsOfLesson';
import { figuresOfSchool, kindOfPlanCell, withSchool } from './figuresOfSchool';
import { kindsOfSchool } from './kindsOfSchool';
import { EMPTY_SCHOOL, withCells, withCounted, type SchoolCell } from './schoolSchema';
import { originWords, schoolWords } from './schoolWords';

const plan = newPlan('Lamp');
const typical = typicalModel(
  cellBuild(RECIPES['copper-zinc-fruit'], bodyOf(RECIPES['copper-zinc-fruit'], 'lemon')),
);

let seq = 0;
function line(
  group: string,
  measurement: Measurement,
  value: number,
  range: MeterRange | null = null,
): LogLine {
  seq += 1;
  return {
    seq,
    entryId: `entry ${seq}`,
    revision: 1,
    group,
    author: 'group',
    struck: false,
    at: 0,
    entry: {
      kind: 'reading',
      measurement,
      value,
      range,
      source: 'typed',
      typed: null,
      meter: null,
      takenAt: '2027-01-29T10:00:00.000Z',
    },
  };
}
const stair = (to: number): Measurement => ({ kind: 'volts', string: 1, from: 1, to, built: to });

const cell = (id: string, change: Partial<SchoolCell> = {}): SchoolCell => ({
  ...kindOfPlanCell(plan.cell),
  id,
  lesson: 'l1',
  title: 'Lamp',
  day: '2027-01-29',
  group: 'Dunlin',
  string: 1,
  cell: 1,
  openVolts: 0.95,
  shortAmps: 0.5e-3,
  counted: true,
  ...change,
});

test('cells of a lesson: read by themselves, as steps of the stairs, currents without the meter', () => {
  const lines = [
    line('Dunlin', stair(1), 0.9),
    line('Dunlin', { kind: 'short', string: 1, built: 1 }, 0.4e-3, '2 mA'),
    line('Dunlin', stair(2), 1.84),
    line('Dunlin', stair(4), 3.7),
    line('Plover', { kind: 'cell-volts', string: 1, cell: 3 }, 0.92),
    line('Plover', { kind: 'cell-short', string: 1, cell: 3 }, 0.5e-3),
    line('Plover', { kind: 'short', string: 1, built: 4 }, 0.5e-3),
  ];
  const found = cellsOfLesson(plan, 'p1', ['Dunlin', 'Plover', 'Knot'], lines);
  expect(
    found.map(({ cell: { group, cell: at, openVolts } }) => [
      group,
      at,
      Number(openVolts.toFixed(3)),
    ]),
  ).toEqual(
    expect.arrayContaining([
      ['Dunlin', 1, 0.9],
      ['Dunlin', 2, 0.94],
      ['Plover', 3, 0.92],
    ]),
  );
  expect(found).toHaveLength(3);
  const first = found.find(({ cell: one }) => one.group === 'Dunlin' && one.cell === 1)!.cell;
  // By hand: r = 0.9 V / 0.4 mA − shunt, and 0.9 V through that.
  expect(first.shortAmps).toBeCloseTo(0.9 / (0.9 / 0.4e-3 - USUAL_SHUNTS['2 mA']), 9);
  expect(first.day).toBe('2027-01-29');
  const again = cellsOfLesson(plan, 'p1', ['Dunlin', 'Plover'], lines);
  const once = withCells(
    EMPTY_SCHOOL,
    found.map((one) => one.cell),
  );
  expect(
    withCells(
      once,
      again.map((one) => one.cell),
    ).cells,
  ).toHaveLength(3);
});

test('a cell that reads unlike its class is marked; a battery laid out by hand gives none', () => {
  const groups = ['Dunlin', 'Plover', 'Knot', 'Ruff', 'Wren'];
  const lines = groups.map((group, index) =>
    line(group, stair(1), index === 2 ? 0.31 : 0.9 + index / 100),
  );
  const found = cellsOfLesson(plan, 'p1', groups, lines);
  expect(found.filter(({ isFarOff }) => isFarOff).map(({ cell: one }) => one.group)).toEqual([
    'Knot',
  ]);
  const desk: Plan = {
    ...plan,
    arrangement: { kind: 'desk', strings: [], loadReversed: false } as Plan['arrangement'],
  };
  expect(cellsOfLesson(desk, 'p1', groups, lines)).toEqual([]);
});

test('more metal in a body gives more current; it is brought to one usual pair', () => {
  const size = RECIPES['copper-zinc-fruit'].usualSize;
  const wide: Plan = { ...plan, cell: { ...plan.cell, size: { ...size, pairs: 2 } } };
  const read = (of: Plan): number => {
    const lines = [
      line('Dunlin', stair(1), 0.9),
      line('Dunlin', { kind: 'short', string: 1, built: 1 }, 1e-3, '20 mA'),
    ];
    return cellsOfLesson(of, 'p1', ['Dunlin'], lines)[0]!.cell.shortAmps!;
  };
  const share = cellAmpsAt(cellOfPlan(wide).model, 0) / cellAmpsAt(typical, 0);
  expect(share).toBeGreaterThan(1.5);
  expect(read(wide)).toBeCloseTo(read(plan) / share, 9);
});

test('the school’s figures lie between the recipe’s and the readings, nearer to them with every lesson', () => {
  const lessons = (count: number): SchoolCell[] =>
    Array.from({ length: count }, (_, at) =>
      ['a', 'b', 'c', 'd'].map((one, index) =>
        cell(`${at} ${one}`, { lesson: `l${at}`, openVolts: 1 + index / 100, shortAmps: 1e-3 }),
      ),
    ).flat();
  const few = figuresOfSchool({ cells: lessons(1) }, plan.cell)!;
  const many = figuresOfSchool({ cells: lessons(8) }, plan.cell)!;
  expect(few).toMatchObject({ cells: 4, lessons: 1 });
  expect(many).toMatchObject({ cells: 32, lessons: 8 });
  const off = ({ openCircuitVolts }: typeof few): number => Math.abs(openCircuitVolts.mean - 1.015);
  expect(off(few)).toBeLessThan(Math.abs(typical.emfVolts - 1.015));
  expect(off(many)).toBeLessThan(off(few));
  expect(
    schoolWords({
      ...many,
      cells: 43,
      lessons: 4,
      openCircuitVolts: { mean: 0.912, deviation: 0.041 },
      shortCircuitAmps: { mean: 0.52e-3, logDeviation: 0.3 },
    }).replaceAll('\u00a0', ' '),
  ).toBe('0.91 V ± 0.04, 0.52 mA, from 43 cells in 4 lessons');
});

test('other metals, another body and cells taken out do not count', () => {
  const cells = [
    cell('1', { metals: 'coin and nail' }),
    cell('2', { body: 'potato' }),
    cell('3', { counted: false }),
  ];
  expect(figuresOfSchool({ cells }, plan.cell)).toBeNull();
  const back = withCounted({ ...EMPTY_SCHOOL, cells }, '3', true);
  expect(figuresOfSchool(back, plan.cell)).toMatchObject({ cells: 1, lessons: 1 });
});

test('volts alone leave the recipe’s current, stretched by the volts only', () => {
  const cells = [
    cell('1', { openVolts: 1, shortAmps: null }),
    cell('2', { openVolts: 1, shortAmps: null }),
  ];
  const figures = figuresOfSchool({ cells }, plan.cell)!;
  expect(figures.shortCircuitAmps).toBeNull();
  const rested = cellOfPlan({ ...plan, cell: { ...plan.cell, school: figures } });
  expect(cellAmpsAt(rested.model, 0)).toBeCloseTo(cellAmpsAt(cellOfPlan(plan).model, 0), 9);
  expect(rested.model.emfVolts).toBeCloseTo(figures.openCircuitVolts.mean, 9);
});

test('a plan rests on the school’s figures and says so; own readings come first', () => {
  const school = {
    cells: ['1', '2', '3'].map((id) => cell(id, { openVolts: 0.99, shortAmps: 0.9e-3 })),
  };
  const withThem = { ...plan, cell: withSchool(plan.cell, school) };
  const planned = cellOfPlan(withThem);
  expect(planned.origin).toBe('school');
  const figures = withThem.cell.school!;
  expect(planned.model.emfVolts).toBeCloseTo(figures.openCircuitVolts.mean, 9);
  expect(cellAmpsAt(planned.model, 0)).toBeCloseTo(figures.shortCircuitAmps!.mean, 9);
  expect(originWords(planned)).toContain('from 3 cells in 1 lesson');
  const own = {
    openCircuitVolts: 0.9,
    shortCircuit: { amps: 0.5e-3, meterRange: '2 mA' as const, secondsAfter: null },
    loaded: [],
    kept: true,
  };
  expect(cellOfPlan({ ...withThem, cell: { ...withThem.cell, own } }).origin).toBe('own');
});

test('a curve keeps its shape when it is stretched: half of the short-circuit current at the same share of the volts', () => {
  const coins: Plan = { ...plan, cell: freshCell('magnesium-air-rod') };
  const before = cellOfPlan(coins).model;
  const figures = {
    cells: 9,
    lessons: 3,
    openCircuitVolts: { mean: 1.1 * before.emfVolts, deviation: 0.05 },
    shortCircuitAmps: { mean: 2 * cellAmpsAt(before, 0), logDeviation: 0.2 },
  };
  const after = cellOfPlan({ ...coins, cell: { ...coins.cell, school: figures } }).model;
  for (const share of [0.2, 0.5, 0.8]) {
    expect(cellAmpsAt(after, share * after.emfVolts)).toBeCloseTo(
      2 * cellAmpsAt(before, share * before.emfVolts),
      9,
    );
  }
});

test('kinds by name, lessons newest first, each with count, mean, scatter and geometric mean of the currents', () => {
  const cells = [
    cell('1', { openVolts: 0.9, shortAmps: 1e-3 }),
    cell('2', { openVolts: 1, shortAmps: 4e-3 }),
    cell('3', { counted: false, openVolts: 0.2 }),
    cell('4', { day: '2027-03-01', lesson: 'l2' }),
    cell('5', { body: 'kiwi' }),
    cell('6', { ownRecipe: 'gone', body: 'brine cup' }),
  ];
  const kinds = kindsOfSchool({ cells }, []);
  expect(kinds.map(({ name }) => name.split(':')[0])).toEqual(['Brine cup', 'Kiwi', 'Lemon']);
  expect(kinds[0]?.figures).toBeNull();
  const [newest, older] = kinds[2]!.lessons;
  expect(newest).toMatchObject({ day: '2027-03-01', count: 1, deviation: null });
  expect(older).toMatchObject({ count: 2, mean: expect.closeTo(0.95, 9) });
  expect(older!.cells).toHaveLength(3);
  expect(older!.deviation).toBeCloseTo(0.1 / Math.SQRT2, 9);
  expect(older!.shortAmps).toBeCloseTo(2e-3, 9);
});

test('lessons that lie far apart leave the next one open: 0.3 and 1.2 mA are no 0.6 mA that is known', () => {
  const lesson = (day: string, shortAmps: number) =>
    Array.from({ length: 6 }, (_, index) => cell(`${day} ${index}`, { day, shortAmps }));
  const levelAfter = (...lessons: ReturnType<typeof lesson>[]): number =>
    cellOfPlan({ ...plan, cell: withSchool(plan.cell, { cells: lessons.flat() }) }).belief.level
      .ampsLog;
  const apart = levelAfter(lesson('2027-01-01', 0.3e-3), lesson('2027-02-01', 1.2e-3));
  const alike = levelAfter(lesson('2027-01-01', 0.6e-3), lesson('2027-02-01', 0.6e-3));
  expect(apart).toBeGreaterThan(0.45);
  // What is left of it is how lessons of one school differ.
  expect(alike).toBeLessThan(0.25);
});
