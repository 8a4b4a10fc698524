import { WORDS, battery, shown, sound, exact, volts } from '@/testing/core/diagnosisBattery';
import type { Measurement } from '../../records/logbook/measurement';
import type { Reading } from './evidence';
import { findFaults } from './findFaults';
import { judgementOf } from './judgement';

const short = (built: number): Measurement => ({ kind: 'short', string: 1, built });
const stairs = (...values: number[]): Reading[] =>
  values.map((value, index) => ({ measurement: volts(index + 1), value }));
const all = [1, 2, 3, 4].map((to) => shown(exact(4), volts(to)));

test('the meter floats beyond an open clip: 0.03 V and 0.02 V are no weak cells', () => {
  const found = findFaults(battery(4), stairs(0.93, 0.03, 0.02, 0.02));
  expect(found?.causes[0]).toMatchObject({ kind: 'open', cause: 'open 1 1 ' });
  expect(judgementOf(found!, WORDS, []).headline).toBe(
    'The lead between cells 1 and 2 has no contact',
  );
});

test.each<[string, string, readonly Reading[], number | undefined]>([
  ['currents that are nothing', 'no-milliamps', [...all, { measurement: short(4), value: 0 }], 1],
  [
    'volts that are nothing while milliamps flow',
    'no-volts',
    [...stairs(0, 0, 0, 0), { measurement: short(4), value: 1.4e-3 }],
    undefined,
  ],
  ['all volts the wrong way round', 'leads-swapped', stairs(-0.93, -1.86, -2.79, -3.72), undefined],
  [
    'volts and milliamps a quarter too large',
    'flat-meter',
    [
      ...stairs(1.2, 2.4, 3.6, 4.8),
      { measurement: short(1), value: 1.8e-3 },
      { measurement: short(4), value: 1.8e-3 },
    ],
    undefined,
  ],
])('a meter that is not right, %s: %s', (_, kind, readings, least) => {
  const found = findFaults(battery(4), readings);
  const place = found?.causes.findIndex((one) => one.kind === kind) ?? -1;
  expect(place).toBeGreaterThanOrEqual(0);
  expect(place).toBeLessThanOrEqual(least ?? 0);
});

test('what stands there already is not asked for again', () => {
  const read = [...stairs(0.93, 1.86, 2.2, 3.1), { measurement: short(4), value: 0.2e-3 }];
  const found = findFaults(battery(4), read);
  const stands = new Set(read.map(({ measurement }) => JSON.stringify(measurement)));
  expect(found?.next.length).toBeGreaterThan(0);
  for (const { measurement } of found?.next ?? []) {
    expect(stands.has(JSON.stringify(measurement))).toBe(false);
  }
});

test('a range that was too coarse explains digits that are missing', () => {
  // 0.05 mA stand as 0.0 on a range of 200 mA: that says nothing against the cells
  const weak = battery(2, {
    strings: [[1, 2].map(() => ({ ...sound(), cell: { emfVolts: 0.93, resistanceOhms: 20000 } }))],
  });
  const read = (range: '200 mA' | '200 µA'): Reading[] => [
    ...stairs(0.93, 1.86),
    { measurement: short(2), value: 0, range },
  ];
  const chanceOfNone = (range: '200 mA' | '200 µA'): number =>
    findFaults(weak, read(range))?.causes.find(({ kind }) => kind === 'none')?.chance ?? 0;
  expect(chanceOfNone('200 mA')).toBeGreaterThan(chanceOfNone('200 µA'));
});
