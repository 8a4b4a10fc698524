import { cellDifferentialOhms, terminalVoltage } from '../cell/cellModel';
import type { Load } from '../circuit/load/load';
import { ledModelOf } from '../circuit/load/ledPresets';
import { operatingPoint } from '../circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { ageing } from '@/testing/core/ageingCells';
import { discharge } from './discharge';
import { integrate } from './integrate';
import { groupIdenticalCells } from './groupIdenticalCells';
import { IntermittentUse, segmentOf } from './intermittentUse';

const thermalVolts = ROOM_THERMAL_VOLTS;
const resistor = (ohms: number): Load => ({ kind: 'resistor', ohms });
/** One film pair only, so that closed forms hold. */
const onePair = ageing({
  fast: { ohms: 500, seconds: 8 },
  slow: { ohms: 1e-9, seconds: 240 },
});

test('resting after use, the film’s volts fall as e^(−t/τ) (closed form)', () => {
  const use = new IntermittentUse({ strings: [[onePair]], thermalVolts, leastAmps: 0 });
  use.go(segmentOf(resistor(346), 30, 5));
  const film = 0.93 - use.samples.at(-1)!.volts - use.samples.at(-1)!.amps * 654;
  const lifted = use.samples.length;
  use.go(segmentOf(null, 60, 30));
  for (const { seconds, volts, amps } of use.samples.slice(lifted)) {
    expect(amps).toBe(0);
    expect(volts).toBeCloseTo(0.93 - film * Math.exp(-(seconds - 30) / 8), 4);
  }
});

test('use without a rest is the same as one long use', () => {
  const strings = [[ageing(), ageing()]];
  const turns = new IntermittentUse({ strings, thermalVolts, leastAmps: 0 });
  turns.go(segmentOf(resistor(1000), 40, 3));
  turns.go(segmentOf(resistor(1000), 260, 3));
  const whole = discharge({
    strings,
    load: resistor(1000),
    thermalVolts,
    seconds: 300,
    atSeconds: [0, 300],
    leastAmps: 0,
  });
  expect(turns.samples.at(-1)!.amps / whole.samples.at(-1)!.amps).toBeCloseTo(1, 3);
});

test('with rests between it gives more at each start than without (common practice, no source)', () => {
  const use = new IntermittentUse({ strings: [[ageing()]], thermalVolts, leastAmps: 0 });
  const firsts: number[] = [];
  for (let turn = 0; turn < 3; turn += 1) {
    const before = use.samples.length;
    use.go(segmentOf(resistor(100), 300, 4));
    firsts.push(use.samples[before]!.amps);
    expect(use.samples.at(-1)!.amps).toBeLessThan(0.7 * firsts.at(-1)!);
    use.go(segmentOf(null, 600, 4));
  }
  expect(firsts[1]! / firsts[0]!).toBeGreaterThan(0.9);
});

test('unequal strings left alone: the strong one drives current backwards through the weak one (Millman)', () => {
  const weak = ageing({ cell: { emfVolts: 0.6, resistanceOhms: 1000 } });
  const use = new IntermittentUse({ strings: [[ageing()], [weak]], thermalVolts, leastAmps: 0 });
  use.go(segmentOf(null, 1, 2));
  const [{ volts, stringAmps } = { volts: 0, stringAmps: [] }] = use.samples;
  expect(volts).toBeCloseTo((0.93 / 654 + 0.6 / 1000) / (1 / 654 + 1 / 1000), 6);
  expect(stringAmps[0]! + stringAmps[1]!).toBeCloseTo(0, 9);
  expect(stringAmps[1]!).toBeLessThan(0);
});

test('metal used in turns is only what flowed: half the time on, it lasts twice as long', () => {
  const cell = ageing({
    metalCoulombs: 0.5,
    fast: { ohms: 1e-9, seconds: 8 },
    slow: { ohms: 1e-9, seconds: 240 },
  });
  const use = new IntermittentUse({ strings: [[cell]], thermalVolts, leastAmps: 0 });
  while (use.end === null) {
    use.go(segmentOf(resistor(276), 60, 2));
    use.go(segmentOf(null, 60, 2));
  }
  expect(use.end).toEqual({ reason: 'metal-used-up', string: 1, cell: 1 });
  // 0.93 V over 930 Ω is 1 mA: 500 s of use, that is 8 whole turns and 20 s of the ninth.
  expect(use.seconds).toBeCloseTo(8 * 120 + 20, 0);
});

test('a cell that begins dry comes up as it soaks, and then gives what a wet one gives', () => {
  const at = (soakSeconds: number | null): number[] =>
    discharge({
      strings: [[ageing({ soakSeconds })]],
      load: resistor(500),
      thermalVolts,
      seconds: 600,
      atSeconds: [1, 20, 600],
      leastAmps: 0,
    }).samples.map(({ amps }) => amps);
  const dry = at(20);
  const wet = at(null);
  expect(dry[0]!).toBeLessThan(0.2 * wet[0]!);
  expect(dry[1]!).toBeGreaterThan(3 * dry[0]!);
  expect(dry[2]! / wet[2]!).toBeCloseTo(1, 2);
});

test('equal cells and strings are worked out once; unlike ones keep their places', () => {
  const weak = ageing({ metalCoulombs: 1 });
  const strings = [
    [ageing(), ageing(), weak],
    [ageing(), ageing(), weak],
    [ageing(), weak, weak],
  ];
  const folded = groupIdenticalCells(strings, 3);
  expect(folded.map(({ members }) => members)).toEqual([[0, 1], [2]]);
  expect(folded[0]?.cells.map(({ times, places }) => [times, places])).toEqual([
    [2, [0, 1]],
    [1, [2]],
  ]);
  // All three have the same curve, whatever metal they hold.
  expect(folded[0]?.curves.map(({ times }) => times)).toEqual([3]);
});

test('folded or not, the run is the same: 24 equal cells against 24 that differ by a hair', () => {
  const amps = (hair: number): number[] =>
    discharge({
      strings: [0, 1, 2].map((string) =>
        Array.from({ length: 8 }, (_, cell) =>
          ageing({ metalCoulombs: 50 + hair * (8 * string + cell) }),
        ),
      ),
      load: resistor(2000),
      thermalVolts,
      seconds: 7200,
      atSeconds: [0, 60, 7200],
      leastAmps: 0,
    }).samples.map((one) => one.amps);
  const folded = amps(0);
  amps(1e-9).forEach((one, index) => expect(one / folded[index]!).toBeCloseTo(1, 6));
});

/**
 * @check runs in turns by steps
 * @origin library: ODEX (E. Hairer), full integration of the same rates
 * @tolerance as the name of each case says
 * @covers rest
 */
describe.each([
  ['fine', 2e-4],
  ['quick', 3e-3],
] as const)('%s steps against a full integration (ODEX)', (steps, tolerance) => {
  const led = ledModelOf('red');
  const cells = [0.93, 0.9, 0.86].map((emfVolts) =>
    ageing({
      cell: {
        emfVolts,
        resistanceOhms: 400,
        activation: { slopeVolts: 0.03, exchangeAmps: 2e-5 },
        limitingAmps: 3e-3,
        concentrationVolts: 0.03,
      },
    }),
  );
  const atSeconds = [0.5, 4, 20, 90, 240, 900];
  /** Current and films by the differential equations themselves. */
  const exact = (load: Load, initial: readonly number[]) => {
    const ampsAt = (films: readonly number[]): number => {
      const lost = films.reduce((sum, one) => sum + one, 0);
      const point = operatingPoint(
        {
          voltsAt: (amps) =>
            cells.reduce((sum, { cell }) => sum + terminalVoltage(cell, amps), 0) - lost,
          differentialOhmsAt: (amps) =>
            cells.reduce((sum, { cell }) => sum + cellDifferentialOhms(cell, amps), 0),
        },
        load,
        thermalVolts,
      );
      return point.status === 'solved' ? point.amps : 0;
    };
    return integrate({
      derivative: (_, films) => {
        const amps = ampsAt(films);
        return cells.flatMap(({ fast, slow }, index) => [
          (fast.ohms * amps - films[2 * index]!) / fast.seconds,
          (slow.ohms * amps - films[2 * index + 1]!) / slow.seconds,
        ]);
      },
      initial,
      startSeconds: 0,
      endSeconds: 900,
      atSeconds,
      relativeTolerance: 1e-9,
      absoluteTolerance: 1e-11,
    }).samples.map(({ state }) => ampsAt(state));
  };

  test.each([
    ['an LED', { kind: 'led', led }],
    ['a short', { kind: 'resistor', ohms: 0.1 }],
  ] as const)('%s', (_, load) => {
    const use = new IntermittentUse({ strings: [cells], thermalVolts, leastAmps: 0 }, steps);
    use.go({ load, seconds: 900, atSeconds });
    exact(load, [0, 0, 0, 0, 0, 0]).forEach((amps, index) => {
      expect(Math.abs(use.samples[index]!.amps / amps - 1)).toBeLessThan(tolerance);
    });
  });
});
