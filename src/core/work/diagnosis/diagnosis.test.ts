import fc from 'fast-check';
import { randomStream } from '../../physics/chance/random';
import { pairOf } from './causes';
import { singleCauses } from './possibleCauses';
import { wordsOfCause } from './causeWords';
import { diagnose } from './diagnose';
import type { Reading } from './evidence';
import { findFaults } from './findFaults';
import { belongsToBattery } from './nominalBattery';
import type { Measurement } from '../../records/logbook/measurement';
import {
  WORDS,
  battery,
  exact,
  KIWI,
  shown,
  sound,
  volts,
  scattered,
  withFaultAt,
} from '@/testing/core/diagnosisBattery';

test('chances add up to one and the same readings give the same answer', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1, max: 5, noNaN: true }), { minLength: 1, maxLength: 4 }),
      (read) => {
        const readings = read.map((value, index) => ({ measurement: volts(index + 1), value }));
        const once = findFaults(battery(4), readings);
        const twice = findFaults(battery(4), readings);
        expect(once).not.toBeNull();
        expect(once?.causes.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
        expect(twice?.causes.map(({ cause, chance }) => [cause, chance])).toEqual(
          once?.causes.map(({ cause, chance }) => [cause, chance]),
        );
      },
    ),
    { numRuns: 6 },
  );
});

test('nothing is wrong where nothing is', () => {
  const readings = [0.94, 1.86, 2.8, 3.71].map((value, index) => ({
    measurement: volts(index + 1),
    value,
  }));
  const found = findFaults(battery(4), [
    ...readings,
    { measurement: { kind: 'short', string: 1, built: 4 }, value: 1.35e-3 },
  ]);
  expect(found?.verdict).toBe('fine');
  expect(found?.next).toEqual([]);
});

test.each<[string, readonly [number, number][], RegExp]>([
  [
    'a step down by a cell',
    [
      [1, 0.93],
      [2, 1.86],
      [3, 0.92],
    ],
    /^reversed 1 3/,
  ],
  [
    'a step that is missing',
    [
      [1, 0.93],
      [2, 1.86],
      [3, 1.865],
    ],
    /^(shorted|same-metal|bridged|shared-body) 1 [23]/,
  ],
  [
    'nothing at all from cell 2 on',
    [
      [1, 0.93],
      [2, 0],
    ],
    /^(open 1 1|slip)/,
  ],
  [
    'volts a thousand times too small',
    [
      [1, 0.93],
      [2, 0.00186],
    ],
    /^(slip|open 1 1)/,
  ],
])('%s', (_, read, expected) => {
  const found = findFaults(
    battery(4),
    read.map(([to, value]) => ({ measurement: volts(to), value })),
  );
  expect(found?.verdict).toBe(found?.causes[0]?.kind === 'slip' ? 'reading' : 'faulty');
  expect(found?.causes[0]?.cause).toMatch(expected);
  expect(found?.next.length).toBeGreaterThan(0);
});

test('a dry cell shows only under load, and is told from a bad clip by reading it alone', () => {
  const built = withFaultAt(exact(4), 3, [{ kind: 'dry', factor: 20 }]);
  const readings = [1, 2, 3, 4].map((to) => shown(built, volts(to)));
  expect(findFaults(battery(4), readings)?.verdict).toBe('fine');
  readings.push(shown(built, { kind: 'short', string: 1, built: 1 }));
  readings.push(shown(built, { kind: 'short', string: 1, built: 4 }));
  let found = findFaults(battery(4), readings);
  expect(found?.verdict).toBe('faulty');
  for (let further = 0; further < 4 && found?.causes[0]?.cause !== 'dry 1 3 '; further += 1) {
    const next = found?.next[0];
    if (next === undefined) break;
    readings.push(shown(built, next.measurement));
    found = findFaults(battery(4), readings);
  }
  expect(found?.causes[0]?.cause).toBe('dry 1 3 ');
});

test('the device is dark: it is turned round before cells are searched', () => {
  const readings: Reading[] = [
    ...[0.93, 1.87, 2.78, 3.72].map((value, index) => ({ measurement: volts(index + 1), value })),
    { measurement: { kind: 'short', string: 1, built: 4 }, value: 1.4e-3 },
    { measurement: { kind: 'lights', turned: false }, value: 0 },
  ];
  const dark = findFaults(battery(4), readings);
  expect(dark?.causes[0]?.kind).toBe('load-reversed');
  expect(dark?.next[0]?.measurement).toEqual({ kind: 'lights', turned: true });
  const turned = findFaults(battery(4), [
    ...readings,
    { measurement: { kind: 'lights', turned: true }, value: 1 },
  ]);
  expect(turned?.causes[0]?.chance).toBeGreaterThan(0.9);
});

test('two faults at once are found where one explains nothing', () => {
  const built = withFaultAt(
    withFaultAt(scattered(5, KIWI, randomStream(3)), 2, [{ kind: 'reversed' }]),
    4,
    [{ kind: 'same-metal' }],
  );
  const readings = [1, 2, 3, 4, 5].map((to) => shown(built, volts(to)));
  const found = findFaults(battery(5), readings);
  const top = found?.causes[0];
  expect(top?.kind).toBe('pair');
  expect(top?.cause).toContain('reversed 1 2');
  expect(top?.hypothesis?.parts.map(({ cell }) => cell).sort()).toEqual([2, 4]);
});

test('readings that nothing explains are called so', () => {
  const found = findFaults(battery(4), [
    { measurement: volts(1), value: 0.5 },
    { measurement: volts(2), value: 2.9 },
    { measurement: volts(3), value: 1.2 },
    { measurement: volts(4), value: 5.5 },
  ]);
  expect(found?.verdict).toBe('unexplained');
});

test('the fault finder helps: most hidden faults are on top after three more readings', () => {
  const random = randomStream(7);
  let found = 0;
  const rounds = 12;
  for (let round = 0; round < rounds; round += 1) {
    const cell = 1 + (round % 3);
    const [kind, fault] = (
      [
        ['reversed', { kind: 'reversed' }],
        ['open', { kind: 'open' }],
        ['dry', { kind: 'dry', factor: 15 }],
        ['poor-contact', { kind: 'poor-contact', ohms: 8000 }],
        ['same-metal', { kind: 'same-metal' }],
        ['shorted', { kind: 'shorted', ohms: 5 }],
      ] as const
    )[round % 6]!;
    const built = withFaultAt(scattered(4, KIWI, random), cell, [fault]);
    const readings: Reading[] = [1, 2, 3, 4].map((to) => shown(built, volts(to)));
    readings.push(shown(built, { kind: 'short', string: 1, built: 4 }));
    let diagnosis = findFaults(battery(4), readings);
    for (
      let further = 0;
      further < 3 && diagnosis?.causes[0]?.cause !== `${kind} 1 ${cell} `;
      further += 1
    ) {
      const next = diagnosis?.next[0];
      if (next === undefined) break;
      readings.push(shown(built, next.measurement));
      diagnosis = findFaults(battery(4), readings);
    }
    if (diagnosis?.causes[0]?.cause === `${kind} 1 ${cell} `) found += 1;
  }
  expect(found).toBeGreaterThanOrEqual(rounds - 1);
});

test('a string joined backwards and a group of cells side by side are places like others', () => {
  const group = { strings: [[sound()], [sound()]] };
  const meant = battery(2, {
    strings: [
      [sound(), group],
      [sound(), sound()],
    ],
  });
  const readings: Reading[] = [
    { measurement: volts(1), value: 0.93 },
    { measurement: volts(2), value: 1.86 },
    { measurement: { kind: 'volts', string: 2, from: 1, to: 2, built: 2 }, value: 1.85 },
    { measurement: { kind: 'battery-volts' }, value: 0.27 },
  ];
  const found = findFaults(meant, readings);
  expect(found?.causes[0]?.kind).toBe('string-reversed');
  const cause = found?.causes[0];
  expect(
    cause && wordsOfCause(cause, { ...WORDS, strings: 2, places: [4, 4] }, readings).what,
  ).toMatch(/^String [12] is joined backwards$/);
});

test('readings of places that the plan no longer has are left out', () => {
  expect(findFaults(battery(2), [{ measurement: volts(4), value: 3.7 }])).toBeNull();
});

test('every cause has words, a place and a remedy', () => {
  const causes = singleCauses({
    strings: [Array.from({ length: 3 }, sound)],
    pile: true,
    bodies: true,
    joined: true,
    concerned: [1],
    isPolarised: true,
    readings: [0],
  });
  const readings = [{ measurement: volts(1), value: 0.9 }];
  for (const hypothesis of causes) {
    const { kind, cause } = hypothesis;
    const { what, remedy } = wordsOfCause({ cause, kind, hypothesis, chance: 1 }, WORDS, readings);
    expect(what.length).toBeGreaterThan(10);
    expect(remedy.length).toBeGreaterThan(20);
    expect(what).toMatch(/^[A-Z]/);
  }
  const total = causes.reduce((sum, { prior }) => sum + prior, 0);
  expect(total).toBeCloseTo(1, 9);
  const [, first, second] = causes;
  expect(first && second && pairOf(first, first)).toBeNull();
});

test('what cannot be told apart is not asked for', () => {
  const meant = battery(3);
  const diagnosis = diagnose({
    ...meant,
    readings: [{ measurement: volts(1), value: 0.93 }],
    possible: [],
  });
  expect(diagnosis.next).toEqual([]);
});

test('one reading with its leads swapped is a reading to be taken again, not a fault', () => {
  const found = findFaults(battery(4), [
    { measurement: volts(1), value: 0.93 },
    { measurement: volts(2), value: 1.86 },
    { measurement: volts(3), value: -2.79 },
    { measurement: volts(4), value: 3.72 },
  ]);
  expect(found?.verdict).toBe('reading');
  expect(found?.causes[0]).toMatchObject({ kind: 'slip', hypothesis: { slip: 2 } });
});

test('of a cause the size that fits best is the one that is told', () => {
  const [least, most] = [3000, 12_000].map((ohms) => {
    const built = withFaultAt(exact(4), 1, [{ kind: 'poor-contact', ohms }]);
    const short = (cells: number): Measurement => ({ kind: 'short', string: 1, built: cells });
    const readings = [volts(1), volts(2), short(2)].map((one) => shown(built, one));
    const found = findFaults(battery(4), readings);
    const cause = found?.causes.find(({ kind }) => kind === 'poor-contact');
    const [fault] = cause?.hypothesis?.changes[0]?.faults ?? [];
    return fault?.kind === 'poor-contact' ? fault.ohms : NaN;
  });
  // Steps of sizes lie a factor apart.
  expect(least! / 3000).toBeGreaterThan(0.4);
  expect(least! / 3000).toBeLessThan(2.5);
  expect(most! / 12_000).toBeGreaterThan(0.4);
  expect(most! / 12_000).toBeLessThan(2.5);
});

test('where a fault was hidden on purpose one goes on looking, though all seems well', () => {
  const input = {
    ...battery(4),
    readings: [1, 2].map((to) => ({ measurement: volts(to), value: 0.93 * to })),
    possible: [volts(3), volts(4), { kind: 'short', string: 1, built: 2 } as const],
  };
  expect(diagnose(input).next).toEqual([]);
  const found = diagnose({
    ...input,
    expected: { anyFaultChance: 0.5, kinds: ['dry', 'poor-contact'] },
  });
  expect(new Set(found.causes.map(({ kind }) => kind))).toEqual(
    new Set(['none', 'dry', 'poor-contact', 'unexplained']),
  );
  expect(found.next.length).toBeGreaterThan(0);
});

test('a reading belongs to the battery only where its place is there', () => {
  const four = battery(4);
  const at = (measurement: Measurement): boolean => belongsToBattery(four, measurement);
  expect([volts(4), volts(5), volts(3, 5)].map(at)).toEqual([true, false, false]);
  expect(at({ kind: 'cell-volts', string: 1, cell: 4 })).toBe(true);
  expect(at({ kind: 'cell-volts', string: 1, cell: 5 })).toBe(false);
  expect(at({ kind: 'short', string: 2, built: 1 })).toBe(false);
  expect(at({ kind: 'load-volts' })).toBe(true);
});
