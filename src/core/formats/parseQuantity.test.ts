import fc from 'fast-check';
import { formatMinutes, formatOhms } from '../units';
import { parseQuantity, type QuantityKind } from './parseQuantity';

test.each<[string, QuantityKind, number]>([
  ['1 .', 'volts', 1],
  ['1 ,', 'volts', 1],
  ['0.94', 'volts', 0.94],
  ['0,94', 'volts', 0.94],
  ['940 mV', 'volts', 0.94],
  ['940mv', 'volts', 0.94],
  ['−0.9 V', 'volts', -0.9],
  ['1', 'volts', 1],
  ['1.3', 'milliamps', 1.3e-3],
  ['1,3mA', 'milliamps', 1.3e-3],
  ['130 µA', 'milliamps', 130e-6],
  ['0.2 A', 'milliamps', 0.2],
  ['1.5 kΩ', 'ohms', 1500],
  ['1.5 k\u2126', 'ohms', 1500],
  ['2M', 'ohms', 2e6],
  ['4700', 'farads', 4.7e-3],
  ['10 mF', 'farads', 0.01],
  ['0,1 F', 'farads', 0.1],
  ['90', 'minutes', 90],
  ['1.5 days', 'minutes', 2160],
  ['2 h 30 min', 'minutes', 150],
  ['2,5 cm', 'millimetres', 25],
  ['1 in', 'millimetres', 25.4],
  ['20', 'celsius', 20],
  ['-5 °C', 'celsius', -5],
  ['68 °F', 'celsius', 20],
  ['32f', 'celsius', 0],
  ['12', 'count', 12],
])('reads %p as %p', (text, kind, value) => {
  const parsed = parseQuantity(text, kind);
  expect(parsed.ok && parsed.value).toBeCloseTo(value, 12);
});

test.each<[string, QuantityKind, string]>([
  ['', 'volts', 'empty'],
  ['0.9.4', 'volts', 'not-a-quantity'],
  ['many', 'volts', 'not-a-quantity'],
  ['5 mA', 'volts', 'wrong-unit'],
  ['5 V', 'milliamps', 'wrong-unit'],
  ['OL', 'volts', 'over-range'],
])('refuses %p as %p: %p', (text, kind, code) => {
  const parsed = parseQuantity(text, kind);
  expect(parsed.ok ? null : parsed.issues[0]?.code).toBe(code);
  expect(parsed.ok ? '' : parsed.issues[0]?.message).not.toBe('');
});

test('what the app shows can be read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 4000 }), (minutes) => {
      const parsed = parseQuantity(formatMinutes(minutes), 'minutes');
      expect(parsed.ok && parsed.value).toBe(minutes);
    }),
  );
  const ohms = parseQuantity(formatOhms(470_000), 'ohms');
  expect(ohms.ok && ohms.value).toBe(470_000);
});
