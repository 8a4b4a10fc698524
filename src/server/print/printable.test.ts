import { printable } from './printable';

test.each([
  ['654 Ω and 1.09 kΩ', '654 ohm and 1.09 kilohm'],
  ['50 µA → 2 mA', '50 microamps to 2 mA'],
  ['Zn → Zn²⁺ + 2 e⁻', 'Zn to Zn²+ + 2 e−'],
  ['2.2\u00a0mA at 1.80\u00a0V', '2.2 mA at 1.80 V'],
  ['E² / 4r, 20 °C, −0.5 V, “kiwi”', 'E² / 4r, 20 °C, −0.5 V, “kiwi”'],
])('%s is printed as %s', (text, printed) => {
  expect(printable(text)).toBe(printed);
});
