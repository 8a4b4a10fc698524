import { mean, sampleStandardDeviation, tTestTwoSample } from 'simple-statistics';
import { describePath } from '../../result';
import { analyseFairTest } from './analyseFairTest';
import { fairTestCsv, freeVariantId, withCsvReadings } from './fairTestCsv';
import { FAIR_TEST_DOCUMENT, type FairTest } from './fairTestSchema';
import { runOrder } from './runOrder';
import { describeDifference, measureWords } from './describeDifference';
import { lampCellsOf } from './measuredValues';
import { suitableCurrentRange, USUAL_SHUNTS } from '../../physics/instruments/meter';

const testOf = (
  groups: Readonly<Record<string, readonly number[]>>,
  change: Partial<FairTest> = {},
): FairTest => ({
  ...FAIR_TEST_DOCUMENT.fresh('Which plant?'),
  variants: Object.keys(groups).map((name) => ({ id: name, name })),
  repeats: 10,
  readings: Object.entries(groups).flatMap(([variant, values]) =>
    values.map((volts, index) => ({
      variant,
      repeat: index + 1,
      volts,
      amps: null,
      changed: [],
    })),
  ),
  ...change,
});

/**
 * @check the difference of two kinds
 * @origin library: simple-statistics, whose t of two samples squared is F
 * @tolerance nine digits
 */
test('of two kinds the analysis of variance is the square of Student’s t', () => {
  const [one, other] = [
    [0.93, 0.95, 0.91, 0.94],
    [0.9, 0.92, 0.89, 0.9],
  ];
  const { difference, ranking } = analyseFairTest(testOf({ lemon: one, potato: other }));
  if (difference.status !== 'tested') throw new Error(difference.status);
  expect(difference.f).toBeCloseTo((tTestTwoSample(one, other, 0) ?? 0) ** 2, 9);
  expect(ranking.map(({ mean, spread }) => [mean, spread])).toEqual(
    [one, other].map((values) => [
      expect.closeTo(mean(values), 12),
      expect.closeTo(sampleStandardDeviation(values), 12),
    ]),
  );
});

/** Dried weights of plants: A. J. Dobson, “An Introduction to Statistical Modelling” (1983), R’s data set PlantGrowth. */
const PLANT_GROWTH = {
  control: [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
  first: [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
  second: [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
};

/**
 * @check analysis of variance and Tukey’s test of a fair test
 * @origin published: PlantGrowth (A. J. Dobson, An Introduction to Statistical Modelling, 1983) as analysed in R’s documentation
 * @tolerance F to 0.0005, p to 0.000005
 */
test('analysis of variance of PlantGrowth: F = 4.846, p = 0.01591, only first and second apart (R’s documentation)', () => {
  const test = testOf(PLANT_GROWTH);
  const analysis = analyseFairTest(test);
  const { ranking, difference } = analysis;
  expect(ranking.map(({ name }) => name)).toEqual(['second', 'control', 'first']);
  // Means and deviations as R prints them.
  expect(ranking.map(({ mean }) => mean.toFixed(3))).toEqual(['5.526', '5.032', '4.661']);
  expect(ranking.map(({ spread }) => spread?.toFixed(4))).toEqual(['0.4426', '0.5831', '0.7937']);
  if (difference.status !== 'tested') throw new Error(difference.status);
  expect(difference.f).toBeCloseTo(4.846, 3);
  expect(difference.p).toBeCloseTo(0.01591, 5);
  expect(difference.apart).toEqual([['second', 'first']]);
  expect(difference.asGoodAsBest).toEqual(['control']);
  expect(describeDifference(test, analysis).join(' ')).toMatch(
    /larger than the scatter.*about 2 in 100.*too close to call with control/s,
  );
});

/**
 * @check the interval of a mean of three readings
 * @origin published: table of Student’s t, 4.303 for two degrees of freedom
 * @tolerance 5e-5
 */
test('the 95 % interval of a mean of three: t = 4.303 for two degrees of freedom (table of Student’s t)', () => {
  const { ranking } = analyseFairTest(testOf({ kiwi: [0.9, 1, 1.1] }));
  expect(ranking[0]?.halfInterval).toBeCloseTo((4.303 * 0.1) / Math.sqrt(3), 4);
});

test('scatter as large as the difference is not called a difference', () => {
  const test = testOf({ kiwi: [0.9, 0.95, 0.85], lemon: [0.92, 0.88, 0.96] });
  const analysis = analyseFairTest(test);
  expect(analysis.difference).toMatchObject({ status: 'tested', larger: false });
  expect(describeDifference(test, analysis)[0]).toContain('no larger than the scatter');
});

test('too little to judge by is said: one variant, single readings, no scatter at all', () => {
  const said = (test: FairTest): string => {
    return describeDifference(test, analyseFairTest(test)).join(' ');
  };
  expect(said(testOf({ kiwi: [0.9, 0.91] }))).toContain('at least two of them');
  expect(said(testOf({ kiwi: [0.9, 0.91], lemon: [0.95] }))).toContain('read lemon at least twice');
  expect(said(testOf({ kiwi: [0.9, 0.9], lemon: [0.95, 0.95] }))).toContain('exactly the same');
});

test('a slip is set apart, named, and counted where the teacher says so; nothing is dropped silently', () => {
  const readings = {
    kiwi: [0.93, 0.94, 9.2],
    lemon: [0.95, 0.96, 0.97],
    beetroot: [0.87, 0.88, 0.86],
  };
  const test = testOf(readings);
  const apart = analyseFairTest(test);
  expect(apart.ranking[0]?.name).toBe('lemon');
  const kiwi = apart.ranking.find(({ name }) => name === 'kiwi')!;
  expect(kiwi.values).toEqual([0.93, 0.94]);
  expect(kiwi.farOff).toEqual([{ variant: 'kiwi', repeat: 3, value: 9.2 }]);
  const words = describeDifference(test, apart).join(' ');
  expect(words).toMatch(/kiwi in round 3, 9\.20.V.*median absolute deviation \(MAD\)/s);
  expect(words).toMatch(
    /set apart.*With it counted, kiwi would read highest and the differences would be no larger/s,
  );
  const counted = analyseFairTest({ ...test, outliers: 'counted' });
  expect(counted.ranking[0]).toMatchObject({ name: 'kiwi', values: [0.93, 0.94, 9.2] });
  expect(counted.ranking[0]?.farOff).toHaveLength(1);
  expect(describeDifference({ ...test, outliers: 'counted' }, counted).join(' ')).toContain(
    'counted in the means',
  );
});

test('power under the LED ranks by volts and milliamps together, on the same number of cells', () => {
  const base = testOf({ strong: [0.9], weak: [1] }, { measure: 'led-watts' });
  const amps = { strong: 2e-3, weak: 0.2e-3 } as Record<string, number>;
  const test = {
    ...base,
    readings: base.readings.map((one) => ({ ...one, amps: amps[one.variant]! })),
  };
  // By hand: 2 cells give 1.8 V and 2 V; a red LED passes 0.02 mA at about 1.5 V.
  expect(lampCellsOf(test)).toBe(2);
  const [first, second] = analyseFairTest(test).ranking;
  expect(first?.name).toBe('strong');
  // Two strong cells: 1.8 V behind 2 × (0.9 V / 2 mA − shunt); the LED’s share is below what they give at their best.
  const best = (2 * 0.9) ** 2 / (4 * 2 * (0.9 / 2e-3 - USUAL_SHUNTS[suitableCurrentRange(2e-3)]));
  expect(first!.mean).toBeGreaterThan(0.1 * best);
  expect(first!.mean).toBeLessThan(best);
  expect(second!.mean).toBeLessThan(first!.mean);
  expect(lampCellsOf({ ...test, lamp: { colour: 'red', cells: 5 } })).toBe(5);
  expect(lampCellsOf({ ...test, lamp: { colour: 'blue', cells: null } })).toBe(3);
  expect(measureWords(test)).toBe('power in a red LED on 2 such cells in series');
  const half = { ...test, readings: test.readings.map((one) => ({ ...one, amps: null })) };
  expect(analyseFairTest(half).ranking).toEqual([]);
});

test('a fair test of version 1 is read, its far readings set apart', () => {
  const first: Record<string, unknown> = { ...testOf({ kiwi: [0.9] }), version: 1 };
  delete first['lamp'];
  delete first['outliers'];
  const read = FAIR_TEST_DOCUMENT.parse(first);
  expect(read).toMatchObject({
    ok: true,
    value: { version: 2, outliers: 'apart', lamp: { colour: 'red', cells: null } },
  });
});

test('nothing is filled in that nobody typed', () => {
  expect(Object.values(FAIR_TEST_DOCUMENT.fresh('x').kept).join('')).toBe('');
});

test('something else was different, and nobody said how: warned of, and kept by the CSV', () => {
  const base = testOf({ kiwi: [0.9] }, { repeats: 1 });
  const changed = [{ factor: 'gap' as const, setting: '' }];
  const test = { ...base, readings: base.readings.map((one) => ({ ...one, changed })) };
  expect(FAIR_TEST_DOCUMENT.parse(test).ok).toBe(true);
  expect(analyseFairTest(test).warnings[0]).toContain('round 1, kiwi had another gap');
  const back = withCsvReadings({ ...test, readings: [] }, fairTestCsv(test));
  expect(back.ok && back.value.readings[0]?.changed).toEqual(changed);
});

test('currents rank by themselves; what was not read is left out', () => {
  const test = testOf({ kiwi: [0.9], lemon: [0.95] }, { measure: 'short-circuit-amps' });
  expect(analyseFairTest(test).ranking).toEqual([]);
});

test('two things changed: the reading is named; the varied thing itself is no second one', () => {
  const kept = { ...FAIR_TEST_DOCUMENT.fresh('x').kept, depth: '4 cm' };
  const changed = [
    { factor: 'depth' as const, setting: '2 cm' },
    { factor: 'fruit' as const, setting: 'kiwi' },
  ];
  const base = testOf({ kiwi: [0.9, 0.92] }, { kept });
  const readings = base.readings.map((one, index) => (index === 1 ? { ...one, changed } : one));
  const { warnings } = analyseFairTest({ ...base, readings });
  expect(warnings).toHaveLength(1);
  expect(warnings[0]).toContain('round 2, kiwi had depth “2 cm” instead of “4 cm”');
});

test('uneven numbers of readings are warned of, an unfinished round is not', () => {
  const uneven = analyseFairTest(testOf({ kiwi: [0.9, 0.91, 0.92], lemon: [0.95] }));
  expect(uneven.warnings.join()).toContain('Not all were read equally often');
  const unfinished = analyseFairTest(testOf({ kiwi: [0.9, 0.91], lemon: [0.95] }));
  expect(unfinished.warnings).toEqual([]);
});

test('each round has each of them once, in an order of its own that the seed repeats', () => {
  const test = testOf({ a: [], b: [], c: [], d: [], e: [], f: [] }, { repeats: 4, seed: 3 });
  const runs = runOrder(test);
  expect(runs).toHaveLength(24);
  const rounds = [1, 2, 3, 4].map((repeat) =>
    runs.filter((run) => run.repeat === repeat).map(({ variant }) => variant),
  );
  for (const round of rounds) expect([...round].sort()).toEqual(['a', 'b', 'c', 'd', 'e', 'f']);
  expect(new Set(rounds.map((round) => round.join())).size).toBeGreaterThan(1);
  expect(runOrder(test)).toEqual(runs);
  expect(runOrder({ ...test, seed: 4 })).not.toEqual(runs);
});

test('over many seeds every variant comes first about equally often', () => {
  const firsts = new Map<string, number>();
  for (let seed = 1; seed <= 1200; seed += 1) {
    const [run] = runOrder(testOf({ a: [], b: [], c: [], d: [] }, { repeats: 1, seed }));
    firsts.set(run!.variant, (firsts.get(run!.variant) ?? 0) + 1);
  }
  // 300 expected, standard deviation 15.
  for (const count of firsts.values()) expect(Math.abs(count - 300)).toBeLessThan(75);
});

const sameReadings = (test: FairTest): unknown =>
  [...test.readings].sort((a, b) =>
    `${a.variant} ${a.repeat}`.localeCompare(`${b.variant} ${b.repeat}`),
  );

test('CSV out and in gives the same readings, even of names that look like formulas', () => {
  const test = testOf({ kiwi: [0.9, -0.02], '=SUM(A1)': [0.95, 0.96] }, { repeats: 2 });
  const csv = fairTestCsv(test);
  expect(csv).toContain("'=SUM(A1)");
  expect(csv.split('\r\n')[0]).toBe(
    'round,what,open-circuit voltage (V),short-circuit current (mA),different metals,different electrolyte,different gap,different temperature,different depth',
  );
  const back = withCsvReadings({ ...test, readings: [] }, csv);
  expect(back.ok && sameReadings(back.value)).toEqual(sameReadings(test));
});

test('a German spreadsheet’s CSV is understood: semicolons, decimal commas, a byte order mark', () => {
  const text =
    '\uFEFFround;what;open-circuit voltage (V);short-circuit current (mA)\n1;Kiwi;0,93;1,4\n2;kiwi;;1,5\n1;Stachelbeere;950 mV;\n';
  const back = withCsvReadings(FAIR_TEST_DOCUMENT.fresh('x'), text);
  if (!back.ok) throw new Error(back.issues[0]?.message);
  expect(back.value.variants.map(({ name }) => name)).toEqual(['Kiwi', 'Stachelbeere']);
  expect(back.value.readings).toEqual([
    { variant: 'v1', repeat: 1, volts: 0.93, amps: 1.4e-3, changed: [] },
    { variant: 'v1', repeat: 2, volts: null, amps: 1.5e-3, changed: [] },
    { variant: 'v2', repeat: 1, volts: 0.95, amps: null, changed: [] },
  ]);
});

test('a column of what was different comes back as a second change', () => {
  const text = 'round,what,open-circuit voltage (V),different gap\n1,kiwi,0.9,1 cm\n';
  const back = withCsvReadings(FAIR_TEST_DOCUMENT.fresh('x'), text);
  expect(back.ok && back.value.readings[0]?.changed).toEqual([{ factor: 'gap', setting: '1 cm' }]);
});

test('a broken file is refused whole, each fault with its row and column', () => {
  const faults = (text: string): string[] => {
    const back = withCsvReadings(testOf({ kiwi: [0.9] }), text);
    return back.ok ? [] : back.issues.map(({ path }) => describePath(path));
  };
  const header = 'round,what,open-circuit voltage (V),short-circuit current (mA)\n';
  expect(faults(`${header}1,kiwi,lots,1\n99,lemon,0.9,1\n2,,0.9,1\n3,kiwi,0.9,900 A\n`)).toEqual([
    'row[2].open-circuit voltage (V)',
    'row[3].round',
    'row[4].what',
    'row[5].short-circuit current (mA)',
  ]);
  expect(faults('name,value\nkiwi,1\n')).toEqual(['what']);
  expect(faults('')).toEqual(['(whole document)']);
  expect(faults(`${header}1,"kiwi,0.9,1\n`)).toEqual(['row[2]']);
  const many = Array.from({ length: 13 }, (_, index) => `1,plant ${index},0.9,1`).join('\n');
  expect(faults(`${header}${many}\n`)).toEqual(['row[13].what']);
});

test('ids of new variants are free ones', () => {
  expect(freeVariantId([{ id: 'v2', name: 'a' }])).toBe('v3');
  expect(freeVariantId([])).toBe('v1');
});

test('names that differ only by case, and a reading twice in a round, are refused', () => {
  const test = testOf({ kiwi: [0.9], Kiwi: [0.9] });
  const named = FAIR_TEST_DOCUMENT.parse(test);
  expect(named.ok ? '' : describePath(named.issues[0]!.path)).toBe('variants[1].name');
  const once = testOf({ kiwi: [0.9] });
  const twice = FAIR_TEST_DOCUMENT.parse({
    ...once,
    readings: [...once.readings, ...once.readings],
  });
  expect(twice.ok ? '' : describePath(twice.issues[0]!.path)).toBe('readings[1]');
  expect(FAIR_TEST_DOCUMENT.copyOf(once).readings).toEqual([]);
});
