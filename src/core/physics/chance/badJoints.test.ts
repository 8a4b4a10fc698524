import { badJointsOf } from './badJoints';
import { randomStream } from './random';
import { CLASS_SCATTER } from './scatter';

const JOINTS = 12;
const CLASSES = 3000;

/** Ohms of every joint of every class. */
function drawAll(badJointChance: number): number[][] {
  const next = badJointsOf({ ...CLASS_SCATTER, badJointChance }, JOINTS, CLASSES, randomStream(4));
  return Array.from({ length: CLASSES }, () => {
    const ohmsOfJoints = next();
    return Array.from({ length: JOINTS }, () => ohmsOfJoints(1));
  });
}

test('so many bad joints come as often as the binomial distribution says, to one class', () => {
  const bad = drawAll(1 / 30).map((ohms) => ohms.filter((one) => one > 0).length);
  // 12 joints, one in thirty bad: (29/30)¹², 12 · (29/30)¹¹ / 30, 66 · (29/30)¹⁰ / 900.
  const expected = [(29 / 30) ** 12, (12 / 30) * (29 / 30) ** 11, (66 / 900) * (29 / 30) ** 10];
  expected.forEach((share, count) => {
    const come = bad.filter((one) => one === count).length;
    expect(Math.abs(come - share * CLASSES)).toBeLessThanOrEqual(1);
  });
});

test('every joint is bad equally often', () => {
  const all = drawAll(1 / 10);
  const total = all.flat().filter((ohms) => ohms > 0).length;
  for (let joint = 0; joint < JOINTS; joint += 1) {
    const come = all.filter((ohms) => (ohms[joint] ?? 0) > 0).length;
    // Four standard deviations of a count about total / 12.
    expect(Math.abs(come - total / JOINTS)).toBeLessThan(4 * Math.sqrt(total / JOINTS));
  }
});

test('a bad joint adds ohms evenly over the decades, a good one none; without bad ones none at all', () => {
  const { badJointLeastOhms, badJointMostOhms } = CLASS_SCATTER;
  const bad = drawAll(1 / 30)
    .flat()
    .filter((ohms) => ohms > 0);
  for (const ohms of bad) {
    expect(ohms).toBeGreaterThanOrEqual(badJointLeastOhms);
    expect(ohms).toBeLessThanOrEqual(badJointMostOhms);
  }
  const below = bad.filter((ohms) => ohms < Math.sqrt(badJointLeastOhms * badJointMostOhms)).length;
  expect(Math.abs(below / bad.length - 0.5)).toBeLessThan(0.03);
  expect(
    drawAll(0)
      .flat()
      .every((ohms) => ohms === 0),
  ).toBe(true);
});
