import fc from 'fast-check';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { brightnessOf } from './brightness';
import { ledFromDatasheet, ledDifferentialOhms, ledVolts, ledAmpsOnThevenin } from './load/led';
import { LED_COLOURS, LED_PRESETS, ledModelOf } from './load/ledPresets';
import { loadVolts, type Load } from './load/load';
import { theveninCurve } from './battery/sourceCurve';
import { operatingPoint } from './operatingPoint';

const VT = ROOM_THERMAL_VOLTS;
const sources = fc.record({
  emfVolts: fc.double({ min: 0.1, max: 30, noNaN: true }),
  resistanceOhms: fc.double({ min: 0.1, max: 1e5, noNaN: true }),
});

/**
 * @check LED presets
 * @origin published: the two points of the datasheets that each preset is fitted through
 * @tolerance 5e-10 V at 1 mA, 4 mV at 20 mA
 */
test.each(LED_COLOURS)('the %s preset passes through its two datasheet points', (colour) => {
  const led = ledModelOf(colour, 25);
  const { voltsAt1mA, voltsAt20mA } = LED_PRESETS[colour];
  expect(ledVolts(led, 1e-3, ROOM_THERMAL_VOLTS)).toBeCloseTo(voltsAt1mA, 9);
  // The room's thermal voltage stands for the junction's: a few millivolts over the decade.
  expect(Math.abs(ledVolts(led, 20e-3, ROOM_THERMAL_VOLTS) - voltsAt20mA)).toBeLessThan(4e-3);
  expect(led.seriesOhms).toBeGreaterThan(0);
});

test('an LED’s volts fall by 2 mV a kelvin: red at 1 mA has 80 mV more at 0 °C than at 40 °C (datasheet rule)', () => {
  const voltsAt = (celsius: number): number =>
    ledVolts(ledModelOf('red', celsius), 1e-3, ROOM_THERMAL_VOLTS);
  expect(voltsAt(0) - voltsAt(40)).toBeCloseTo(0.08, 9);
});

test('datasheet points that do not rise make no LED', () => {
  expect(ledFromDatasheet({ amps: 1e-3, volts: 2 }, { amps: 20e-3, volts: 2 })).toBeNull();
  expect(ledFromDatasheet({ amps: 1e-3, volts: 2 }, { amps: 1e-3, volts: 2.1 })).toBeNull();
});

test('the slope of an LED is the derivative of its curve', () => {
  const led = ledModelOf('blue');
  for (const amps of [1e-6, 1e-4, 1e-2]) {
    const step = 1e-5 * amps;
    const difference =
      (ledVolts(led, amps + step, VT) - ledVolts(led, amps - step, VT)) / (2 * step);
    expect(difference / ledDifferentialOhms(led, amps, VT)).toBeCloseTo(1, 6);
  }
});

test('the two curves really meet: the answer lies on both', () => {
  const loads: fc.Arbitrary<Load> = fc.oneof(
    fc
      .constantFrom(...LED_COLOURS)
      .map((colour): Load => ({ kind: 'led', led: ledModelOf(colour) })),
    fc
      .double({ min: 0.1, max: 1e6, noNaN: true })
      .map((ohms): Load => ({ kind: 'resistor', ohms })),
    fc.constant<Load>({ kind: 'device', amps: 2e-3, leastVolts: 3 }),
  );
  fc.assert(
    fc.property(sources, loads, (source, load) => {
      const point = operatingPoint(theveninCurve(source), load, VT);
      if (point.status !== 'solved') throw new Error(point.status);
      const gap = loadVolts(load, point.amps, VT) - point.volts;
      expect(Math.abs(gap)).toBeLessThan(1e-9 * source.emfVolts);
    }),
    { numRuns: 500 },
  );
});

test('the fast LED path and the general solver agree', () => {
  fc.assert(
    fc.property(
      sources,
      fc.constantFrom(...LED_COLOURS),
      ({ emfVolts, resistanceOhms }, colour) => {
        const led = ledModelOf(colour);
        const fast = ledAmpsOnThevenin(emfVolts, resistanceOhms, led, VT);
        const point = operatingPoint(
          theveninCurve({ emfVolts, resistanceOhms }),
          { kind: 'led', led },
          VT,
        );
        const amps = point.status === 'solved' ? point.amps : NaN;
        expect(Math.abs(fast - amps)).toBeLessThan(1e-8 * amps + 1e-15);
      },
    ),
    { numRuns: 500 },
  );
});

test('a resistor takes E/(r + R) (Ohm)', () => {
  const point = operatingPoint(
    theveninCurve({ emfVolts: 2.7, resistanceOhms: 300 }),
    { kind: 'resistor', ohms: 150 },
    VT,
  );
  expect(point.status === 'solved' && point.amps).toBeCloseTo(6e-3, 12);
});

test('a device draws its current while the battery holds its least volts, and less below', () => {
  const device: Load = { kind: 'device', amps: 2e-3, leastVolts: 3 };
  const strong = operatingPoint(theveninCurve({ emfVolts: 6, resistanceOhms: 500 }), device, VT);
  expect(strong).toMatchObject({
    status: 'solved',
    amps: expect.closeTo(2e-3, 7),
    volts: expect.closeTo(5, 3),
  });
  const weak = operatingPoint(theveninCurve({ emfVolts: 3.2, resistanceOhms: 500 }), device, VT);
  expect(weak.status === 'solved' && weak.amps).toBeLessThan(2e-3);
  expect(weak.status === 'solved' && weak.volts).toBeLessThan(3);
});

test('a battery that pushes backwards gives no current', () => {
  const point = operatingPoint(
    theveninCurve({ emfVolts: -1, resistanceOhms: 5 }),
    { kind: 'resistor', ohms: 10 },
    VT,
  );
  expect(point).toEqual({ status: 'no-current', openVolts: -1 });
});

test('brightness bands begin at their currents', () => {
  expect([0, 0.019e-3, 0.02e-3, 0.2e-3, 1.5e-3, 4e-3, 1].map(brightnessOf)).toEqual([
    'dark',
    'dark',
    'glimmer',
    'dim',
    'clear',
    'bright',
    'bright',
  ]);
});

test('most current into an LED comes near m·E ≈ 2·V_f (linear source into a fixed voltage)', () => {
  const led = ledModelOf('amber');
  const cells = 24;
  const amps = [1, 2, 3, 4, 6, 8, 12, 24].map((inSeries) => {
    const strings = cells / inSeries;
    return {
      inSeries,
      amps: ledAmpsOnThevenin(inSeries * 0.93, (inSeries * 654) / strings, led, VT),
    };
  });
  const best = amps.reduce((a, b) => (b.amps > a.amps ? b : a));
  expect(best.inSeries).toBe(4);
  expect((best.inSeries * 0.93) / (2 * 1.8)).toBeCloseTo(1, 1);
});

/**
 * @check mixed grouping of twelve cells
 * @origin published: worked example of school physics, 3.0 A into 1.5 Ω
 * @tolerance 5e-10 A
 */
test('12 cells of 1.5 V, 0.5 Ω into 1.5 Ω: 6 in series × 2 gives 3.0 A (textbook mixed grouping)', () => {
  const groupings = [1, 2, 3, 4, 6, 12].map((inSeries) => ({
    inSeries,
    amps: (inSeries * 1.5) / ((inSeries * 0.5) / (12 / inSeries) + 1.5),
  }));
  const solved = groupings.map(({ inSeries }) => {
    const source = { emfVolts: inSeries * 1.5, resistanceOhms: (inSeries * 0.5) / (12 / inSeries) };
    const point = operatingPoint(theveninCurve(source), { kind: 'resistor', ohms: 1.5 }, VT);
    return { inSeries, amps: point.status === 'solved' ? point.amps : 0 };
  });
  solved.forEach(({ amps }, index) => expect(amps).toBeCloseTo(groupings[index]?.amps ?? 0, 9));
  const best = solved.reduce((a, b) => (b.amps > a.amps ? b : a));
  expect(best.inSeries).toBe(6);
  expect(best.amps).toBeCloseTo(3, 9);
});
