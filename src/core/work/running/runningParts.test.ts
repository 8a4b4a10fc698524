import { priceOfBill } from '../parts/priceOfBill';
import { billOfDesk } from '../parts/billOfDesk';
import { demoPlan } from '../../../cli/demoPlans';
import {
  EMPTY_CUPBOARD,
  withEntry,
  withGuidePrices,
  type CupboardState,
} from '../../records/cupboard/cupboardSchema';
import { evaluatePlan } from '../judging/evaluatePlan';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { shortCircuitRecovery } from './shortCircuitRecovery';
import { capacitorBankRun } from './capacitorBankRun';
import { fitRun } from './fitRun';
import { readInTime, type ReadPoint } from './readInTime';
import { runBattery, USUAL_FACTORS } from './runBattery';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { TURNS_HORIZON_SECONDS } from './horizons';
import { intermittentRun, type IntermittentRun } from './intermittentRun';

const lamp = evaluatePlan(demoPlan('demo-lamp'));
const bell = evaluatePlan(demoPlan('demo-fog-bell'));

test('after a short the volts come back within minutes, and the current had fallen (common practice, no source)', () => {
  const run = shortCircuitRecovery(lamp.desk, USUAL_RUNNING, USUAL_FACTORS);
  expect(run.lastAmps / run.firstAmps).toBeLessThan(0.75);
  expect(run.freshVolts).toBeCloseTo(lamp.source.emfVolts, 6);
  const [atOnce, minute, ten] = run.lifted.map(({ volts }) => volts);
  expect(atOnce!).toBeLessThan(0.9 * run.freshVolts);
  expect(minute!).toBeGreaterThan(atOnce!);
  expect(ten! / run.freshVolts).toBeGreaterThan(0.97);
  expect(run.recoveredSeconds).toBeGreaterThan(1);
  expect(run.recoveredSeconds).toBeLessThan(900);
});

test('used in turns it lasts longer on the clock, and every start is brighter than the end before', () => {
  let shares = 0;
  let last = 0;
  let result: IntermittentRun | null = null;
  const running = { ...USUAL_RUNNING, turns: { onSeconds: 1800, restSeconds: 3600 } };
  const steps = intermittentRun(bell.desk, bell.need, running, USUAL_FACTORS);
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) {
      result = step.value;
      break;
    }
    expect(step.value).toBeGreaterThan(last);
    last = step.value;
    shares += 1;
  }
  expect(result.turns).toHaveLength(shares);
  expect(result.endSeconds).toBeLessThanOrEqual(TURNS_HORIZON_SECONDS + 5400);
  expect(result.usedSeconds / result.endSeconds).toBeCloseTo(1 / 3, 1);
  const [first, second] = result.turns;
  expect(second!.firstAmps).toBeGreaterThanOrEqual(first!.lastAmps * (1 - 1e-9));
  expect(result.samples.length).toBeGreaterThan(20);
});

test('a bank of 10 mF on the lamp’s kiwis: r·C, ½·C·V², and the discharge in closed form', () => {
  const { ohms, farads } = { ohms: lamp.source.resistanceOhms, farads: 0.01 };
  const run = capacitorBankRun(lamp, { ...USUAL_RUNNING.bank, farads, dischargeOhms: 50 });
  const volts = lamp.source.emfVolts;
  expect(run.openVolts).toBeCloseTo(volts, 9);
  // A straight line charges as 1 − e^(−t/rC), full at rC·ln 20; the kiwis' curve, which bends, a little later.
  expect(run.chargeSeconds / (Math.log(20) * ohms * farads)).toBeGreaterThan(1);
  expect(run.chargeSeconds / (Math.log(20) * ohms * farads)).toBeLessThan(1.5);
  expect(run.facts.joules).toBeCloseTo(0.5 * farads * volts ** 2, 12);
  expect(run.facts.joules / run.joulesAtHalf).toBeCloseTo(4, 9);
  expect(run.dischargeAmps).toBeCloseTo(volts / 50, 9);
  expect(run.dischargeSeconds).toBeCloseTo(50 * farads * Math.log(20), 9);
  expect(run.facts.withinRating).toBe(true);
  expect(run.flashes?.joules).toBeLessThan(run.facts.joules);
  expect(run.flashes?.perHour).toBeCloseTo(
    3600 / (run.flashes!.flashSeconds + run.flashes!.waitSeconds),
    9,
  );
});

test('eight fruit fill a bank in about five minutes (common practice, no source)', () => {
  const eight = evaluatePlan({
    ...newPlan('Bank'),
    cell: { ...newPlan('Bank').cell, body: 'lemon' },
    arrangement: { kind: 'own', cellsInSeries: 8, strings: 1 },
  });
  // How large the bank is, practitioners do not say; 4.7 mF is an ordinary large one (from memory).
  const bank = { ...USUAL_RUNNING.bank, farads: 4.7e-3 };
  const minutes = capacitorBankRun(eight, bank).chargeSeconds / 60;
  expect(minutes).toBeGreaterThan(2);
  expect(minutes).toBeLessThan(10);
});

test('a bank is charged by the battery as it is meant: a cell turned round on the desk changes nothing', () => {
  const plan = demoPlan('demo-lamp');
  const cell = { kind: 'cell' as const, mix: null, faults: [], sharedBody: null };
  const row = [cell, cell, { ...cell, faults: [{ kind: 'reversed' as const }] }, cell, cell];
  const turned = evaluatePlan({
    ...plan,
    arrangement: {
      kind: 'desk',
      loadReversed: false,
      strings: new Array<typeof row>(lamp.wiring.strings).fill(row),
    },
  });
  const { bank } = USUAL_RUNNING;
  const run = capacitorBankRun(turned, bank);
  expect(run.openVolts).toBeCloseTo(lamp.source.emfVolts, 9);
  expect(run.chargeSeconds).toBeCloseTo(capacitorBankRun(lamp, bank).chargeSeconds, 9);
});

test('capacitors in series: less capacity, more volts allowed; too many volts are told', () => {
  const { bank } = USUAL_RUNNING;
  const high = capacitorBankRun(bell, { ...bank, ratedVolts: 1, inSeries: 1 });
  expect(high.facts.withinRating).toBe(false);
  const two = capacitorBankRun(bell, { ...bank, ratedVolts: 16, inSeries: 2, inParallel: 1 });
  expect(two.facts.farads).toBeCloseTo(bank.farads / 2, 12);
  expect(two.facts.ratedVolts).toBe(32);
  expect(two.flashes).toBeNull();
});

test('the run is refitted to readings: invented cells with stronger films are found again', () => {
  const truth = { films: 1.7, size: 0.8 };
  const times = [1, 30, 120, 600, 1800];
  const { samples } = runBattery(lamp.desk, lamp.need, USUAL_RUNNING, truth, times);
  const points: ReadPoint[] = samples.map(({ seconds, amps }) => ({ seconds, amps, volts: null }));
  const fit = fitRun(lamp.desk, lamp.need, USUAL_RUNNING, points);
  expect(Math.abs(fit!.factors.films / truth.films - 1)).toBeLessThan(0.1);
  expect(Math.abs(fit!.factors.size / truth.size - 1)).toBeLessThan(0.05);
  expect(fit!.misfitAfter).toBeLessThan(0.2 * fit!.misfitBefore);
  expect(fitRun(lamp.desk, lamp.need, USUAL_RUNNING, points.slice(0, 2))).toBeNull();
});

test('readings at the device are placed in time from the step that connected it', () => {
  const line = (second: number, entry: object, extra: object = {}) =>
    ({
      seq: second,
      entryId: `e${second}`,
      revision: 1,
      group: 'Knot',
      author: 'group',
      at: 0,
      struck: false,
      entry: { ...entry, takenAt: new Date(Date.UTC(2027, 0, 22, 14, 0, second)).toISOString() },
      ...extra,
    }) as never;
  const reading = (kind: string, value: number): object => ({
    kind: 'reading',
    measurement: { kind },
    value,
    range: null,
    source: 'typed',
    typed: null,
    meter: null,
  });
  const lines = [
    line(10, { kind: 'step', step: 'device', state: 'done' }),
    line(40, reading('load-amps', 0.002)),
    line(20, reading('load-volts', 1.8)),
    line(50, reading('load-amps', 0.001), { struck: true }),
    line(30, reading('battery-volts', 3.7)),
  ];
  expect(readInTime(lines, 'Knot')).toEqual([
    { seconds: 10, volts: 1.8, amps: null },
    { seconds: 30, volts: null, amps: 0.002 },
  ]);
  expect(readInTime(lines, 'Dunlin')).toEqual([]);
});

test('what a battery costs: parts by the piece, and the share that does not come back', () => {
  const cost = (prices: Pick<CupboardState, 'entries'>) =>
    priceOfBill(billOfDesk(lamp.desk), prices);
  expect(cost(EMPTY_CUPBOARD)).toBeNull();
  const priced = withGuidePrices(EMPTY_CUPBOARD);
  const money = cost(priced);
  if (money === null) throw new Error('every part has a price');
  expect(money.all).toBeGreaterThan(money.usedUp);
  expect(money.usedUp).toBeGreaterThan(0);
  const dearer = cost(withEntry(priced, 'kiwi', { pack: 1, packPrice: 5 }));
  // Twelve kiwis at 5 instead of at 3 for six.
  expect((dearer?.usedUp ?? 0) - money.usedUp).toBeCloseTo(
    lamp.wiring.cellsInSeries * lamp.wiring.strings * 4.5,
    9,
  );
});

test('cells that are kept dry begin with nothing and run for as long as wet ones', () => {
  const plan = newPlan('Felt');
  const felt = evaluatePlan({
    ...plan,
    cell: { ...plan.cell, recipe: 'zinc-carbon-felt', body: 'salt-foam' },
    arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
  });
  expect(felt.cell.recipe.soakSeconds).toBeGreaterThan(0);
  expect(lamp.cell.recipe.soakSeconds).toBeNull();
  const wet = runBattery(felt.desk, felt.need, USUAL_RUNNING);
  const dry = runBattery(felt.desk, felt.need, { ...USUAL_RUNNING, fromDry: true });
  expect(dry.samples[1]!.amps).toBeLessThan(wet.samples[1]!.amps);
  expect(dry.endSeconds / wet.endSeconds).toBeCloseTo(1, 1);
  expect(dry.left[0]?.cells).toEqual([1, 2, 3]);
});

test('charcoal and aluminium in acid peak, and settle to under half within a minute (common practice, no source)', () => {
  const plan = newPlan('Charcoal');
  const cells = (recipe: 'aluminium-air-acid' | 'aluminium-air-brine', body: string) =>
    evaluatePlan({
      ...plan,
      cell: { ...plan.cell, recipe, body },
      arrangement: { kind: 'own', cellsInSeries: 1, strings: 1 },
    });
  const shares = [
    cells('aluminium-air-acid', 'vinegar-towel'),
    cells('aluminium-air-brine', 'sponge'),
  ].map(({ desk }) => {
    const { firstAmps, lastAmps } = shortCircuitRecovery(desk, USUAL_RUNNING, USUAL_FACTORS);
    return lastAmps / firstAmps;
  });
  expect(shares[0]!).toBeLessThan(0.5);
  expect(shares[1]!).toBeGreaterThan(0.5);
});

test('magnesium and graphite sag while shorted and rebound afterwards (common practice, no source)', () => {
  const plan = newPlan('Magnesium');
  const { desk } = evaluatePlan({
    ...plan,
    cell: freshCell('magnesium-graphite'),
    arrangement: { kind: 'own', cellsInSeries: 1, strings: 1 },
  });
  const run = shortCircuitRecovery(desk, USUAL_RUNNING, USUAL_FACTORS);
  expect(run.freshVolts).toBeGreaterThan(1.45);
  expect(run.freshVolts).toBeLessThan(1.55);
  expect(run.lastAmps).toBeLessThan(0.8 * run.firstAmps);
  expect(run.lifted[2]!.volts).toBeGreaterThan(0.95 * run.freshVolts);
});
