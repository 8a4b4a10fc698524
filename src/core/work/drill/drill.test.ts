import { CURRENT_RANGE_FACTS } from '../../physics/instruments/meter';
import { drillHint, drillLoss, drillPar, type TakenReading } from './drillHints';
import { drillSheets } from './drillSheets';
import { faultName } from './drillWords';
import { drillScore, judgeAnswer } from './judgeAnswer';
import { DRILL_LEVELS, type DrillFault } from './levels';
import { drillKeySchema, HIGHEST_DRILL, makeDrill, type Drill } from './makeDrill';
import { knownReading, probingFor, readDrill, type Clip, type Probing } from './probing';

const left = (cell: number, string = 1): Clip => ({ string, cell, side: 'left' });
const right = (cell: number, string = 1): Clip => ({ string, cell, side: 'right' });
const end = (cell: number, string = 1): Clip => ({ string, cell, side: 'end' });
const value = (drill: Drill, probing: Probing): number => {
  const display = readDrill(drill, probing);
  if (display.status !== 'reads') throw new Error(display.status);
  return display.value;
};
const across = (red: Clip, black: Clip, range: Probing['range'] = '20 V'): Probing => ({
  red,
  black,
  range,
  meanwhile: 'nothing',
});

/** First drill of a level that hides one fault of a kind. */
function drillWith(level: number, kind: DrillFault): Drill {
  for (let seed = 1; seed < 400; seed += 1) {
    const drill = makeDrill({ level, seed });
    if (drill.hidden.length === 1 && drill.hidden[0]?.kind === kind) return drill;
  }
  throw new Error(kind);
}

test('the same number is the same drill for a whole class, another number another', () => {
  expect(makeDrill({ level: 3, seed: 17 })).toEqual(makeDrill({ level: 3, seed: 17 }));
  expect(makeDrill({ level: 3, seed: 18 })).not.toEqual(makeDrill({ level: 3, seed: 17 }));
  expect(drillKeySchema.safeParse({ level: '9', seed: '0' }).error?.issues).toHaveLength(2);
});

test('levels keep their promise: kinds, number of faults, sometimes none', () => {
  for (const { level, faults, each, strings } of DRILL_LEVELS) {
    const drills = Array.from({ length: 120 }, (_, index) => makeDrill({ level, seed: index + 1 }));
    for (const { hidden } of drills) {
      expect(hidden.every(({ kind }) => faults.includes(kind))).toBe(true);
      expect(hidden.length).toBeLessThanOrEqual(each ? strings : 1);
    }
    const sound = drills.filter(({ hidden }) => hidden.length === 0).length;
    if (each) expect(sound).toBe(0);
    else expect(sound).toBeGreaterThan(5);
    expect(new Set(drills.flatMap(({ hidden }) => hidden.map(({ kind }) => kind))).size).toBe(
      faults.length,
    );
  }
});

test('the meter: sum of the cells, its shunt, its ranges, its own error within ±0.5 %', () => {
  const drill = makeDrill({ level: 1, seed: 4 });
  const items = drill.built[0]!;
  const turned = drill.hidden.map(({ cell }) => cell - 1);
  const emf = items.reduce(
    (sum, { cell }, index) => sum + (turned.includes(index) ? -1 : 1) * cell.emfVolts,
    0,
  );
  const ohms = items.reduce((sum, { cell }) => sum + cell.resistanceOhms, 0);
  expect(Math.abs(drill.meterGain)).toBeLessThanOrEqual(0.005);
  expect(Math.abs(value(drill, across(end(4), left(1))) / emf - 1)).toBeLessThan(0.012);
  // Kirchhoff: the shunt of the range stands in the circuit.
  for (const range of ['2 mA', '20 mA'] as const) {
    const amps = emf / (ohms + CURRENT_RANGE_FACTS[range].shuntOhms);
    expect(Math.abs(value(drill, across(end(4), left(1), range)) / amps - 1)).toBeLessThan(0.025);
  }
  expect(readDrill(drill, across(end(4), left(1), '200 mV')).status).toBe('over-range');
  expect(value(drill, across(left(1), end(4)))).toBe(-value(drill, across(end(4), left(1))));
  expect(value(drill, across(left(2), left(2)))).toBe(0);
});

test('a poor contact and a dry cell: the same string current, told apart at the cell’s own clips', () => {
  for (const kind of ['poor-contact', 'dry'] as const) {
    const drill = drillWith(3, kind);
    const { cell } = drill.hidden[0]!;
    expect(value(drill, across(end(5), left(1)))).toBeGreaterThan(4);
    expect(value(drill, across(end(5), left(1), '20 mA'))).toBeLessThan(0.7e-3);
    const own = value(drill, across(right(cell), left(cell), '20 mA'));
    if (kind === 'dry') expect(own).toBeLessThan(0.2e-3);
    else expect(own).toBeGreaterThan(0.5e-3);
  }
});

test('touching metals and the same metal twice: both no step, told apart with the ends joined', () => {
  for (const kind of ['shorted', 'same-metal'] as const) {
    const drill = drillWith(3, kind);
    const { cell } = drill.hidden[0]!;
    const probes = across(cell === 5 ? end(5) : left(cell + 1), left(cell));
    expect(Math.abs(value(drill, probes))).toBeLessThan(0.02);
    const joined = value(drill, { ...probes, meanwhile: 'joined' });
    if (kind === 'shorted') expect(Math.abs(joined)).toBeLessThan(0.02);
    else expect(joined).toBeLessThan(-0.2);
  }
});

test('a lifted lead opens the string there; between two strings nothing is read', () => {
  const drill = makeDrill({ level: 4, seed: 3 });
  const lifted = { ...across(end(4), left(1)), meanwhile: 2 } as const;
  expect(value(drill, lifted)).toBe(0);
  expect(value(drill, across(end(4, 1), left(1, 2)))).toBe(0);
});

test('readings are known to the fault finder as what they are, whichever way round the probes', () => {
  expect(knownReading(5, across(left(4), left(1)), 2.8)).toEqual({
    measurement: { kind: 'volts', string: 1, from: 1, to: 3, built: 5, beyond: true },
    value: 2.8,
  });
  expect(knownReading(5, across(right(3), left(1)), 2.8)?.measurement).toEqual({
    kind: 'volts',
    string: 1,
    from: 1,
    to: 3,
    built: 5,
  });
  expect(knownReading(5, across(left(1), end(5)), -4.6)?.value).toBe(4.6);
  expect(knownReading(5, across(right(2), left(2), '20 mA'), -1e-3)).toEqual({
    measurement: { kind: 'cell-short', string: 1, cell: 2 },
    value: 1e-3,
  });
  expect(knownReading(5, { ...across(left(4), left(1)), meanwhile: 2 }, 2)).toBeNull();
  expect(knownReading(5, across(right(4), right(2)), 2)).toBeNull();
  for (const kind of ['volts', 'shorted-volts', 'short', 'cell-short'] as const) {
    const measurement = { kind, string: 2, from: 1, to: 3, built: 5, cell: 3 } as never;
    const probing = probingFor(measurement, 5)!;
    expect(knownReading(5, probing, 1)?.measurement.kind).toBe(kind);
  }
});

test.each([2, 5])(
  'level %p: hints lead to the fault, and the finder needs few measurements',
  (level) => {
    const key = { level, seed: 11 };
    const drill = makeDrill(key);
    const taken: TakenReading[] = [];
    for (let step = 0; step < 14; step += 1) {
      const hint = drillHint(key, taken);
      if (hint === null) break;
      expect(hint.bits).toBeGreaterThan(0);
      const display = readDrill(drill, hint.probing);
      taken.push({
        probing: hint.probing,
        value: display.status === 'reads' ? display.value : null,
      });
    }
    expect(taken.length).toBeGreaterThanOrEqual(drill.level.strings);
    expect(drillHint(key, taken)).toBeNull();
  },
);

test('the fault finder finds what is hidden in nearly all drills, with few measurements', () => {
  // A few of each level; sixty of them were tried once, and at most one of twelve misled the finder.
  for (const { level, strings } of DRILL_LEVELS) {
    const seeds = strings > 1 ? [100] : [100, 101, 102];
    const pars = seeds.map((seed) => drillPar({ level, seed }));
    expect(pars.map(({ right }) => right)).toEqual(seeds.map(() => true));
    for (const { measurements } of pars) {
      expect(measurements).toBeGreaterThanOrEqual(strings);
      expect(measurements).toBeLessThanOrEqual(8 * strings);
    }
  }
});

test('an answer is judged string by string, and scored against the finder', () => {
  const drill = drillWith(4, 'dry');
  const { string, cell } = drill.hidden[0]!;
  const named = (kind: DrillFault, at = cell) =>
    drill.built.map((_, index) => (index + 1 === string ? { cell: at, kind } : null));
  expect(judgeAnswer(drill, named('dry'))).toEqual(['right', 'right']);
  expect(judgeAnswer(drill, named('open'))[string - 1]).toBe('right-cell');
  expect(judgeAnswer(drill, named('dry', (cell % 4) + 1))[string - 1]).toBe('right-kind');
  expect(judgeAnswer(drill, [null, null])[string - 1]).toBe('wrong');
  expect(drillScore({ lost: 0, hints: 0, wrongAnswers: 0 }, 4)).toBe(100);
  expect(drillScore({ lost: 0, hints: 2, wrongAnswers: 1 }, 4)).toBe(50);
  expect(drillScore({ lost: 1, hints: 0, wrongAnswers: 0 }, 4)).toBe(80);
});

test('scored by information: the finder’s own readings lose nothing, a careful first look is free, twice the same is not', () => {
  const key = { level: 2, seed: 11 };
  const drill = makeDrill(key);
  const taken = (probing: Probing): TakenReading => {
    const display = readDrill(drill, probing);
    return { probing, value: display.status === 'reads' ? display.value : null };
  };
  const best: TakenReading[] = [];
  for (let hint = drillHint(key, best); hint !== null; hint = drillHint(key, best)) {
    best.push(taken(hint.probing));
  }
  expect(best.length).toBeGreaterThan(0);
  // The finder weighs effort too, so it may pass over a reading that tells a little more.
  expect(drillLoss(key, best)).toBeLessThan(0.2 * best.length);
  const first = taken(across(left(2), left(1), '2 V'));
  expect(drillLoss(key, [first])).toBe(0);
  expect(drillLoss(key, [first, first])).toBe(1);
  expect(drillLoss(key, [first, taken(across(end(5), left(1), '200 mV'))])).toBe(1);
  expect(drillLoss(key, [...best, first])).toBeCloseTo(drillLoss(key, best) + 0.5, 9);
});

test('hints use what their level has: the first has volts only', () => {
  for (const seed of [1, 2, 3, 4]) {
    const key = { level: 1, seed };
    const readings: TakenReading[] = [];
    for (let hint = drillHint(key, readings); hint !== null; hint = drillHint(key, readings)) {
      expect(hint.probing).toMatchObject({
        meanwhile: 'nothing',
        range: expect.stringMatching(/V$/),
      });
      const display = readDrill(makeDrill(key), hint.probing);
      readings.push({
        probing: hint.probing,
        value: display.status === 'reads' ? display.value : null,
      });
    }
    expect(readings.length).toBeGreaterThan(0);
  }
});

test('on paper: the readings without the answer, the key on a page of its own', () => {
  const [questions, key] = drillSheets({ level: 2, seed: 5 }, 3);
  const text = JSON.stringify(questions?.blocks);
  expect(text).not.toMatch(/wrong way round|metals touch/);
  expect(text.match(/Battery \d/g)).toHaveLength(3);
  expect(text.match(/Group: __/g)).toHaveLength(3);
  // Each stays on one page, with a picture of as many cells as its table has columns.
  for (const block of questions?.blocks ?? []) {
    const inside = block.kind === 'together' ? block.blocks : [];
    const picture = inside.find(({ kind }) => kind === 'desk');
    const table = inside.find(({ kind }) => kind === 'table');
    expect(picture?.kind === 'desk' && picture.desk?.grid?.cellsInSeries).toBe(
      table?.kind === 'table' ? table.header.length - 1 : null,
    );
  }
  const rows = key?.blocks[0]?.kind === 'table' ? key.blocks[0].rows : [];
  expect(rows.map(([, number]) => number)).toEqual(['5', '6', '7']);
  const wrapped = drillSheets({ level: 2, seed: HIGHEST_DRILL }, 2)[1]?.blocks[0];
  expect(wrapped?.kind === 'table' && wrapped.rows.map(([, number]) => number)).toEqual([
    String(HIGHEST_DRILL),
    '1',
  ]);
  rows.forEach(([, , wrong], index) => {
    const drill = makeDrill({ level: 2, seed: 5 + index });
    const [hidden] = drill.hidden;
    expect(wrong).toBe(hidden === undefined ? 'nothing' : faultName(drill, hidden));
  });
});
