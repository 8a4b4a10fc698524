import fc from 'fast-check';
import {
  BOUGHT_CELL,
  compareJoining,
  HOME_MADE_CELL,
  LAMP_ARRANGEMENTS,
  LAMPS,
  wattsOfTwo,
} from './compareJoining';
import { joiningWords } from './joiningWords';

test('bought cells and a bulb: series is brighter, parallel only lasts longer (common practice, no source)', () => {
  const [one, series, parallel] = compareJoining(BOUGHT_CELL, 'bulb', 'one');
  expect(series!.lampWatts).toBeGreaterThan(2 * one!.lampWatts);
  expect(parallel!.lampWatts / one!.lampWatts).toBeGreaterThan(0.95);
  expect(parallel!.lampWatts / one!.lampWatts).toBeLessThan(1.3);
  expect(parallel!.lastsSeconds / one!.lastsSeconds).toBeCloseTo(2, 0);
  expect(series!.lastsSeconds).toBeLessThan(one!.lastsSeconds);
  expect(joiningWords([one!, series!, parallel!])).toMatch(
    /^In series it is brighter; in parallel it lasts longer/,
  );
});

test('weak home-made cells and an LED: parallel is brighter (common practice, no source)', () => {
  const results = compareJoining(HOME_MADE_CELL, 'led', 'one');
  const [four, series, parallel] = results;
  expect(parallel!.lampAmps).toBeGreaterThan(1.2 * series!.lampAmps);
  expect(parallel!.lampAmps / four!.lampAmps).toBeGreaterThan(1.8);
  expect(joiningWords(results)).toMatch(/^In parallel it is brighter/);
});

test('a bulb on home-made cells stays dark whichever way', () => {
  const results = compareJoining(HOME_MADE_CELL, 'bulb', 'one');
  expect(results.map(({ looks }) => looks)).toEqual(['dark', 'dark', 'dark']);
  expect(joiningWords(results)).toMatch(/^Dark every way/);
});

test('two LEDs side by side share the current, two in a row want twice the volts', () => {
  const one = compareJoining(HOME_MADE_CELL, 'led', 'one')[2]!;
  const beside = compareJoining(HOME_MADE_CELL, 'led', 'two side by side')[2]!;
  const row = compareJoining(HOME_MADE_CELL, 'led', 'two in a row')[2]!;
  expect((2 * beside.lampAmps) / one.lampAmps).toBeCloseTo(1, 1);
  // 3.72 V are hardly more than twice 1.7 V.
  expect(row.lampAmps).toBeLessThan(0.3 * one.lampAmps);
});

test('every combination gives finite figures', () => {
  for (const cell of [BOUGHT_CELL, HOME_MADE_CELL]) {
    for (const lamp of LAMPS) {
      for (const lamping of LAMP_ARRANGEMENTS) {
        for (const { lampAmps, lampWatts, cellAmps } of compareJoining(cell, lamp, lamping)) {
          expect([lampAmps, lampWatts, cellAmps].every(Number.isFinite)).toBe(true);
        }
      }
    }
  }
});

test('both ways give the same where the cell resists as much as the lamp; series wins below, parallel above', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 2, noNaN: true }),
      fc.double({ min: 1, max: 1e4, noNaN: true }),
      fc.double({ min: 1.1, max: 50, noNaN: true }),
      (emf, lamp, times) => {
        const even = wattsOfTwo(emf, lamp, lamp);
        expect(even.series / even.parallel).toBeCloseTo(1, 9);
        const stiff = wattsOfTwo(emf, lamp / times, lamp);
        expect(stiff.series).toBeGreaterThan(stiff.parallel);
        const weak = wattsOfTwo(emf, lamp * times, lamp);
        expect(weak.parallel).toBeGreaterThan(weak.series);
      },
    ),
  );
  // Two cells of 1.5 V, 0.5 Ω into 1.5 Ω: 3 V ÷ 2.5 Ω in series (Ohm's law).
  expect(wattsOfTwo(1.5, 0.5, 1.5).series).toBeCloseTo(1.2 ** 2 * 1.5, 12);
});
