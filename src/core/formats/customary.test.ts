import Qty from 'js-quantities';
import { inCups, inFahrenheit, inInches, usesCustomary, withCustomary } from './customary';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

test('the United States measure so, other countries do not (Unicode CLDR)', () => {
  expect(['en-US', 'es-US', 'en'].map(usesCustomary)).toEqual([true, true, true]);
  expect(['en-GB', 'de', 'en-CA', 'fr-FR'].map(usesCustomary)).toEqual([
    false,
    false,
    false,
    false,
  ]);
  expect(usesCustomary('no language at all')).toBe(false);
});

/**
 * @check inches, cups and °F beside metric figures
 * @origin library: js-quantities, which converts units by tables of its own
 * @tolerance half a line of the ruler, an eighth of a cup, half a degree
 */
test('any length, volume or temperature is told as a library of units has it', () => {
  const numberOf = (text: string): number =>
    (text.match(/-?[\d.]+(?:\/\d+)?/g) ?? [])
      .map((part) => part.split('/').map(Number))
      .reduce((sum, [over = 0, under = 1]) => sum + over / under, 0);
  for (let step = 0; step < 60; step += 1) {
    const millimetres = 3 * 1.07 ** step;
    const inches = Qty(millimetres, 'mm').to('in').scalar;
    if (inches < 36)
      expect(Math.abs(numberOf(inInches(millimetres)) - inches)).toBeLessThanOrEqual(1 / 8);
    const millilitres = 5 * 1.12 ** step;
    const told = inCups(millilitres);
    const unit = told.includes('oz') ? 'floz' : 'cup';
    const volume = Qty(millilitres, 'ml').to(unit).scalar;
    expect(Math.abs(numberOf(told) - volume)).toBeLessThanOrEqual(unit === 'cup' ? 1 / 8 : 0.05);
    const celsius = 2 * step - 20;
    const fahrenheit = Qty(celsius, 'tempC').to('tempF').scalar;
    expect(Math.abs(numberOf(inFahrenheit(celsius)) - fahrenheit)).toBeLessThanOrEqual(0.5);
  }
});

/**
 * @check inches, cups and °F in words
 * @origin memory: NIST Special Publication 811, appendix B (1 in = 25.4 mm exactly, 1 fl oz = 29.5735 mL, 1 cup = 8 fl oz); 68 °F is 20 °C
 * @tolerance exact words
 */
test('lengths to the lines of a ruler, volumes in ounces and cups, temperatures in °F', () => {
  expect([9.5, 25.4, 38.1, 50, 300].map(inInches).map(plain)).toEqual([
    '3/8 in',
    '1 in',
    '1 1/2 in',
    '2 in',
    '11 3/4 in',
  ]);
  expect(plain(inInches(4.5e3))).toBe('15 ft');
  expect([100, 236.6, 355, 1000].map(inCups).map(plain)).toEqual([
    '3.4 fl oz',
    '1 cup',
    '1 1/2 cups',
    '4 1/4 cups',
  ]);
  expect([-40, 0, 20, 100].map(inFahrenheit).map(plain)).toEqual([
    '-40 °F',
    '32 °F',
    '68 °F',
    '212 °F',
  ]);
});

test('in a text they stand after each metric figure, and nowhere else', () => {
  const told = (text: string): string => plain(withCustomary(text));
  expect(told('Discs of 24 mm, 88 from a sheet of A4: 2 sheets.')).toBe(
    'Discs of 24 mm (15/16 in), 88 from a sheet of A4: 2 sheets.',
  );
  expect(told('1\u202f500 mL of water')).toBe('1\u202f500 mL (6 1/4 cups) of water');
  expect(told('strips 10 × 50 mm, 18 to 22 °C')).toBe(
    'strips 10 × 50 mm (3/8 in × 2 in), 18 to 22 °C (64 °F to 72 °F)',
  );
  expect(told('from −5 °C on')).toBe('from −5 °C (23 °F) on');
  for (const left of [
    '3.7 V and 2 mA for 10 min',
    '1.2 mS/cm at 0.5 mol/L, 20 mm² each',
    'about 2 level tablespoons of 15 mL',
    '7 red LEDs, 3 mm',
  ]) {
    expect(told(left)).toBe(left);
  }
});
