import { shareOfOnePair } from '../../physics/recipes/cellBuild';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import type { LoggedReading } from '../../records/logbook/logEntry';
import type { Measurement } from '../../records/logbook/measurement';
import { readingEntry } from '../../records/logbook/readingEntry';
import { benchFacts } from './benchFacts';
import { measurementOfRow, mostVoltsAt, stairsRows } from './stairs';
import { calibratedPlan, firstShortAmps } from './calibratedPlan';
import { guideOfPlan } from './guideOfPlan';

const measured: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 2 },
  cell: {
    ...newPlan('Lamp').cell,
    own: {
      openCircuitVolts: 0.93,
      shortCircuit: { amps: 1.4e-3, meterRange: '20 mA', secondsAfter: null },
      loaded: [],
      kept: true,
    },
  },
};
const reading = (measurement: Measurement, value: number): LoggedReading =>
  readingEntry(measurement, value, '2027-01-22T14:02:00Z');

test('one cell first, then all others at once by many hands, then they are joined and read one by one', () => {
  const steps = guideOfPlan(measured, evaluatePlan(measured));
  const ids = steps.map(({ id }) => id);
  expect(ids.slice(0, 7)).toEqual([
    'prepare',
    'build 1 1',
    'volts 1 1',
    'short 1 1',
    'build all',
    'volts 1 2',
    'volts 1 3',
  ]);
  expect(ids.slice(-6)).toEqual([
    'battery-volts',
    'device',
    'lights',
    'load-volts',
    'hold',
    'clear',
  ]);
  expect(ids.indexOf('join')).toBeGreaterThan(ids.indexOf('short 2 3'));
  expect(new Set(ids).size).toBe(ids.length);
  expect(steps.find(({ id }) => id === 'build all')?.text).toMatch(/Each of you builds/);
  expect(steps.find(({ id }) => id === 'volts 1 2')?.text).toMatch(
    /^Clip the − metal .* of cell 2 to the \+ metal .* of cell 1\. Volts across/,
  );
});

test('its minutes are those of the lesson, however many hands there are and however the meters are shared', () => {
  for (const change of [
    {},
    { pupils: 6, groups: 3 },
    { measuring: 'once' },
    { measuring: 'pairs', meters: 1 },
    { minutes: 90, pupils: 30, groups: 10, meters: 10 },
  ] as const) {
    const plan: Plan = { ...measured, lesson: { ...measured.lesson, ...change } };
    const evaluation = evaluatePlan(plan);
    const minutes = guideOfPlan(plan, evaluation).reduce((sum, one) => sum + one.minutes, 0);
    expect(minutes).toBeCloseTo(evaluation.inLesson.measuring.course.minutes, 9);
  }
});

test('where the meters go round once a string is joined at one go and read once', () => {
  const plan: Plan = { ...measured, lesson: { ...measured.lesson, measuring: 'once' } };
  const read = guideOfPlan(plan, evaluatePlan(plan)).flatMap(({ id, measurement }) =>
    measurement?.kind === 'volts' ? [id] : [],
  );
  expect(read).toEqual(['volts 1 1', 'volts 1 3', 'volts 2 3']);
});

test('every measurement comes with range, socket, expected value and scatter', () => {
  const steps = guideOfPlan(measured, evaluatePlan(measured));
  const step = (id: string) => steps.find((one) => one.id === id);
  expect(step('volts 1 1')).toMatchObject({ meter: { range: '2 V', socket: 'VΩ' } });
  expect(step('volts 1 2')?.meter?.range).toBe('20 V');
  expect(step('short 1 1')?.meter).toEqual({ range: '2 mA', socket: 'mA' });
  expect(step('volts 1 3')?.expected?.value).toBeCloseTo(2.81, 2);
  // Three cells of 4 % each scatter by √3 · 4 % of one, and the class together by 2.3 % of all once one was read.
  expect(step('volts 1 3')?.expected?.deviation).toBeCloseTo(
    Math.hypot(Math.sqrt(3) * 0.0372, 0.0233 * 2.81, 0.0172),
    2,
  );
  // One cell read at 1.4 mA: an average one of the class lies nearly halfway from the usual 0.42 mA (as a logarithm).
  expect(step('short 1 1')?.expected?.value).toBeGreaterThan(0.6e-3);
  expect(step('short 1 1')?.expected?.value).toBeLessThan(0.8e-3);
  expect(step('battery-volts')?.expected?.value).toBeCloseTo(2.81, 2);
  expect(step('lights')?.meter).toBeNull();
});

test('cautions stand at the step where they apply', () => {
  const steps = guideOfPlan(measured, evaluatePlan(measured));
  expect(steps[0]?.cautions.map(({ id }) => id)).toContain('food');
  const magnesium = {
    ...measured,
    cell: { ...measured.cell, recipe: 'magnesium-air-rod', body: 'tap-water', own: null },
  } as Plan;
  const short = guideOfPlan(magnesium, evaluatePlan(magnesium)).find(
    ({ id }) => id === 'short 1 1',
  );
  expect(short?.cautions.map(({ id }) => id)).toEqual(['short-circuit']);
});

test('the stairs take the steps, everything else stands beside them', () => {
  const facts = benchFacts(measured, evaluatePlan(measured));
  const readings = [
    reading({ kind: 'volts', string: 1, from: 1, to: 1, built: 1 }, 0.94),
    reading({ kind: 'volts', string: 1, from: 1, to: 2, built: 2 }, 1.0),
    reading({ kind: 'cell-volts', string: 1, cell: 2 }, 0.93),
    reading({ kind: 'volts', string: 2, from: 1, to: 1, built: 1 }, 0.9),
    reading({ kind: 'lights', turned: false }, 0),
  ];
  const rows = stairsRows(facts.stairs, 1, readings);
  expect(rows.map(({ read }) => read)).toEqual([0.94, null, 1.0, null]);
  expect(rows[2]?.meaning?.code).toBe('adds-nothing');
  const others = facts.others(1, readings);
  expect(others.map(({ label, meaning }) => [label, meaning.fine])).toEqual([
    ['cell 2 alone', true],
    ['does it light or run?', false],
  ]);
  expect(measurementOfRow(1, { kind: 'short-circuit', cells: 1 })).toEqual({
    kind: 'short',
    string: 1,
    built: 1,
  });
  expect(
    mostVoltsAt(facts.stairs, { kind: 'volts', string: 1, from: 1, to: 2, built: 2 }),
  ).toBeCloseTo(2.3, 9);
  expect(mostVoltsAt(facts.stairs, { kind: 'battery-volts' })).toBe(Infinity);
});

test('calibrating puts the first cell’s readings into what is known of the plan’s cells', () => {
  const typical = { ...measured, cell: { ...measured.cell, own: null } };
  const volts = reading({ kind: 'volts', string: 1, from: 1, to: 1, built: 1 }, 0.88);
  const amps = reading({ kind: 'short', string: 1, built: 1 }, 0.9e-3);
  expect(calibratedPlan(typical, [volts])).toBeNull();
  expect(calibratedPlan(typical, [volts, { ...amps, value: 0 }])).toBeNull();
  const after = calibratedPlan(typical, [volts, amps]);
  if (after === null) throw new Error('not calibrated');
  const { cell, source } = evaluatePlan(after);
  expect(cell.origin).toBe('own');
  // r = E / I − shunt on the range with the least total error: 0.88 V / 0.9 mA − 100 Ω.
  expect(cell.own?.status === 'used' && cell.own.model).toMatchObject({
    emfVolts: 0.88,
    resistanceOhms: expect.closeTo(0.88 / 0.9e-3 - 100, 6),
  });
  // The class's cells are believed to lie between what is usual and what was read.
  expect(cell.model.emfVolts).toBeGreaterThan(0.88);
  expect(cell.model.emfVolts).toBeLessThan(evaluatePlan(typical).cell.model.emfVolts);
  expect(source.emfVolts).toBeCloseTo(3 * cell.model.emfVolts, 9);
});

test('a group reads its whole body: two pairs count as two for the plan’s cell, whose readings are of one', () => {
  const size = { ...evaluatePlan(measured).cell.recipe.usualSize, pairs: 2 };
  const doubled = { ...measured, cell: { ...measured.cell, own: null, size } };
  const volts = reading({ kind: 'volts', string: 1, from: 1, to: 1, built: 1 }, 0.9);
  const amps = reading({ kind: 'short', string: 1, built: 1 }, 2.8e-3);
  const after = calibratedPlan(doubled, [volts, amps]);
  // One pair of the body that was read: what both pairs give, 0.9 V ÷ 2.8 mA − 10 Ω, by the share of one.
  const { own, ...build } = evaluatePlan(after!).cell;
  const onePair = own?.status === 'used' ? own.model.resistanceOhms : NaN;
  expect(onePair * shareOfOnePair(build)).toBeCloseTo(0.9 / 2.8e-3 - 10, 6);
  expect(firstShortAmps([volts, amps])).toBe(2.8e-3);
  expect(firstShortAmps([volts])).toBeNull();
});

test('where the LED needs a resistor, the guide puts it in before the LED, and reads both together', () => {
  const felt = {
    ...measured,
    cell: {
      ...measured.cell,
      own: null,
      size: null,
      recipe: 'zinc-carbon-felt' as const,
      body: 'salt-foam',
    },
  };
  const steps = guideOfPlan(felt, evaluatePlan(felt));
  const ids = steps.map(({ id }) => id);
  expect(ids.indexOf('resistor')).toBe(ids.indexOf('device') - 1);
  expect(steps.find(({ id }) => id === 'resistor')?.title).toMatch(/Ω in the \+ lead$/);
  expect(steps.find(({ id }) => id === 'load-volts')?.title).toContain('resistor together');
});
