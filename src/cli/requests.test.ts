import { FAMILY_IDS } from '@/core/physics/recipes/recipe';
import {
  chanceRequestSchema,
  fitRequestSchema,
  planRequestSchema,
  simulateSchema,
} from './requests';

const target = { kind: 'led', colour: 'red', brightness: 'dim' };
const paths = (result: { error?: { issues: { path: PropertyKey[] }[] } | undefined }): string[] =>
  result.error?.issues.map(({ path }) => path.join('.')) ?? [];

test('what is left out takes the planner’s own defaults', () => {
  expect(planRequestSchema.parse({ target })).toMatchObject({
    families: FAMILY_IDS,
    objective: 'least-to-buy',
    mostPairs: 4,
  });
  expect(
    simulateSchema.parse({
      discharge: { family: 'fruit', cellsInSeries: 4, strings: 1, target },
      atSeconds: [0],
    }),
  ).toMatchObject({
    discharge: { wrap: null, humidity: 0.5, celsius: 20, leastAmps: 0, pairsPerBody: 1 },
  });
});

test('faults are named by their path', () => {
  const cell = { emfVolts: 0.9, resistanceOhms: -1 };
  expect(
    paths(
      chanceRequestSchema.safeParse({ cell, cellsInSeries: 0, strings: 1, target, classes: 1.5 }),
    ).sort(),
  ).toEqual(['cell.resistanceOhms', 'cellsInSeries', 'classes']);
  const limited = { emfVolts: 0.9, resistanceOhms: 1, limitingAmps: 1 };
  expect(
    paths(chanceRequestSchema.safeParse({ cell: limited, cellsInSeries: 1, strings: 1, target })),
  ).toEqual(['cell.limitingAmps']);
  expect(planRequestSchema.safeParse({ objective: 'prettiest' }).success).toBe(false);
  expect(simulateSchema.safeParse({ atSeconds: [1] }).success).toBe(false);
});

test('points may be given by current or by the resistor across the cell', () => {
  expect(
    fitRequestSchema.safeParse({
      points: [
        { volts: 0.9, amps: 0 },
        { volts: 0.5, ohms: 470 },
      ],
    }).success,
  ).toBe(true);
  expect(fitRequestSchema.safeParse({ points: [{ volts: 0.9 }] }).success).toBe(false);
  expect(fitRequestSchema.safeParse({ points: [] }).success).toBe(false);
});
