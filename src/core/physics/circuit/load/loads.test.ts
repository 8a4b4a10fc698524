import fc from 'fast-check';
import { ROOM_THERMAL_VOLTS } from '../../../constants';
import {
  CURRENT_RANGE_FACTS,
  showAmps,
  showVolts,
  suitableCurrentRange,
  currentErrorShare,
  USUAL_SHUNTS,
} from '../../instruments/meter';
import { theveninCurve } from '../battery/sourceCurve';
import { operatingPoint } from '../operatingPoint';
import { awgDiameterMetres, preferredOhms, wireOhms } from '../wire';
import { boosterOnSource, TYPICAL_BOOSTER } from './booster';
import { bulbDifferentialOhms, bulbVolts } from './bulb';
import { bankAt } from './capacitorBank';
import { ledModelOf } from './ledPresets';
import { ledGroup, loadDifferentialOhms, loadVolts, type Load } from './load';
import { motorOn } from './motor';
import { usbShortfall } from './usb';

const VT = ROOM_THERMAL_VOLTS;
const red = ledModelOf('red');

test('every load rises with the current and has the slope that it claims', () => {
  const loads: Load[] = [
    { kind: 'led', led: red },
    ledGroup(red, 2, 3),
    { kind: 'bulb', bulb: { ratedVolts: 2.5, ratedAmps: 0.2 } },
    { kind: 'resistor', ohms: 470 },
    { kind: 'device', amps: 2e-3, leastVolts: 3 },
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...loads),
      fc.double({ min: 1e-5, max: 0.1, noNaN: true }),
      (load, amps) => {
        fc.pre(load.kind !== 'device' || Math.abs(amps - load.amps) > 1e-6);
        const step = 1e-6 * amps;
        const difference =
          (loadVolts(load, amps + step, VT) - loadVolts(load, amps - step, VT)) / (2 * step);
        expect(difference / loadDifferentialOhms(load, amps, VT)).toBeCloseTo(1, 4);
        expect(difference).toBeGreaterThan(0);
      },
    ),
  );
});

test('LEDs: two in series hold twice the volts, three side by side each take a third', () => {
  const one = loadVolts({ kind: 'led', led: red }, 1e-3, VT);
  expect(loadVolts(ledGroup(red, 2, 3), 3e-3, VT)).toBeCloseTo(2 * one, 12);
});

test('a cold filament has a tenth of its hot resistance (common practice, no source)', () => {
  const bulb = { ratedVolts: 2.5, ratedAmps: 0.2 };
  expect(bulbVolts(bulb, 0.2)).toBeCloseTo(2.5, 12);
  expect(bulbDifferentialOhms(bulb, 0)).toBeCloseTo(1.25, 12);
  expect(bulbVolts(bulb, -0.1)).toBeCloseTo(-bulbVolts(bulb, 0.1), 12);
});

test('a motor starts only where the battery holds its starting volts against the standing motor', () => {
  const motor = { stallAmps: 0.8, ratedVolts: 1.5, freeAmps: 0.06, startVolts: 0.3 };
  const on = (emfVolts: number, resistanceOhms: number) =>
    motorOn(motor, (load) => {
      const point = operatingPoint(theveninCurve({ emfVolts, resistanceOhms }), load, VT);
      if (point.status !== 'solved') throw new Error(point.status);
      return point;
    });
  expect(on(3, 500).status).toBe('stalled');
  expect(on(1.5, 1).status).toBe('running');
  expect(on(1.5, 1).amps).toBeCloseTo(0.06, 5);
});

/**
 * @check a booster on a battery
 * @origin closed form: V = (E + √(E² − 4Pr))/2
 * @tolerance 5e-10 V
 */
test('booster: the stable of two crossings, V = (E + √(E² − 4Pr))/2', () => {
  const source = theveninCurve({ emfVolts: 1.5, resistanceOhms: 100 });
  const outcome = boosterOnSource(source, { ...TYPICAL_BOOSTER, outputWatts: 3e-3 });
  if (outcome.status !== 'running') throw new Error(outcome.status);
  expect(outcome.volts).toBeCloseTo((1.5 + Math.sqrt(1.5 ** 2 - 4 * 5e-3 * 100)) / 2, 9);
});

test('booster: a weak source has no stable operating point, and a flat one does not start', () => {
  const booster = { ...TYPICAL_BOOSTER, outputWatts: 5e-3 };
  const weak = boosterOnSource(theveninCurve({ emfVolts: 0.9, resistanceOhms: 1500 }), booster);
  expect(weak).toMatchObject({
    status: 'no-stable-point',
    neededWatts: expect.closeTo(8.33e-3, 4),
  });
  // Most power of a linear source: E²/4r.
  expect(weak.status === 'no-stable-point' && weak.maxWatts).toBeCloseTo(0.81 / 6000, 7);
  expect(boosterOnSource(theveninCurve({ emfVolts: 0.5, resistanceOhms: 1 }), booster).status).toBe(
    'does-not-start',
  );
});

test('capacitor bank: ½CV², fourfold energy at twice the volts, series shares the volts', () => {
  const bank = { farads: 0.01, ratedVolts: 2.7, inSeries: 2, inParallel: 4 };
  expect(bankAt(bank, 3)).toEqual({
    farads: 0.02,
    ratedVolts: 5.4,
    joules: expect.closeTo(0.09, 12),
    withinRating: true,
  });
  expect(bankAt(bank, 6).joules / bankAt(bank, 3).joules).toBeCloseTo(4, 12);
  expect(bankAt(bank, 6).withinRating).toBe(false);
});

test('a USB device: out of reach by so many batteries', () => {
  expect(usbShortfall({ emfVolts: 5.6, resistanceOhms: 3900 })).toEqual({
    possible: false,
    ampsAtVolts: expect.closeTo(0.85 / 3900, 12),
    batteriesNeeded: 459,
  });
  expect(usbShortfall({ emfVolts: 4, resistanceOhms: 1 }).batteriesNeeded).toBeNull();
  expect(usbShortfall({ emfVolts: 6, resistanceOhms: 1 }).possible).toBe(true);
});

test('the meter rounds to 2000 counts, shows over-range, and blows its fuse', () => {
  expect(showVolts(1.2344, '2 V')).toEqual({
    status: 'reads',
    value: expect.closeTo(1.234, 9),
    uncertainty: expect.closeTo(0.00817, 9),
  });
  expect(showVolts(2.0, '2 V')).toEqual({ status: 'over-range' });
  expect(showVolts(-1.9994, '2 V')).toMatchObject({
    status: 'reads',
    value: expect.closeTo(-1.999, 9),
  });
  expect(showAmps(1.31e-3, '20 mA')).toMatchObject({
    status: 'reads',
    value: expect.closeTo(1.31e-3, 9),
  });
  expect(showAmps(25e-3, '20 mA').status).toBe('over-range');
  expect(showAmps(0.5, '200 mA').status).toBe('fuse-blown');
  expect(showAmps(0.5, '10 A').status).toBe('reads');
});

test('the range for a current has the least total error and room to spare: 0.18 mA on 2 mA (±1.6 %), not on 20 mA (±12 %)', () => {
  const ranges = [0.05e-3, 0.18e-3, 0.5e-3, 9e-3, 15e-3, 0.15, 3].map((amps) =>
    suitableCurrentRange(amps),
  );
  expect(ranges).toEqual(['200 µA', '2 mA', '2 mA', '20 mA', '200 mA', '10 A', '10 A']);
  // 0.5 % and two digits (common practice, no source), and a little for the shunt.
  expect(currentErrorShare(0.18e-3, '2 mA')).toBeCloseTo(0.017, 2);
  expect(currentErrorShare(0.18e-3, '20 mA')).toBeCloseTo(0.116, 2);
});

test('a meter of one’s own with a large shunt on its fine range is used on the coarser one', () => {
  const heavy = { ...USUAL_SHUNTS, '2 mA': 2000 };
  expect(suitableCurrentRange(0.8e-3, USUAL_SHUNTS)).toBe('2 mA');
  expect(suitableCurrentRange(0.8e-3, heavy)).toBe('20 mA');
});

test('the shunt is why two weak strings read a little less than twice one (Kirchhoff)', () => {
  const shunt = CURRENT_RANGE_FACTS['2 mA'].shuntOhms;
  const read = (strings: number): number => {
    const point = operatingPoint(
      theveninCurve({ emfVolts: 2.34, resistanceOhms: 1770 / strings }),
      { kind: 'resistor', ohms: shunt },
      VT,
    );
    return point.status === 'solved' ? point.amps : NaN;
  };
  expect(read(2) / read(1)).toBeLessThan(2);
  expect(read(2) / read(1)).toBeGreaterThan(1.85);
  expect(read(4) / read(1)).toBeLessThan(3.6);
});

/**
 * @check wire
 * @origin published: ASTM B258 and IEC 60028
 * @tolerance 0.0005 mm, 0.05 mΩ a metre
 */
test('wire: 24 AWG is 0.511 mm and 0.0842 Ω/m (ASTM B258, IEC 60028)', () => {
  expect(1000 * awgDiameterMetres(24)).toBeCloseTo(0.511, 3);
  expect(wireOhms(24, 1)).toBeCloseTo(0.0842, 4);
  expect(wireOhms(24, 0.3) / wireOhms(24, 0.1)).toBeCloseTo(3, 12);
});

/**
 * @check preferred values of resistors
 * @origin published: IEC 60063
 * @tolerance exact
 */
test('preferred values round up to the next of the series (IEC 60063)', () => {
  expect(preferredOhms(470, 'E12')).toBeCloseTo(470, 9);
  expect(preferredOhms(471, 'E12')).toBeCloseTo(560, 9);
  expect(preferredOhms(471, 'E24')).toBeCloseTo(510, 9);
  expect(preferredOhms(95, 'E12')).toBeCloseTo(100, 9);
  expect(preferredOhms(1.05, 'E24')).toBeCloseTo(1.1, 9);
});
