import { newPlan } from '../../records/plan/newPlan';
import type { PartCounts } from '../../records/plan/haveSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { gridRequirementOf } from './requirementOfPlan';

const arrangement = { kind: 'own', cellsInSeries: 3, strings: 1 } as const;
const PLAN = { ...newPlan('Lamp'), arrangement };
const { cell } = evaluatePlan(PLAN);
/** Lemons with a nail and a copper strip each, a lead between any two and one at both ends; a red LED for each battery. */
const HAVE = {
  lemon: 40,
  'galvanised-nail': 40,
  'copper-strip': 40,
  'clip-lead': 17,
  'led-red': 2,
};

function strings(
  have: PartCounts | null,
  cellsInSeries: number,
  batteries = 1,
): number | undefined {
  const target = { kind: 'led', colour: 'red', brightness: 'dim' } as const;
  const { mostStrings } = gridRequirementOf({ ...PLAN, target, have, batteries }, cell);
  return mostStrings?.(cellsInSeries);
}

test('how many strings the parts are enough for: by what runs out first, for each of the batteries', () => {
  expect(strings(null, 3)).toBeUndefined();
  // Four leads a string of three: seventeen do for four, with one left.
  expect(strings(HAVE, 3)).toBe(4);
  expect(strings(HAVE, 7)).toBe(2);
  expect(strings(HAVE, 3, 2)).toBe(2);
  expect(strings({ ...HAVE, 'galvanised-nail': 8 }, 3)).toBe(2);
  expect(strings({ ...HAVE, lemon: 2 }, 3)).toBe(0);
  // Three batteries want three LEDs.
  expect(strings(HAVE, 3, 3)).toBe(0);
});
