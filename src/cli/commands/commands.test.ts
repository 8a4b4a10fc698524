import { newPlan } from '@/core/records/plan/newPlan';
import { DEMO_PLANS } from '../demoPlans';
import { evaluateCommand } from './evaluate';
import { chanceCommand } from './chance';
import { fitCommand } from './fit';
import { haveCommand } from './have';
import { planCommand } from './plan';
import { prepareCommand } from './prepare';
import { simulateCommand } from './simulate';
import { netlistCommand, solveCommand } from './solve';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';

const components = [
  { type: 'cell', name: 'c', plus: 'p', minus: '0', emfVolts: 0.9, resistanceOhms: 1500 },
  { type: 'resistor', name: 'r', a: 'p', b: '0', resistanceOhms: 1000 },
];

test('solve answers with node volts and component amps', () => {
  expect(solveCommand.run({ components })).toMatchObject({
    status: 'solved',
    output: {
      status: 'solved',
      nodeVolts: { p: expect.closeTo(0.36, 12) },
      componentAmps: { r: expect.closeTo(0.36e-3, 12) },
    },
  });
});

test('solve tells bad input from no solution', () => {
  expect(solveCommand.run({ components: [{ type: 'cell' }] }).status).toBe('bad-input');
  expect(
    solveCommand.run({ components: components.slice(0, 1).map((c) => ({ ...c, minus: 'x' })) }),
  ).toMatchObject({
    status: 'no-solution',
    output: { status: 'no-ground' },
  });
});

test('evaluate prints verdict, operating point and figures', () => {
  expect(evaluateCommand.run(newPlan('Lamp'))).toMatchObject({
    status: 'solved',
    output: {
      verdict: { tone: 'fine' },
      operatingPoint: { amps: expect.any(Number) },
      ends: { minutes: expect.any(Number), by: 'metal-used-up' },
      chance: { cellsRead: 0, level: { logDeviation: expect.closeTo(0.268, 3) } },
    },
  });
  const read = { volts: 0.9, milliamps: 0.5, seconds: 2, counted: true };
  const plan = newPlan('Read');
  expect(
    evaluateCommand.run({ ...plan, cell: { ...plan.cell, trialCells: [read, read] } }),
  ).toMatchObject({ output: { chance: { cellsRead: 2 } } });
  expect(evaluateCommand.run({ version: 1 }).status).toBe('bad-input');
});

test.each(DEMO_PLANS.map(({ id, plan }) => [id, plan] as const))(
  'the demo plan %s is valid and works',
  (_, plan) => {
    expect(PLAN_DOCUMENT.parse(plan).ok).toBe(true);
    expect(evaluateCommand.run(plan)).toMatchObject({ output: { verdict: { tone: 'fine' } } });
  },
);

test('simulate: a network in time, and a battery running down', () => {
  const network = {
    components: [
      { type: 'cell', name: 'c', plus: 'p', minus: '0', emfVolts: 1, resistanceOhms: 100 },
      { type: 'capacitor', name: 'k', a: 'p', b: '0', farads: 0.01 },
    ],
  };
  expect(simulateCommand.run({ network, atSeconds: [1] })).toMatchObject({
    status: 'solved',
    output: { samples: [{ seconds: 1, nodeVolts: { p: expect.closeTo(1 - Math.exp(-1), 7) } }] },
  });
  const target = { kind: 'led', colour: 'red', brightness: 'dim' };
  const discharge = { family: 'fruit', cellsInSeries: 4, strings: 2, target };
  expect(simulateCommand.run({ discharge, atSeconds: [0, 600] })).toMatchObject({
    status: 'solved',
    output: {
      status: 'solved',
      end: { reason: 'time-is-up' },
      samples: [{ seconds: 0 }, { seconds: 600 }],
    },
  });
  expect(simulateCommand.run({ network, atSeconds: [] }).status).toBe('bad-input');
});

test('plan: candidates for a wish, or why nothing works', () => {
  const target = { kind: 'led', colour: 'amber', brightness: 'clear' };
  expect(planCommand.run({ target, families: ['fruit'] })).toMatchObject({
    status: 'solved',
    output: {
      status: 'solved',
      candidates: expect.arrayContaining([expect.objectContaining({ family: 'fruit' })]),
    },
  });
  expect(planCommand.run({ target, families: ['concentration'] })).toMatchObject({
    status: 'no-solution',
    output: { impossible: [{ family: 'concentration', limit: 'volts' }] },
  });
});

test('chance: quantiles rise, brightness counts add up, spare cells are named', () => {
  const answer = chanceCommand.run({
    cell: { emfVolts: 0.93, resistanceOhms: 654 },
    cellsInSeries: 4,
    strings: 3,
    target: { kind: 'led', colour: 'amber', brightness: 'clear' },
    classes: 500,
  });
  if (answer.status !== 'solved') throw new Error(answer.status);
  const output = answer.output as {
    chance: number;
    quantiles: { amps: number }[];
    brightness: Record<string, number>;
    spareCells: number;
  };
  expect(output.chance).toBeGreaterThan(0.9);
  const amps = output.quantiles.map((one) => one.amps);
  expect([...amps].sort((a, b) => a - b)).toEqual(amps);
  expect(Object.values(output.brightness).reduce((sum, one) => sum + one, 0)).toBe(500);
  expect(output.spareCells).toBeGreaterThan(0);
});

test('fit: two readings, loaded points by resistor, and readings that contradict themselves', () => {
  expect(fitCommand.run({ openVolts: 0.93, shortAmps: 1.4e-3, meterRange: '20 mA' })).toMatchObject(
    {
      status: 'solved',
      output: { cell: { resistanceOhms: expect.closeTo(654.286, 3) } },
    },
  );
  const points = [100, 470, 1000, 10_000].map((ohms) => ({
    ohms,
    volts: (0.9 * ohms) / (ohms + 500),
  }));
  expect(fitCommand.run({ points })).toMatchObject({
    output: {
      best: {
        model: 'straight-line',
        cell: { emfVolts: expect.closeTo(0.9, 9), resistanceOhms: expect.closeTo(500, 6) },
      },
    },
  });
  expect(fitCommand.run({ openVolts: 0.9, shortAmps: 1, meterRange: '2 mA' }).status).toBe(
    'bad-input',
  );
  expect(fitCommand.run({ points: [{ volts: 1, amps: 0 }] }).status).toBe('bad-input');
});

test('netlist: a SPICE deck as text', () => {
  const answer = netlistCommand.run({ components });
  expect(answer.status === 'solved' && String(answer.output)).toMatch(
    /^\* Grozer network[\s\S]*R2 n2 0 1\.0+e3[\s\S]*\.end\n$/,
  );
});

test('have: what can be lit with parts, best first; unknown parts and broken counts are named', () => {
  const parts = {
    potato: 9,
    'galvanised-nail': 6,
    'copper-strip': 10,
    'clip-lead': 8,
    'led-red': 1,
  };
  const answer = haveCommand.run({ parts });
  expect(answer).toMatchObject({
    status: 'solved',
    output: {
      things: expect.arrayContaining([
        expect.objectContaining({
          headline: expect.stringMatching(/^A red LED/),
          recommended: true,
          uses: expect.arrayContaining([{ part: 'led-red', amount: 1 }]),
        }),
      ]),
    },
  });
  expect(haveCommand.run({ parts: { potato: 9 } }).status).toBe('no-solution');
  expect(haveCommand.run({ parts: { turnip: 9 } }).status).toBe('bad-input');
  expect(haveCommand.run({ parts: { potato: -1 } })).toMatchObject({
    status: 'bad-input',
    faults: [{ path: ['parts', 'potato'] }],
  });
});

const without = (document: object, ...keys: string[]): object =>
  Object.fromEntries(Object.entries(document).filter(([key]) => !keys.includes(key)));

test('prepare: what the station shows, from a plan of any version, a cupboard and today', () => {
  const plan = { ...newPlan('Lamp'), lessonDate: '2027-01-29' };
  const cupboard = {
    currency: 'EUR',
    entries: { lemon: { stock: 4, pack: 4, packPrice: 2 } },
    taken: [],
    freeDays: [{ from: '2027-01-27', to: '2027-01-28' }],
  };
  const answer = prepareCommand.run({ plan, cupboard, today: '2027-01-11' });
  if (answer.status !== 'solved') throw new Error(answer.status);
  const output = answer.output as {
    kit: { groups: number; lines: { part: string; total: number }[] };
    missing: { part: string; missing: number }[];
    shopping: { lines: { part: string; price: number | null; aisle: string }[]; unpriced: number };
    timetable: { tasks: { id: string; start: string }[]; conflicts: unknown[] };
    firstCells: unknown[];
    cautions: { id: string }[];
    lesson: { over: number };
  };
  const lemons = output.kit.lines.find(({ part }) => part === 'lemon')?.total ?? 0;
  expect(output.missing).toContainEqual({ part: 'lemon', missing: lemons - 4 });
  const line = output.shopping.lines.find(({ part }) => part === 'lemon');
  expect(line).toMatchObject({ aisle: 'greengrocer', price: 2 * Math.ceil((lemons - 4) / 4) });
  expect(output.shopping.unpriced).toBeGreaterThan(0);
  for (const { start } of output.timetable.tasks) {
    expect(start < '2027-01-27' || start > '2027-01-29').toBe(true);
  }
  expect(output.timetable.conflicts).toEqual([]);
  expect(output.firstCells.length).toBeGreaterThan(1);
  expect(output.cautions.map(({ id }) => id)).toContain('food');
  expect(output.lesson.over).toBe(0);
  const old = {
    ...without(plan, 'have'),
    version: 9,
    cell: without(plan.cell, 'piece', 'overhangMillimetres'),
    lesson: {
      ...without(plan.lesson, 'measuring', 'shortcuts', 'bought'),
      separatorSchool: 'same',
    },
  };
  expect(prepareCommand.run({ plan: old, today: '2027-01-11' }).status).toBe('solved');
});

test('prepare: faults are named by their place, and what no class may build is withheld', () => {
  const plan = newPlan('Lamp');
  expect(prepareCommand.run({ plan: { ...plan, minutes: 0 }, today: '2027-01-11' })).toMatchObject({
    status: 'bad-input',
    faults: [{ path: ['plan', 'minutes'] }],
  });
  expect(prepareCommand.run({ plan, today: 'soon' })).toMatchObject({
    faults: [{ path: ['today'] }],
  });
  const acid = {
    ...plan,
    cell: { ...plan.cell, recipe: 'dilute-sulfuric-acid', body: 'sulfuric-acid' },
  };
  expect(prepareCommand.run({ plan: acid, today: '2027-01-11' })).toMatchObject({
    status: 'no-solution',
    output: { status: 'withheld' },
  });
});
