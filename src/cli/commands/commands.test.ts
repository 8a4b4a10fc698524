import { newPlan } from '@/core/plan/newPlan';
import { DEMO_PLANS } from '../demoPlans';
import { evaluateCommand } from './evaluate';
import { solveCommand } from './solve';
import { parsePlan } from '@/core/plan/parsePlan';

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
    expect(parsePlan(plan).ok).toBe(true);
    expect(evaluateCommand.run(plan)).toMatchObject({ output: { verdict: { tone: 'fine' } } });
  },
);
