import { benchRows, type BenchInput, type BenchReading } from './judgeReadings';

const open = (cells: number, volts: number): BenchReading => ({
  kind: 'open-circuit',
  cells,
  volts,
});
const short = (amps: number): BenchReading => ({ kind: 'short-circuit', amps });
const bench = (...readings: BenchReading[]): BenchInput => ({
  places: Array.from({ length: 4 }, () => ({ emfVolts: 0.93, ceilingVolts: 1.15 })),
  shortAmps: 1.4e-3,
  readings,
  voltsShare: 0.05,
  ampsLog: 0.3,
});
const meanings = (...readings: BenchReading[]) =>
  benchRows(bench(...readings)).map((row) => row.meaning?.code ?? null);

test('one row for each step, the current after the first', () => {
  const rows = benchRows(bench());
  expect(rows.map(({ label }) => label)).toEqual([
    'cell 1, nothing connected',
    'cell 1, current',
    'cells 1–2, nothing connected',
    'cells 1–3, nothing connected',
    'cells 1–4, nothing connected',
  ]);
  expect(rows.map(({ expected }) => expected)).toEqual([
    0.93,
    1.4e-3,
    1.86,
    expect.closeTo(2.79),
    3.72,
  ]);
  expect(rows.every(({ meaning }) => meaning === null)).toBe(true);
});

test('the readings of the demo: cell 3 adds almost nothing, and by how much', () => {
  const rows = benchRows(bench(open(1, 0.94), short(1.31e-3), open(2, 1.86), open(3, 1.91)));
  expect(rows.map((row) => row.meaning?.code ?? null)).toEqual([
    'as-planned',
    'as-planned',
    'as-planned',
    'adds-nothing',
    null,
  ]);
  expect(rows.find(({ meaning }) => meaning?.fine === false)).toMatchObject({
    cells: 3,
    step: expect.closeTo(0.05),
    missing: expect.closeTo(0.88),
  });
});

test.each([
  ['subtracts', [open(1, 0.93), open(2, 1.86), open(3, 0.95)]],
  ['no-contact', [open(1, 0.93), open(2, 0.02)]],
  ['no-contact', [open(1, 0.93), open(2, 0.03), open(3, 0.02)]],
  ['adds-nothing', [open(1, 0.93), open(2, 0.98)]],
  ['small-step', [open(1, 0.93), open(2, 1.4)]],
  ['large-step', [open(1, 0.8), open(2, 2.2)]],
  // Four copper–zinc cells cannot give over 5 V (common practice, no source).
  ['not-believable', [open(1, 0.93), open(2, 1.9), open(3, 2.8), open(4, 5.1)]],
] as const)('the last step %s', (code, readings) => {
  const last = meanings(...readings)
    .filter((one) => one !== null)
    .at(-1);
  expect(last).toBe(code);
});

test('ordinary scatter is not called a fault', () => {
  expect(meanings(open(1, 0.86))[0]).toBe('within-scatter');
  expect(meanings(open(1, 0.7))[0]).toBe('low');
  expect(meanings(short(0.8e-3))[1]).toBe('within-scatter');
  expect(meanings(short(0.1e-3))[1]).toBe('low');
  expect(meanings(short(14e-3))[1]).toBe('high');
  expect(meanings(short(0))[1]).toBe('low');
});

test('without the reading before, only the sum is judged', () => {
  expect(meanings(open(3, 2.75))[3]).toBe('as-planned');
});

test('unlike cells: each step is held against what its own cell should add', () => {
  const mixed: BenchInput = {
    ...bench(open(1, 0.93), open(2, 1.47), open(3, 1.98)),
    places: [0.93, 0.55, 0.93].map((emfVolts) => ({ emfVolts, ceilingVolts: 1.15 })),
  };
  const rows = benchRows(mixed).filter(({ kind }) => kind === 'open-circuit');
  expect(rows.map(({ expected }) => expected)).toEqual([
    0.93,
    expect.closeTo(1.48),
    expect.closeTo(2.41),
  ]);
  expect(rows.map((row) => row.meaning?.code)).toEqual(['as-planned', 'as-planned', 'small-step']);
  expect(rows[2]?.missing).toBeCloseTo(0.93 - 0.51);
});

const wording = (...readings: BenchReading[]): string =>
  benchRows(bench(...readings))
    .map((row) => row.meaning?.wording ?? '')
    .filter((one) => one !== '')
    .at(-1) ?? '';

test.each([
  [[open(1, 1.3)], 'more than one cell can give (1.15 V)'],
  [[open(1, 0.93), open(2, 3)], 'more than 2 cells can give (2.30 V)'],
  [[open(1, 0.01)], 'nothing comes through'],
  [[open(1, 0.93), open(2, 0.02)], 'nothing comes through'],
  [[open(1, 0.93), open(2, 0.02), open(3, 0.02)], 'still nothing comes through'],
  [[open(1, 0.93), open(2, 1.86), open(3, 0.95)], 'cell 3 takes volts away'],
  [[open(1, 0.93), open(2, 1.05)], 'cell 2 adds nothing'],
  [[open(1, 0.93), open(2, 1.5)], 'cell 2 adds too little'],
  [[open(1, 0.8), open(2, 2.2)], 'cell 2 adds too much'],
] as const)(
  '%#: what a step does, never why: that is for the one judge to say',
  (readings, words) => {
    expect(wording(...readings).replaceAll(/\s/g, ' ')).toBe(words);
  },
);

test('the limits of a step lie at half a cell backwards, a quarter, three quarters and 1.3 of a cell', () => {
  const codeOf = (share: number): string | undefined =>
    meanings(open(1, 0.93), open(2, 1.86), open(3, 1.86 + share * 0.93))[3] ?? undefined;
  for (const [share, code] of [
    [-0.51, 'subtracts'],
    [-0.49, 'adds-nothing'],
    [0.24, 'adds-nothing'],
    [0.26, 'small-step'],
    [0.74, 'small-step'],
    [0.76, 'low'],
    [1.29, 'high'],
    [1.31, 'large-step'],
  ] as const) {
    expect([share, codeOf(share)]).toEqual([
      share,
      ['low', 'high'].includes(code) ? expect.stringMatching(/^(low|high|within-scatter)$/) : code,
    ]);
  }
});

test('what is missing of a step is told where it is missing, and nowhere else', () => {
  const missing = (volts: number): number | null =>
    benchRows(bench(open(1, 0.93), open(2, volts)))[2]?.missing ?? null;
  expect(missing(1.86)).toBeNull();
  expect(missing(1.9)).toBeNull();
  expect(missing(1.4)).toBeCloseTo(0.46, 9);
  const [first, , second] = benchRows(bench(open(2, 1.4)));
  expect([first?.missing, second?.missing]).toEqual([null, null]);
  // Without a reading nothing is missing either.
  expect(benchRows(bench()).map((row) => row.missing)).toEqual(Array(5).fill(null));
});
