import {
  formatAmps,
  formatCount,
  formatFarads,
  formatFixed,
  formatJoules,
  aboutTime,
  formatMinutes,
  formatMillimetres,
  formatNumber,
  formatOhms,
  formatVolts,
  formatWatts,
} from './units';

const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');

test.each([
  [1.8, '1.80 V'],
  [0.93, '0.93 V'],
  [12.34, '12.3 V'],
  [150, '150 V'],
  [0.0296, '29.6 mV'],
  [-1.5, '−1.50 V'],
  [0, '0 V'],
])('volts %p', (volts, text) => {
  expect(plain(formatVolts(volts))).toBe(text);
});

test.each([
  [2.31e-3, '2.31 mA'],
  [0.2, '200 mA'],
  [1.5, '1.5 A'],
  [40e-6, '40 µA'],
  [1e-18, '0 A'],
])('amperes %p', (amps, text) => {
  expect(plain(formatAmps(amps))).toBe(text);
});

test('other quantities', () => {
  expect(plain(formatOhms(664.3))).toBe('664 Ω');
  expect(plain(formatOhms(1500))).toBe('1.5 kΩ');
  expect(plain(formatOhms(1e7))).toBe('10 MΩ');
  expect(plain(formatWatts(0.155e-3))).toBe('0.155 mW');
  expect(formatNumber(Infinity)).toBe('∞');
  expect(formatFixed(-0.001)).toBe('0.00');
});

test.each([
  [0.5, '30 s'],
  [40, '40 min'],
  [120, '2 h'],
  [150, '2 h 30 min'],
  [4320, '3 days'],
  [59.4, '59.4 min'],
  [59.7, '1 h'],
  [119.7, '2 h'],
])('minutes %p', (minutes, text) => {
  expect(plain(formatMinutes(minutes))).toBe(text);
});

test.each<[number, string]>([
  [0.02, 'no time'],
  [0.2, '0.2 s'],
  [45, '45 s'],
  [150, '2.5 min'],
  [3600, '60 min'],
  [7200, '2 h'],
  [100_000, '28 h'],
  [864_000, '10 days'],
])('%p seconds are about %p', (seconds, words) => {
  expect(plain(aboutTime(seconds))).toBe(words);
});

test.each([
  [7, '7'],
  [999.6, '1 000'],
  [2815, '2 815'],
  [20_000, '20 000'],
  [333_250, '333 000'],
  [4.15e6, '4.15 million'],
  [2.5e10, '25 thousand million'],
])('counts %p', (count, text) => {
  expect(plain(formatCount(count))).toBe(text);
});

test('nothing and what has no end are told in the plain unit', () => {
  const all = [formatVolts, formatAmps, formatOhms, formatWatts, formatFarads, formatJoules];
  expect(all.map((format) => plain(format(0)))).toEqual(['0 V', '0 A', '0 Ω', '0 W', '0 F', '0 J']);
  expect([formatOhms, formatWatts].map((format) => plain(format(Infinity)))).toEqual([
    '∞ Ω',
    '∞ W',
  ]);
});

test('farads and joules change their unit with their size', () => {
  expect([470e-6, 4.7e-3, 1].map(formatFarads).map(plain)).toEqual(['470 µF', '4.7 mF', '1 F']);
  expect([0.069, 1.2, 43_000].map(formatJoules).map(plain)).toEqual(['69 mJ', '1.2 J', '43 kJ']);
});

test('lengths, also none and what is smaller than its metal', () => {
  const told = [0, -2, 0.01, -0.01, 3].map((length) => formatMillimetres(length));
  expect(told.map((text) => text.replace('\u00a0', ' '))).toEqual([
    '0 mm',
    '−2 mm',
    '10 µm',
    '−10 µm',
    '3 mm',
  ]);
});
