import type { Load } from '../circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { ageing } from '@/testing/core/ageingCells';
import { discharge } from './discharge';
import { groupIdenticalCells } from './groupIdenticalCells';
import { IntermittentUse } from './intermittentUse';

const thermalVolts = ROOM_THERMAL_VOLTS;
const resistor = (ohms: number): Load => ({ kind: 'resistor', ohms });
/** One film pair only, so that closed forms hold. */
const onePair = ageing({
  fast: { ohms: 500, seconds: 8 },
  slow: { ohms: 1e-9, seconds: 240 },
});

test('resting after use, the film’s volts fall as e^(−t/τ) (closed form)', () => {
  const use = new IntermittentUse({ strings: [[onePair]], thermalVolts, leastAmps: 0 });
  use.go({ load: resistor(346), seconds: 30 }, 5);
  const film = 0.93 - use.samples.at(-1)!.volts - use.samples.at(-1)!.amps * 654;
  const lifted = use.samples.length;
  use.go({ load: null, seconds: 60 }, 30);
  for (const { seconds, volts, amps } of use.samples.slice(lifted)) {
    expect(amps).toBe(0);
    expect(volts).toBeCloseTo(0.93 - film * Math.exp(-(seconds - 30) / 8), 4);
  }
});

test('use without a rest is the same as one long use', () => {
  const strings = [[ageing(), ageing()]];
  const turns = new IntermittentUse({ strings, thermalVolts, leastAmps: 0 });
  turns.go({ load: resistor(1000), seconds: 40 }, 3);
  turns.go({ load: resistor(1000), seconds: 260 }, 3);
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
    use.go({ load: resistor(100), seconds: 300 }, 4);
    firsts.push(use.samples[before]!.amps);
    expect(use.samples.at(-1)!.amps).toBeLessThan(0.7 * firsts.at(-1)!);
    use.go({ load: null, seconds: 600 }, 4);
  }
  expect(firsts[1]! / firsts[0]!).toBeGreaterThan(0.9);
});

test('unequal strings left alone: the strong one drives current backwards through the weak one (Millman)', () => {
  const weak = ageing({ cell: { emfVolts: 0.6, resistanceOhms: 1000 } });
  const use = new IntermittentUse({ strings: [[ageing()], [weak]], thermalVolts, leastAmps: 0 });
  use.go({ load: null, seconds: 1 }, 2);
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
    use.go({ load: resistor(276), seconds: 60 }, 2);
    use.go({ load: null, seconds: 60 }, 2);
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
  const folded = groupIdenticalCells([
    [ageing(), ageing(), weak],
    [ageing(), ageing(), weak],
    [ageing(), weak, weak],
  ]);
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
