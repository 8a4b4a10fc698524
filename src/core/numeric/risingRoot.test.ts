import fc from 'fast-check';
import { risingRoot } from './risingRoot';

const unbounded = { low: -Infinity, high: Infinity, tolerance: 0 };

test('a straight line takes two values; without a slope it is halved to the last digit', () => {
  const line = (x: number): number => 3 * x - 2;
  const newton = risingRoot({ ...unbounded, valueAt: line, slopeAt: () => 3, start: 0 });
  expect(newton.x).toBeCloseTo(2 / 3, 14);
  expect(newton.iterations).toBeLessThanOrEqual(4);
  const halved = risingRoot({
    valueAt: line,
    slopeAt: null,
    low: 0,
    high: 5,
    start: 2.5,
    tolerance: 0,
  });
  expect(halved.status).toBe('found');
  expect(halved.x).toBeCloseTo(2 / 3, 14);
});

test('cubes from far away, whatever the bracket and the start', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -1e3, max: 1e3, noNaN: true }),
      fc.double({ min: -1e3, max: 1e3, noNaN: true }),
      (wanted, start) => {
        const { x, status } = risingRoot({
          ...unbounded,
          valueAt: (at) => at ** 3 + at - wanted ** 3 - wanted,
          slopeAt: (at) => 3 * at * at + 1,
          start,
        });
        return status === 'found' && Math.abs(x - wanted) <= 1e-9 * (1 + Math.abs(wanted));
      },
    ),
  );
});

test('a zero many decades below the bracket is found in few steps', () => {
  // ln(1 + I/I_S) as in a diode: the plain mean would halve three hundred times.
  const { x, iterations } = risingRoot({
    valueAt: (amps) => Math.log1p(amps / 1e-18) - Math.log1p(1e6),
    slopeAt: null,
    low: 0,
    high: 1,
    start: 1,
    tolerance: 1e-12,
  });
  expect(x).toBeCloseTo(1e-12, 20);
  expect(iterations).toBeLessThan(120);
});

test('what never comes to zero says so', () => {
  const outcome = risingRoot({
    valueAt: () => 1,
    slopeAt: () => 0,
    low: -Infinity,
    high: Infinity,
    start: 0,
    tolerance: 0,
  });
  expect(outcome.status).toBe('not-converged');
});
