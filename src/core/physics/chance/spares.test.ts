import { dudChance, sparesNeeded, USUAL_SPARE_SHARE } from './spares';

test('one joint in thirty bad, two to a cell: 6.6 % duds', () => {
  expect(dudChance()).toBeCloseTo(1 - (29 / 30) ** 2, 12);
});

/**
 * @check spare cells
 * @origin closed form: the binomial distribution by hand
 * @tolerance exact
 */
test('exact binomial by hand: 3 cells, duds 10 %, 94 % sure takes one spare, 95 % two', () => {
  // Without a spare 0.9³ = 0.729; with one 0.9⁴ + 4·0.1·0.9³ = 0.9477; with two 0.99144.
  expect(sparesNeeded(3, 0.72, 0.1)).toBe(0);
  expect(sparesNeeded(3, 0.94, 0.1)).toBe(1);
  expect(sparesNeeded(3, 0.95, 0.1)).toBe(2);
});

test('more certainty or more cells never takes fewer spares, and large batteries do not underflow', () => {
  const spares = [4, 12, 60, 200, 2000].map((cells) => sparesNeeded(cells, 0.95));
  expect([...spares].sort((a, b) => a - b)).toEqual(spares);
  expect(spares.at(-1)).toBeGreaterThan(2000 * dudChance());
  expect(sparesNeeded(12, 0.99)).toBeGreaterThanOrEqual(sparesNeeded(12, 0.9));
});

test('for a group’s battery the usual one in six is about right (common practice, no source)', () => {
  const twelve = sparesNeeded(12, 0.95);
  expect(Math.abs(twelve - 12 * USUAL_SPARE_SHARE)).toBeLessThanOrEqual(1);
});
