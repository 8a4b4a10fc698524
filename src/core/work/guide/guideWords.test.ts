import { expectedRange, expectedRangeText } from './expectedWords';
import { sceneOfMeasurement, sceneOfStep, sceneWords } from './benchScene';
import { guideOfPlan } from './guideOfPlan';
import { newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from '../judging/evaluatePlan';

const SHORT = { kind: 'short', string: 1, built: 1 } as const;
const VOLTS = { kind: 'volts', string: 1, from: 1, to: 2, built: 2 } as const;

test('a current is expected in a range that pupils understand: never below zero, wider upwards', () => {
  const [least, most] = expectedRange(SHORT, { value: 0.453e-3, deviation: 0.23e-3 });
  expect(least).toBeGreaterThan(0.1e-3);
  expect(most - 0.453e-3).toBeGreaterThan(0.453e-3 - least);
  expect(expectedRangeText(SHORT, { value: 0.453e-3, deviation: 0.23e-3 })).toBe('0.21 to 1 mA');
});

test('a voltage is expected evenly about its middle: nine in ten of a normal distribution', () => {
  const [least, most] = expectedRange(VOLTS, { value: 1.86, deviation: 0.1 });
  expect([least, most]).toEqual([expect.closeTo(1.6955, 9), expect.closeTo(2.0245, 9)]);
  expect(expectedRange(VOLTS, { value: 0.01, deviation: 0.1 })[0]).toBe(0);
});

const plan: Plan = {
  ...newPlan('Lamp'),
  arrangement: { kind: 'own', cellsInSeries: 8, strings: 2 },
};
const steps = guideOfPlan(plan, evaluatePlan(plan));

test('every step where something is joined or measured has its picture, and the picture its words', () => {
  for (const step of steps) {
    const scene = sceneOfStep(step);
    if (['prepare', 'build', 'clear'].includes(step.kind)) expect(scene).toBeNull();
    else expect(sceneWords(scene!, 'red LED')).toMatch(/\.$/);
  }
});

test('a lead goes from + to the next −; a long string shows the ends of what is measured', () => {
  const third = steps.find(({ id }) => id === 'volts 1 3')!;
  expect(sceneOfStep(third)).toMatchObject({ newLeadTo: 3, places: [1, 2, 3], before: 0 });
  expect(sceneWords(sceneOfStep(third)!, 'red LED')).toMatch(
    /^A lead from the \+ metal of cell 2 to the − metal of cell 3\./,
  );
  const eight = sceneOfMeasurement({ kind: 'volts', string: 1, from: 1, to: 8, built: 8 });
  expect(eight).toMatchObject({ places: [1, 4, 5, 6, 7, 8], probes: { minus: 1, plus: 8 } });
});

test('what is done to the string for a measurement is in the picture', () => {
  expect(sceneOfMeasurement({ kind: 'cell-volts', string: 1, cell: 2 })).toMatchObject({
    alone: 2,
  });
  expect(sceneOfMeasurement({ kind: 'volts-without', string: 1, cell: 2, built: 3 })).toMatchObject(
    { lifted: 2 },
  );
  expect(sceneOfMeasurement({ kind: 'shorted-volts', string: 1, to: 1, built: 3 })).toMatchObject({
    endsJoined: true,
  });
  expect(sceneWords(sceneOfMeasurement({ kind: 'load-amps' }), 'red LED')).toMatch(/in the lead/);
  expect(sceneOfMeasurement({ kind: 'lights', turned: true })).toMatchObject({
    deviceTurned: true,
  });
});
