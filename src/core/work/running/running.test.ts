import { demoPlan } from '../../../cli/demoPlans';
import { FARADAY_C_PER_MOL } from '../../constants';
import { DEFAULT_UTILISATION } from '../../physics/cell/potentials';
import { newPlan } from '../../records/plan/newPlan';
import { EMPTY_CUPBOARD } from '../../records/cupboard/cupboardSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { boughtCells, boughtWords, compareRuns } from './compareRuns';
import { HORIZON_SECONDS } from './horizons';
import { loadedStairs, runAt, runBattery } from './runBattery';
import { usualWrap, USUAL_RUNNING, wrapOf, wrapsFor } from '../../records/plan/runningSchema';
import { brightnessStretches, endWords, runVerdict } from './runWords';

const lamp = evaluatePlan(demoPlan('demo-lamp'));
const run = runBattery(lamp.desk, lamp.need, USUAL_RUNNING);

/** The integrator keeps the state to 1e-5; its samples may wobble by a few of that. */
const SOLVER_SHARE = 1e-4;

test('it begins at the operating point and only falls', () => {
  const [first] = run.samples;
  expect(first?.seconds).toBe(0);
  expect(first?.amps).toBeCloseTo(lamp.amps, 6);
  expect(first?.volts).toBeCloseTo(lamp.volts, 4);
  run.samples.slice(1).forEach(({ amps }, index) => {
    expect(amps).toBeLessThanOrEqual((run.samples[index]?.amps ?? 0) * (1 + SOLVER_SHARE));
  });
});

test('the films halve the current of a strong run or take less, within minutes (common practice, no source)', () => {
  const later = runAt(run, 600).amps / lamp.amps;
  expect(later).toBeGreaterThan(0.3);
  expect(later).toBeLessThan(0.8);
});

test('no cell gives more charge than its metal holds (Faraday)', () => {
  // Zn → Zn²⁺ + 2 e⁻: 2·F/M coulombs a gram, that is 819.9 mAh/g (CRC molar mass 65.38 g/mol).
  expect((2 * FARADAY_C_PER_MOL) / 65.38 / 3.6).toBeCloseTo(819.9, 0);
  // Two nails of 3 × 40 mm in each kiwi: 3.77 cm² each, 8 µm of zinc of 7.14 g/cm³.
  const metal =
    DEFAULT_UTILISATION * 2 * 3.77e-4 * 8e-6 * 7.14e6 * ((2 * FARADAY_C_PER_MOL) / 65.38);
  const coulombs = run.samples.slice(1).reduce((sum, { seconds, stringAmps }, index) => {
    const before = run.samples[index]!;
    return sum + ((stringAmps[0]! + before.stringAmps[0]!) / 2) * (seconds - before.seconds);
  }, 0);
  expect(run.end.reason).toBe('metal-used-up');
  expect(coulombs).toBeLessThan(metal);
  expect(coulombs).toBeGreaterThan(0.3 * metal);
});

test('a taped pile with a load outlasts an open one by far (common practice: over a day against hours)', () => {
  const { desk, need } = evaluatePlan(demoPlan('demo-tide-clock'));
  const taped = runBattery(desk, need, { ...USUAL_RUNNING, wrap: 'taped' });
  const open = runBattery(desk, need, { ...USUAL_RUNNING, wrap: 'open' });
  expect(taped.endSeconds).toBeGreaterThan(24 * 3600);
  expect(open.end.reason).toBe('dried-out');
  expect(open.endSeconds).toBeLessThan(taped.endSeconds / 3);
  const dryAir = runBattery(desk, need, {
    ...USUAL_RUNNING,
    wrap: 'open',
    humidity: 0.2,
    celsius: 28,
  });
  expect(dryAir.endSeconds).toBeLessThan(open.endSeconds);
});

test('parallel strings last longer at the same load (common practice, no source)', () => {
  const rows = compareRuns(lamp, USUAL_RUNNING, EMPTY_CUPBOARD);
  const [arranged, fewer, more] = rows;
  expect([arranged, fewer, more].map((row) => row?.name)).toEqual([
    'as arranged',
    `5 in series × ${lamp.wiring.strings - 1}`,
    `5 in series × ${lamp.wiring.strings + 1}`,
  ]);
  expect(more?.run.wantedUntil).toBeGreaterThan(arranged?.run.wantedUntil ?? Infinity);
  expect(more?.run.joules).toBeGreaterThan(arranged?.run.joules ?? Infinity);
  expect(fewer?.firstAmps).toBeLessThan(arranged?.firstAmps ?? 0);
  expect(new Set(rows.map(({ name }) => name)).size).toBe(rows.length);
});

test('a moment between two samples lies between them; the end stays', () => {
  const [, a, b] = run.samples;
  if (a === undefined || b === undefined) throw new Error('no samples');
  const between = runAt(run, (a.seconds + b.seconds) / 2);
  expect(between.amps).toBeCloseTo((a.amps + b.amps) / 2, 9);
  expect(runAt(run, 1e12)).toBe(run.samples.at(-1));
  expect(runAt(run, 0)).toBe(run.samples[0]);
});

test('brightness comes in stretches from bright to dark that follow on each other', () => {
  const stretches = brightnessStretches(run);
  expect(stretches[0]?.from).toBe(0);
  stretches.slice(1).forEach(({ from }, index) => expect(from).toBe(stretches[index]?.until));
  expect(stretches.at(-1)?.until).toBe(run.endSeconds);
});

test('the verdict says how long, and whether that is enough and bright enough', () => {
  expect(runVerdict(run, lamp.need, 40, lamp.target).tone).toBe('fine');
  // It begins with more than that, and has less before the ten minutes are over.
  const more = { ...lamp.need, amps: 2.6e-3 };
  expect(
    runVerdict(runBattery(lamp.desk, more, USUAL_RUNNING), more, 40, lamp.target),
  ).toMatchObject({
    tone: 'wrong',
    headline: expect.stringMatching(/^Runs for about \d+\sh, bright enough for /),
  });
  expect(runVerdict(run, lamp.need, 43_000, lamp.target).tone).toBe('wrong');
  const weak = { ...lamp.need, amps: 1e-4 };
  expect(runVerdict(runBattery(lamp.desk, weak, USUAL_RUNNING), weak, 40, lamp.target).tone).toBe(
    'fine',
  );
  const none = evaluatePlan({
    ...newPlan('x'),
    arrangement: { kind: 'own', cellsInSeries: 1, strings: 1 },
  });
  const dark = runBattery(none.desk, none.need, USUAL_RUNNING);
  expect(runVerdict(dark, none.need, 40, none.target).tone).toBe('wrong');
  expect(endWords(run, 3)).toMatch(/the −\smetal of cell 1 of string 1 is used up/);
  expect(endWords({ end: { reason: 'time-is-up' }, endSeconds: HORIZON_SECONDS }, 1)).toContain(
    '30\u00a0days',
  );
});

test('what breathes is never taped, fruit keeps its skin', () => {
  const breathing = { breathes: true, look: 'sponge' } as const;
  expect(wrapsFor(breathing)).toEqual(['open']);
  expect(wrapOf({ ...USUAL_RUNNING, wrap: 'sealed' }, breathing)).toBe('open');
  expect(usualWrap({ breathes: false, look: 'fruit' })).toBe('skin');
  expect(usualWrap({ breathes: false, look: 'pile' })).toBe('taped');
});

const AA = { entries: { 'aa-cell': { stock: 0, pack: 4, packPrice: 2.4 } } };

test('bought cells: 2.5 Wh each, as many as the volts ask for', () => {
  // 9000 J / (1.5 V · 2 mA) = 3·10⁶ s.
  expect(boughtCells(1.8, 2e-3, AA)).toEqual({
    cells: 2,
    seconds: 3e6,
    joules: expect.closeTo(1.8 * 2e-3 * 3e6, 6),
    price: 1.2,
  });
  expect(boughtCells(1.5, 2e-3, AA)?.cells).toBe(1);
  expect(boughtCells(1.5, 0, AA)).toBeNull();
  expect(boughtWords({ seconds: 47 * 86_400 })).toMatch(/^47\sdays$/);
  // A clock would run for nineteen years on two of them: no cell keeps so long.
  expect(boughtWords({ seconds: 6944 * 86_400 })).toBe('as long as they keep');
});

test('the stairs at any moment: at first as arranged, later each cell by its own state', () => {
  const first = loadedStairs(lamp.desk, run, runAt(run, 0));
  first.forEach((steps, string) => {
    steps.forEach((volts, place) => {
      expect(volts).toBeCloseTo(lamp.strings[string]?.loadedVolts[place] ?? NaN, 6);
    });
  });
  const plan = demoPlan('demo-lamp');
  const sponge = { recipe: 'aluminium-air-brine' as const, body: 'sponge' };
  const cell = { kind: 'cell' as const, mix: null, faults: [], sharedBody: null };
  const mixed = evaluatePlan({
    ...plan,
    arrangement: {
      kind: 'desk',
      loadReversed: false,
      strings: [[cell, { ...cell, mix: sponge }, cell, cell]],
    },
  });
  const mixedRun = runBattery(mixed.desk, mixed.need, USUAL_RUNNING);
  const now = runAt(mixedRun, 600);
  const [steps = []] = loadedStairs(mixed.desk, mixedRun, now);
  expect(steps.at(-1)).toBeCloseTo(now.volts, 3);
  // The sponge, far less resistant, keeps more of its volts than the kiwis.
  expect(steps[1]! - steps[0]!).toBeGreaterThan(steps[2]! - steps[1]! + 0.1);
});
