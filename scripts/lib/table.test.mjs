import { benchmarksPage, readingOf } from '../../benchmarks/table.mjs';

test.each([
  ['median 22.0 ms, 95th percentile 40 ms', '0.22 calibration loops'],
  ['1.5 s', '15 calibration loops'],
  ['0.021 ms, 812 × faster than ngspice (17 ms)', 'the ratio: both ran side by side'],
  ['372 kB gzip', 'as it stands: not a matter of speed'],
  ['1.86 million a second', 'times the calibration loop’s milliseconds'],
])('“%s” on another machine', (figure, reading) => {
  expect(readingOf(figure, 100)).toBe(reading);
});

test('one table with goals and the machine, and which goals were missed', () => {
  const run = { machine: '2 × tested', loopMs: 30, day: '2027-01-29', commit: 'abc1234' };
  const met = { name: 'a | b', figure: '3 ms', goal: 'budget 5 ms', held: true };
  const page = benchmarksPage([met], run);
  expect(page).toContain('- Machine: 2 × tested');
  expect(page).toContain('- Day: 2027-01-29, at abc1234');
  expect(page).toContain('Every goal was met.');
  expect(page).toContain('| a \\| b | 3 ms | budget 5 ms | 0.10 calibration loops |');
  const late = { name: 'c', figure: '9 ms', goal: 'budget 5 ms', held: false };
  const missed = benchmarksPage([met, late], run);
  expect(missed).toContain('Missed: c.');
  expect(missed).toContain('| c | **missed:** 9 ms | budget 5 ms |');
});
