import { newPlan } from '@/core/records/plan/newPlan';
import { DEMO_PLANS } from '../demoPlans';
import { evaluateCommand } from './evaluate';
import { chanceCommand } from './chance';
import { fitCommand } from './fit';
import { planCommand } from './plan';
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
    output: { verdict: { tone: 'fine' }, operatingPoint: { amps: expect.any(Number) } },
  });
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

test('plan: candidates for a wish, the best of a stock, or why nothing works', () => {
  const target = { kind: 'led', colour: 'amber', brightness: 'clear' };
  expect(planCommand.run({ target, families: ['fruit'] })).toMatchObject({
    status: 'solved',
    output: {
      status: 'solved',
      candidates: expect.arrayContaining([expect.objectContaining({ family: 'fruit' })]),
    },
  });
  expect(planCommand.run({ families: ['fruit'], stock: { bodies: 9, pairs: 14 } })).toMatchObject({
    status: 'solved',
    output: {
      best: expect.arrayContaining([
        expect.objectContaining({ target: expect.objectContaining({ kind: 'led' }) }),
      ]),
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
