import { cellWithModel } from '../../../testing/core/cells';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { LED_LIMIT_AMPS } from '../../physics/circuit/load/led';
import { type LedColour, ledModelOf } from '../../physics/circuit/load/ledPresets';
import { loadVolts } from '../../physics/circuit/load/load';
import { gridDesk } from '../../physics/desk/desk';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { PlanTarget, SeriesResistor } from '../../records/plan/planSchema';
import {
  isWithinLimit,
  limitOfTarget,
  neededOhms,
  onStrongClass,
  resistorOf,
  strongCell,
} from './loadLimits';

const CELL = { emfVolts: 1, resistanceOhms: 100 };
const redLed = requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' });

test('a strong battery is two deviations up, and strays less the more cells it has', () => {
  const one = strongCell(CELL, 1);
  expect(one.emfVolts).toBeCloseTo(1 + 2 * CLASS_SCATTER.emfShare, 12);
  expect(one.resistanceOhms).toBeCloseTo(100 / Math.exp(2 * CLASS_SCATTER.resistanceLog), 9);
  const many = strongCell(CELL, 16);
  expect(many.emfVolts - 1).toBeCloseTo((one.emfVolts - 1) / 4, 12);
  expect(many.resistanceOhms).toBeGreaterThan(one.resistanceOhms);
});

describe('the resistor in series', () => {
  const limit = limitOfTarget({ kind: 'led', colour: 'red', brightness: 'dim' });
  if (limit === null) throw new Error('an LED has its limit');

  /**
   * @check the resistor of an LED
   * @origin closed form: (V − V_LED)/I, the next value of E12 up (IEC 60063)
   * @tolerance the same value
   */
  test('9 V of strong cells take 360 Ω and more, so 390 Ω; weak ones take none', () => {
    const nine = gridCurve({ emfVolts: 9, resistanceOhms: 1e-6 }, 1, 1);
    const led = { kind: 'led', led: ledModelOf('red') } as const;
    const held = loadVolts(led, LED_LIMIT_AMPS.continuous, ROOM_THERMAL_VOLTS);
    const least = (9 - held) / LED_LIMIT_AMPS.continuous;
    const ohms = neededOhms(nine, redLed, limit);
    expect(ohms).toBeGreaterThanOrEqual(least);
    expect(ohms).toBeLessThan(1.22 * least);
    expect([10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82]).toContain(ohms / 10);
    expect(neededOhms(gridCurve(CELL, 2, 1), redLed, limit)).toBe(0);
  });

  test('a device is held at its most volts; what is borne, and what has no limit', () => {
    const clock = { kind: 'device', device: 'lcd-clock', leastVolts: 1.2, amps: 1e-5 } as const;
    const held = limitOfTarget(clock);
    expect(held).toEqual({ kind: 'volts', most: DEVICE_PRESETS['lcd-clock'].mostVolts });
    expect(isWithinLimit(held, { amps: 9, volts: DEVICE_PRESETS['lcd-clock'].mostVolts })).toBe(
      true,
    );
    expect(
      isWithinLimit(held, { amps: 0, volts: DEVICE_PRESETS['lcd-clock'].mostVolts + 0.01 }),
    ).toBe(false);
    expect(isWithinLimit(limit, { amps: LED_LIMIT_AMPS.continuous * 1.01, volts: 0 })).toBe(false);
    expect(limitOfTarget({ kind: 'resistor', ohms: 1000, wantedAmps: 1e-3 })).toBeNull();
    expect(isWithinLimit(null, { amps: 9, volts: 9 })).toBe(true);
  });

  test('the chosen one counts as it is; none, or nothing to hold, changes nothing', () => {
    const strong = gridDesk(cellWithModel({ emfVolts: 9, resistanceOhms: 1 }), 1, 1);
    const ask = (resistor: SeriesResistor, held: typeof limit | null = limit) =>
      onStrongClass(strong, { need: redLed, resistor, limit: held }).need;
    expect(ask({ kind: 'own', ohms: 470 }).load).toMatchObject({ resistorOhms: 470 });
    expect(ask({ kind: 'none' })).toBe(redLed);
    expect(ask({ kind: 'as-needed' }, null)).toBe(redLed);
    expect(ask({ kind: 'as-needed' }).load).not.toEqual(redLed.load);
  });
});

test('what each load bears for long: LEDs side by side share, a filament a tenth more than is printed on it', () => {
  const { continuous, absolute } = LED_LIMIT_AMPS;
  const most = (target: PlanTarget) => limitOfTarget(target);
  const colours: LedColour[] = ['red', 'red', 'blue'];
  const row = { kind: 'leds', colours, brightness: 'dim' } as const;
  expect(most({ ...row, joined: 'in-a-row' })).toEqual({
    kind: 'amps',
    most: continuous,
    breaksAt: absolute,
  });
  expect(most({ ...row, joined: 'side-by-side' })).toEqual({
    kind: 'amps',
    most: 3 * continuous,
    breaksAt: 3 * absolute,
  });
  const bulb = most({ kind: 'bulb', ratedVolts: 1.5, ratedAmps: 0.1, look: 'glows' });
  expect(bulb).toMatchObject({ kind: 'amps' });
  if (bulb?.kind !== 'amps') throw new Error('a bulb bears a current');
  expect(bulb.most).toBeCloseTo(0.11, 12);
  expect(bulb.breaksAt).toBeCloseTo(0.15, 12);
  expect(
    most({ kind: 'motor', startVolts: 0.3, ratedVolts: 1.5, stallAmps: 0.4, freeAmps: 0.02 }),
  ).toBeNull();
  // What somebody says of the own device counts; less than it needs is none.
  const radio = { kind: 'device', device: 'pocket-radio', leastVolts: 3, amps: 0.02 } as const;
  expect(most({ ...radio, mostVolts: 4 })).toEqual({ kind: 'volts', most: 4 });
  expect(most({ ...radio, mostVolts: 2 })).toEqual({ kind: 'volts', most: 3 });
});

test('through its resistor a strong class gives what the load bears, and no resistor is none', () => {
  const limit = limitOfTarget({ kind: 'led', colour: 'red', brightness: 'dim' });
  const strong = gridDesk(cellWithModel({ emfVolts: 9, resistanceOhms: 1 }), 1, 1);
  const bare = onStrongClass(strong, { need: redLed, resistor: { kind: 'none' }, limit });
  expect(resistorOf(bare.need)).toBeNull();
  expect(bare.strong.amps).toBeGreaterThan(LED_LIMIT_AMPS.continuous);
  const held = onStrongClass(strong, { need: redLed, resistor: { kind: 'as-needed' }, limit });
  expect(resistorOf(held.need)).toBeGreaterThan(0);
  expect(held.strong.amps).toBeLessThanOrEqual(LED_LIMIT_AMPS.continuous);
  // Ohm’s law around the loop, on a battery two deviations up.
  const { emfVolts, resistanceOhms } = strongCell({ emfVolts: 9, resistanceOhms: 1 }, 1);
  const { amps, volts } = held.strong;
  expect(amps * resistanceOhms + volts).toBeCloseTo(emfVolts, 6);
});
