import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { nameOfTarget, requirementOf } from '../../records/plan/loadRequirement';
import type { PlanTarget } from '../../records/plan/planSchema';
import { failsWords } from '../../records/plan/targetWords';
import type { LedColour } from '../../physics/circuit/load/ledPresets';
import type { CellLeft } from '../../physics/time/dischargeRun';
import { HORIZON_SECONDS, TURNS_HORIZON_SECONDS } from './horizons';
import type { BatteryRun, RunSample } from './runBattery';
import {
  givenWords,
  brightnessStretches,
  endsByWords,
  endWords,
  fitWords,
  placesWords,
  runVerdict,
  turnsWords,
} from './runWords';
import type { IntermittentRun } from './intermittentRun';

const HOUR = 3600;
const NEED: LoadRequirement = requirementOf({ kind: 'led', colour: 'amber', brightness: 'clear' });
const sample = (seconds: number, amps: number, brightness: RunSample['brightness']): RunSample => ({
  seconds,
  volts: 1.8,
  amps,
  stringAmps: [amps],
  cellVolts: [0.5],
  brightness,
});
const RUN: BatteryRun = {
  samples: [sample(0, 2e-3, 'clear'), sample(60, 1e-3, 'dim'), sample(10 * HOUR, 0.9e-3, 'dim')],
  endSeconds: 10 * HOUR,
  end: { reason: 'metal-used-up', string: 2, cell: 3 },
  joules: 60,
  wantedUntil: 60,
  left: [],
};
const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/g, ' ');

const AMBER = { kind: 'led', colour: 'amber', brightness: 'dim' } as const;

test('an LED’s brightness comes in stretches, each until the next; nothing else has any', () => {
  expect(brightnessStretches(RUN)).toEqual([
    { band: 'clear', from: 0, until: 60 },
    { band: 'dim', from: 60, until: 10 * HOUR },
  ]);
  // It ends between two moments that are looked at.
  expect(brightnessStretches({ ...RUN, wantedUntil: 52 }).map(({ until }) => until)).toEqual([
    52,
    10 * HOUR,
  ]);
  expect(brightnessStretches({ ...RUN, wantedUntil: HOUR })[0]?.until).toBe(60);
  expect(brightnessStretches({ ...RUN, wantedUntil: null })[0]?.until).toBe(60);
  expect(brightnessStretches({ ...RUN, samples: [sample(0, 1e-3, null)] })).toEqual([]);
  expect(brightnessStretches({ ...RUN, samples: [sample(0, 0, 'dark')] })).toEqual([]);
});

test.each<[BatteryRun['end'], number, RegExp]>([
  [
    { reason: 'metal-used-up', string: 2, cell: 3 },
    3,
    /^After 10 h the − metal of cell 3 of string 2 is used up/,
  ],
  [{ reason: 'metal-used-up', string: 1, cell: 3 }, 1, /metal of cell 3 is used up/],
  [{ reason: 'dried-out', string: 1, cell: 1 }, 1, /^After 10 h cell 1 has dried out/],
  [{ reason: 'too-little-current' }, 1, /current is too small, though metal and water are left/],
  [{ reason: 'time-is-up' }, 1, /^It still runs after/],
])('what ends it, in words: %j', (end, strings, words) => {
  expect(plain(endWords({ end, endSeconds: 10 * HOUR }, strings))).toMatch(words);
});

test('long enough and bright enough; long enough but weaker; too short; not at all', () => {
  const bright = { ...RUN, wantedUntil: null };
  expect(runVerdict(bright, NEED, 40, AMBER)).toMatchObject({
    tone: 'fine',
    headline: 'Runs for about 10\u00a0h',
  });
  expect(runVerdict(RUN, NEED, 1, AMBER)).toMatchObject({ tone: 'fine' });
  const weaker = runVerdict(RUN, NEED, 40, AMBER);
  expect(weaker).toMatchObject({ tone: 'wrong' });
  expect(weaker.headline).toMatch(/^Runs for about 10\sh, bright enough for 60\ss only$/);
  expect(weaker.details.map(plain)).toEqual(['clear until 60 s, dim until 10 h', '40 min wanted']);
  expect(runVerdict(RUN, NEED, 700, AMBER)).toMatchObject({
    tone: 'wrong',
    headline: 'Runs only about 10\u00a0h',
  });
  for (const never of [
    { ...RUN, samples: [] },
    { ...RUN, endSeconds: 0 },
  ]) {
    expect(runVerdict(never, NEED, 40, AMBER)).toMatchObject({
      tone: 'wrong',
      headline: 'The amber LED stays dark',
    });
  }
  const weeks = { ...bright, end: { reason: 'time-is-up' }, endSeconds: HORIZON_SECONDS } as const;
  expect(runVerdict(weeks, NEED, 40, AMBER).headline).toBe('Runs for weeks');
});

test.each<[CellLeft['strings'], CellLeft['cells'], string]>([
  [[1], [1], 'cell 1'],
  [[1], [1, 2, 3, 4], 'cells 1–4'],
  [[1, 2, 3], [1, 2, 4], 'cells 1–2, 4 of strings 1–3'],
  [[2], [5], 'cell 5 of string 2'],
  [[1, 3], [2], 'cell 2 of strings 1, 3'],
])('cells that are alike: strings %j, cells %j', (strings, cells, words) => {
  expect(placesWords({ strings, cells })).toBe(words);
});

test('what would end a cell; beyond a year nobody says', () => {
  const left = {
    strings: [1],
    cells: [1],
    metalShare: 0.5,
    waterShare: 0.9,
    freshShare: 1,
  } as const;
  expect(plain(endsByWords({ ...left, endsBy: 'dried-out', endsSeconds: 2 * HOUR }))).toBe(
    'dry after 2 h',
  );
  expect(plain(endsByWords({ ...left, endsBy: 'metal-used-up', endsSeconds: 14 * HOUR }))).toBe(
    'metal used up after 14 h',
  );
  expect(plain(endsByWords({ ...left, endsBy: 'dried-out', endsSeconds: Infinity }))).toMatch(
    /^nothing/,
  );
});

test('a refit says what it changed and by how much it is better', () => {
  const words = fitWords(
    { factors: { films: 1.5, size: 0.8 }, points: 5, misfitBefore: 4.2, misfitAfter: 0.9 },
    'group Tern',
  );
  expect(words).toContain('5 readings of group Tern');
  expect(words).toContain('1.5 ×');
  expect(words).toContain('0.8 ×');
  expect(words).toContain('from 4.2 to 0.9');
});

test('what it has given stands beside bought cells', () => {
  expect(plain(givenWords(900))).toBe('900 J: as much as 10 % of what a bought AA cell holds');
  expect(plain(givenWords(9180))).toBe('9180 J: as much as 100 % of what a bought AA cell holds');
  expect(plain(givenWords(18_900))).toBe('18.9 kJ: as much as 2.1 bought AA cells hold');
});

test('use in turns: how many, how much use, and that the rest helps', () => {
  const turns: IntermittentRun = {
    samples: [],
    turns: [
      { seconds: 0, firstAmps: 2e-3, lastAmps: 1e-3 },
      { seconds: 900, firstAmps: 1.6e-3, lastAmps: 0.9e-3 },
    ],
    usedSeconds: 600,
    endSeconds: 1200,
    end: { reason: 'dried-out', string: 1, cell: 2 },
    joules: 1,
  };
  const { headline, detail } = turnsWords(turns, 1);
  expect(plain(headline)).toBe('2 turns, 10 min of use, until 20 min after the start');
  expect(plain(detail)).toContain('falls from 2 mA to 1 mA; rested, it starts again at 1.6 mA.');
  expect(detail).toContain('cell 2 has dried out');
  const goesOn = turnsWords(
    { ...turns, end: { reason: 'time-is-up' }, endSeconds: TURNS_HORIZON_SECONDS },
    1,
  );
  expect(goesOn.headline).toMatch(/^Still works after/);
  expect(goesOn.detail).not.toContain('dried out');
  const once = turnsWords({ ...turns, turns: turns.turns.slice(0, 1) }, 1);
  expect(plain(once.detail)).toContain('falls from 2 mA to 1 mA. ');
  const steady = { seconds: 0, firstAmps: 1e-5, lastAmps: 0.9999e-5 };
  const asEver = turnsWords({ ...turns, turns: [steady, steady] }, 1);
  expect(plain(asEver.detail)).toMatch(/^In the first turn the current stays at 10 µA\. After/);
  expect(turnsWords({ ...turns, turns: [] }, 1).headline).toMatch(/^0 turns/);
});

test('several LEDs are more than one, and side by side some may shine all the same', () => {
  const colours: LedColour[] = ['red', 'blue'];
  const leds = { kind: 'leds', colours, joined: 'side-by-side', brightness: 'dim' } as const;
  const said = (target: PlanTarget) => plain(failsWords(target, nameOfTarget(target)));
  expect([
    said(leds),
    said({ ...leds, joined: 'in-a-row' }),
    said({ ...leds, colours: ['red', 'red'] }),
    said({ kind: 'led', colour: 'amber', brightness: 'dim' }),
    said({ kind: 'capacitor', farads: 1, volts: 3, withinMinutes: 5 }),
  ]).toEqual([
    'Red and blue LEDs do not all light',
    'Red and blue LEDs stay dark',
    'Two red LEDs stay dark',
    'The amber LED stays dark',
    'The capacitor of 1 F is not charged in time',
  ]);
});
