import { requirementOf } from '../../records/plan/loadRequirement';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { boosterOnSource, TYPICAL_BOOSTER } from '../../physics/circuit/load/booster';
import { ORDINARY_FARADS } from '../../physics/circuit/load/capacitorBank';
import { formatNumber } from '../../units';
import { combinationsFor } from './combinations';

const CELL = { emfVolts: 1, resistanceOhms: 100 };
const redLed = requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' });

const KIWI = { emfVolts: 0.93, resistanceOhms: 654 };

test('a booster or a capacitor says with how many cells; nothing feeds a load beyond both', () => {
  const found = combinationsFor(CELL, redLed);
  expect(found.map(({ kind }) => kind)).toEqual(['booster', 'capacitor']);
  const capacitor = found.find(({ kind }) => kind === 'capacitor');
  expect(capacitor?.cellsInSeries).toBe(Math.ceil((1.5 * redLed.volts) / 1));
  expect(capacitor?.wording).toMatch(/charged by \d+ in series for 5\smin/);
  expect(combinationsFor({ emfVolts: 0.01, resistanceOhms: 1e6 }, redLed)).toEqual([]);
});

test('cells too weak to start a booster are joined until they do', () => {
  const weak = { emfVolts: 0.25, resistanceOhms: 20 };
  const booster = combinationsFor(weak, redLed).find(({ kind }) => kind === 'booster');
  const starts = [1, 2, 3, 4].map(
    (inSeries) =>
      boosterOnSource(gridCurve(weak, inSeries, 1), {
        outputWatts: redLed.amps * redLed.volts,
        ...TYPICAL_BOOSTER,
      }).status !== 'does-not-start',
  );
  expect(starts[0]).toBe(false);
  expect(starts).toContain(true);
  expect(booster?.cellsInSeries).toBeGreaterThanOrEqual(1 + starts.indexOf(true));
  const { cellsInSeries, strings, wording } = booster ?? {};
  expect(wording).toMatch(new RegExp(`: ${cellsInSeries} in series × ${strings} would do\\.$`));
});

test('where nothing feeds it directly, a booster or a capacitor does', () => {
  const radio = requirementOf({
    kind: 'device',
    device: 'pocket-radio',
    leastVolts: 3,
    amps: 20e-3,
  });
  const found = combinationsFor(KIWI, radio);
  expect(found.map(({ kind }) => kind)).toContain('capacitor');
  const weak = requirementOf({ kind: 'led', colour: 'white', brightness: 'glimmer' });
  const booster = combinationsFor(KIWI, weak).find(({ kind }) => kind === 'booster');
  const running = (strings: number) =>
    boosterOnSource(gridCurve(KIWI, booster!.cellsInSeries, strings), {
      outputWatts: weak.amps * weak.volts,
      ...TYPICAL_BOOSTER,
    }).status;
  expect(running(booster!.strings)).toBe('running');
  if (booster!.strings > 1) expect(running(booster!.strings - 1)).not.toBe('running');
});

/**
 * @check how long a charged capacitor runs a load
 * @origin closed form: V(t) = E·(1 − e^(−t/RC)) for 300 s, then C·(V − V_load)/I
 * @tolerance the two figures that are shown
 */
test('three cells charge a capacitor for five minutes, which then runs a clock for as long as its charge lasts', () => {
  const clock = requirementOf({ kind: 'resistor', ohms: 15_000, wantedAmps: 1.1e-4 });
  const stored = combinationsFor(CELL, clock).find(({ kind }) => kind === 'capacitor');
  const volts = 3 * (1 - Math.exp(-300 / (300 * ORDINARY_FARADS)));
  const seconds = (ORDINARY_FARADS * (volts - 1.65)) / 1.1e-4;
  expect(stored).toMatchObject({ cellsInSeries: 3, strings: 1 });
  const [, said = ''] = /about ([\d.]+)\ss at a time\.$/.exec(stored?.wording ?? '') ?? [];
  expect(said).toBe(formatNumber(seconds, 2));
  expect(stored?.wording).toContain('(rated above 3.00\u00a0V), charged by 3 in series');
});
