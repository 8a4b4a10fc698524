import type { BatteryCandidate, PlannerQuestion } from '../search/plannerTypes';
import { cellWithModel, usualCell } from '../../../testing/core/cells';
import type { SeriesResistor } from '../../records/plan/planSchema';
import { shortestOf } from '../../physics/desk/desk';
import { agedStrings } from '../search/batteryInTime';
import { KNOWN_LEVEL } from '../../physics/chance/scatter';
import { gridsFor, weakCell } from '../search/searchGrids';
import { laidOutGrid } from '../../physics/desk/deskEdits';
import { type Desk, gridDesk } from '../../physics/desk/desk';
import { gridCurve } from '../../physics/circuit/battery/sourceCurve';
import { LED_LIMIT_AMPS } from '../../physics/circuit/load/led';
import { ledModelOf } from '../../physics/circuit/load/ledPresets';
import { loadVolts } from '../../physics/circuit/load/load';
import { DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { RECIPES } from '../../physics/recipes/recipes';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import { requirementOf } from '../../records/plan/loadRequirement';
import { newPlan } from '../../records/plan/newPlan';
import { combinationsFor } from '../search/combinations';
import { evaluatePlan } from '../judging/evaluatePlan';
import { litWiring } from './litWords';
import { comparisonOf, planBatteries, PLANNER_DEFAULTS } from '../search/planBatteries';
import {
  isWithinLimit,
  limitOfTarget,
  neededOhms,
  onStrongClass,
  strongCell,
} from '../search/loadLimits';
import type { LitThing } from '../search/whatCanBeLit';
import { wiringReason } from '../search/wiringReason';

const CELL = { emfVolts: 1, resistanceOhms: 100 };
const redLed = requirementOf({ kind: 'led', colour: 'red', brightness: 'dim' });

describe('grids on straight cells', () => {
  /**
   * @check least strings of a length
   * @origin closed form: n cells of 1 V and 100 Ω give (n − V)/(100·n) a string at V volts
   * @tolerance the same numbers
   */
  test('1 mA at 1.5 V: one cell never, longer strings by Ohm’s law', () => {
    const grids = gridsFor(CELL, { volts: 1.5, amps: 1e-2 }, { longest: 6 });
    expect(grids.map(({ cellsInSeries, strings }) => [cellsInSeries, strings])).toEqual(
      [2, 3, 4, 5, 6].map((n) => [n, Math.ceil(1e-2 / ((n - 1.5) / (100 * n)) - 1e-9)]),
    );
    for (const { cells, cellsInSeries, strings } of grids)
      expect(cells).toBe(cellsInSeries * strings);
  });

  test('rounding buys no string more; lengths may begin later and go in steps', () => {
    // Four of these cells in a string give exactly 6.25 mA at 1.5 V.
    const exactly = { volts: 1.5, amps: 2 * 6.25e-3 };
    const [four] = gridsFor(CELL, exactly, { shortest: 4, longest: 4 });
    expect(four?.strings).toBe(2);
    const stepped = gridsFor(CELL, exactly, { shortest: 2, longest: 9, step: 3 });
    expect(stepped.map(({ cellsInSeries }) => cellsInSeries)).toEqual([2, 5, 8]);
    const [whatever] = gridsFor(CELL, { volts: 0.5, amps: 0 }, { longest: 1 });
    expect(whatever?.strings).toBe(1);
  });
});

describe('weak and strong cells', () => {
  const curve = {
    ...CELL,
    activation: { slopeVolts: 0.04, exchangeAmps: 8e-6 },
    limitingAmps: 4e-3,
  };

  test('a weak cell is one deviation short in everything; a straight one has no more to it', () => {
    const weak = weakCell(curve, KNOWN_LEVEL);
    const more = 1 + CLASS_SCATTER.resistanceLog;
    expect(weak.emfVolts).toBeCloseTo(1 - CLASS_SCATTER.emfShare, 12);
    expect(weak.resistanceOhms).toBeCloseTo(100 * more, 9);
    expect(weak.activation).toEqual({ slopeVolts: 0.04, exchangeAmps: 8e-6 / more });
    expect(weak.limitingAmps).toBeCloseTo(4e-3 / more, 12);
    expect(weakCell(CELL, KNOWN_LEVEL)).toMatchObject({
      activation: undefined,
      limitingAmps: undefined,
    });
  });

  test('a strong battery is two deviations up, and strays less the more cells it has', () => {
    const one = strongCell(CELL, 1);
    expect(one.emfVolts).toBeCloseTo(1 + 2 * CLASS_SCATTER.emfShare, 12);
    expect(one.resistanceOhms).toBeCloseTo(100 / Math.exp(2 * CLASS_SCATTER.resistanceLog), 9);
    const many = strongCell(CELL, 16);
    expect(many.emfVolts - 1).toBeCloseTo((one.emfVolts - 1) / 4, 12);
    expect(many.resistanceOhms).toBeGreaterThan(one.resistanceOhms);
  });
});

describe('the resistor in series', () => {
  const limit = limitOfTarget({ kind: 'led', colour: 'red', brightness: 'dim' });
  if (limit === null) throw new Error('an LED has its limit');

  /**
   * @check the resistor of an LED
   * @origin closed form: (V − V_LED)/I, the next value of E12 up (IEC 60063)
   * @tolerance the same value
   */
  test('9 V of strong cells take 360 Ω and more, so 390 Ω; weak ones take none', () => {
    const nine = gridCurve({ emfVolts: 9, resistanceOhms: 1e-6 }, 1, 1);
    const led = { kind: 'led', led: ledModelOf('red') } as const;
    const held = loadVolts(led, LED_LIMIT_AMPS.continuous, ROOM_THERMAL_VOLTS);
    const least = (9 - held) / LED_LIMIT_AMPS.continuous;
    const ohms = neededOhms(nine, redLed, limit);
    expect(ohms).toBeGreaterThanOrEqual(least);
    expect(ohms).toBeLessThan(1.22 * least);
    expect([10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82]).toContain(ohms / 10);
    expect(neededOhms(gridCurve(CELL, 2, 1), redLed, limit)).toBe(0);
  });

  test('a device is held at its most volts; what is borne, and what has no limit', () => {
    const clock = { kind: 'device', device: 'lcd-clock', leastVolts: 1.2, amps: 1e-5 } as const;
    const held = limitOfTarget(clock);
    expect(held).toEqual({ kind: 'volts', most: DEVICE_PRESETS['lcd-clock'].mostVolts });
    expect(isWithinLimit(held, { amps: 9, volts: DEVICE_PRESETS['lcd-clock'].mostVolts })).toBe(
      true,
    );
    expect(
      isWithinLimit(held, { amps: 0, volts: DEVICE_PRESETS['lcd-clock'].mostVolts + 0.01 }),
    ).toBe(false);
    expect(isWithinLimit(limit, { amps: LED_LIMIT_AMPS.continuous * 1.01, volts: 0 })).toBe(false);
    expect(limitOfTarget({ kind: 'resistor', ohms: 1000, wantedAmps: 1e-3 })).toBeNull();
    expect(isWithinLimit(null, { amps: 9, volts: 9 })).toBe(true);
  });

  test('the chosen one counts as it is; none, or nothing to hold, changes nothing', () => {
    const strong = gridDesk(cellWithModel({ emfVolts: 9, resistanceOhms: 1 }), 1, 1);
    const ask = (resistor: SeriesResistor, held: typeof limit | null = limit) =>
      onStrongClass(strong, { need: redLed, resistor, limit: held }).need;
    expect(ask({ kind: 'own', ohms: 470 }).load).toMatchObject({ resistorOhms: 470 });
    expect(ask({ kind: 'none' })).toBe(redLed);
    expect(ask({ kind: 'as-needed' }, null)).toBe(redLed);
    expect(ask({ kind: 'as-needed' }).load).not.toEqual(redLed.load);
  });
});

test.each([
  [2, 4, 'about twice what the load holds'],
  [2, 3.5, 'about twice what the load holds'],
  [2, 2.8, 'little to spare'],
  [2, 5, 'steadier if a cell or a joint is poor'],
])('a load of %p V on %p V open: %s', (volts, openVolts, words) => {
  const need = { ...redLed, volts };
  expect(wiringReason({ strings: 1 }, { openVolts, need })).toContain(words);
});

test('between tight and best match the number of strings gives the reason', () => {
  const facts = { openVolts: 3.2, need: { ...redLed, volts: 2 } };
  expect(wiringReason({ strings: 1 }, facts)).toContain('one short string is enough');
  expect(wiringReason({ strings: 2 }, facts)).toContain('shorter strings, more of them');
});

describe('order of candidates', () => {
  const facts = (change: Partial<BatteryCandidate>): BatteryCandidate =>
    ({
      cells: 6,
      pairs: 6,
      price: 100,
      hours: 5,
      chance: 0.97,
      foodGrams: 300,
      recommended: true,
      atEnd: { amps: 1e-3 },
      ...change,
    }) as unknown as BatteryCandidate;

  test.each([
    ['fewest-cells', { cells: 5 }],
    ['lowest-cost', { price: 99 }],
    ['brightest', { atEnd: { amps: 2e-3 } }],
    ['longest', { hours: 6 }],
    ['surest', { chance: 0.99 }],
    ['least-waste', { foodGrams: 200 }],
  ] as const)('%s goes by its own figure, recommended ones before it', (objective, better) => {
    const compare = comparisonOf(objective);
    const one = facts(better as Partial<BatteryCandidate>);
    expect(compare(one, facts({}))).toBeLessThan(0);
    expect(compare(facts({}), one)).toBeGreaterThan(0);
    const doubtful = facts({ ...(better as Partial<BatteryCandidate>), recommended: false });
    expect(compare(doubtful, facts({}))).toBeGreaterThan(0);
  });

  test('ties go to fewer cells, then fewer pairs, then the surer one; no price is never the cheapest', () => {
    const compare = comparisonOf('lowest-cost');
    expect(compare(facts({ price: null }), facts({}))).toBeGreaterThan(0);
    expect(compare(facts({ price: null, cells: 5 }), facts({ price: null }))).toBeLessThan(0);
    expect(compare(facts({ pairs: 5 }), facts({}))).toBeLessThan(0);
    expect(compare(facts({ chance: 0.98 }), facts({}))).toBeLessThan(0);
    expect(comparisonOf('longest')(facts({ hours: Infinity }), facts({ hours: Infinity }))).toBe(0);
  });
});

describe('why a family gives nothing', () => {
  const fruit = usualCell(RECIPES['copper-zinc-fruit']);
  const ask = (change: Partial<PlannerQuestion>) =>
    planBatteries({
      need: redLed,
      limit: null,
      resistor: { kind: 'as-needed' },
      minutes: 10,
      running: USUAL_RUNNING,
      cells: [fruit],
      objective: 'fewest-cells',
      mostCells: PLANNER_DEFAULTS.mostCells,
      mostPairs: 1,
      mayCut: false,
      mostPrice: null,
      mostCandidates: 3,
      ...change,
    }).impossible.map(({ limit, explanation }) => [limit, explanation] as const);

  test.each([
    ['time', { minutes: 60 * 24 * 30 }, /after about .*are wanted/],
    ['volts', { need: { ...redLed, volts: 200 } }, /never reach the voltage/],
    ['amps', { need: { ...redLed, amps: 0.02 } }, /at least \d+ cells; 100 is the most/],
    ['price', { mostPrice: 1 }, /price unknown; set it in the cupboard/],
  ] as const)('%s', (limit, change, words) => {
    expect(ask(change as Partial<PlannerQuestion>)).toEqual([
      [limit, expect.stringMatching(words)],
    ]);
  });

  test('parts that lack are named, with the wiring that would take them', () => {
    const [[limit, words] = ['', '']] = ask({
      supply: {
        prices: { entries: {} },
        have: { 'led-red': 1 },
        load: [{ part: 'led-red', amount: 1 }],
      },
    });
    expect(limit).toBe('stock');
    expect(words).toMatch(/missing for \d+ × \d+\.$/);
  });
});

test('a booster or a capacitor says with how many cells; nothing feeds a load beyond both', () => {
  const found = combinationsFor(CELL, redLed);
  expect(found.map(({ kind }) => kind)).toEqual(['booster', 'capacitor']);
  const capacitor = found.find(({ kind }) => kind === 'capacitor');
  expect(capacitor?.cellsInSeries).toBe(Math.ceil((1.5 * redLed.volts) / 1));
  expect(capacitor?.wording).toMatch(/charged by \d+ in series for 5\smin/);
  expect(combinationsFor({ emfVolts: 0.01, resistanceOhms: 1e6 }, redLed)).toEqual([]);
});

describe('words of a lit thing’s wiring', () => {
  const option = { recipe: 'copper-zinc-fruit', body: 'kiwi', piece: 'whole' } as const;
  const words = (
    cellsInSeries: number,
    strings: number,
    pairsPerBody: number,
    piece: 'whole' | 'half' = 'whole',
  ): string =>
    litWiring({
      option: { ...option, piece } as LitThing['option'],
      candidate: {
        cells: cellsInSeries * strings,
        cellsInSeries,
        strings,
        pairsPerBody,
      } as LitThing['candidate'],
    });

  test('one, a string, side by side, both, and more metal in each', () => {
    expect(words(1, 1, 1)).toBe('1 kiwi');
    expect(words(3, 1, 1)).toBe('3 kiwis in series');
    expect(words(1, 3, 1)).toBe('3 kiwis side by side');
    expect(words(3, 2, 1)).toBe('6 kiwis, 3 in series × 2');
    expect(words(3, 1, 2)).toBe('3 kiwis in series, 2 pairs of metal in each');
    expect(words(2, 1, 1, 'half')).toMatch(/^2 .*kiwi.* in series$/);
  });
});

describe('a desk in time', () => {
  const { desk } = evaluatePlan({ ...newPlan('Time'), arrangement: laidOutGrid(3, 2) });

  test('what changes in a group: its shortest string, so many times as large', () => {
    const [items = []] = desk.strings;
    const [one] = items;
    if (one?.kind !== 'cell') throw new Error('no cell');
    const grouped = {
      loadReversed: false,
      grid: null,
      strings: [[{ kind: 'group', name: 'g', strings: [[one, one], [one], [one, one]] }, one]],
    } as Desk;
    const { cells: aged = [] } = agedStrings(grouped, USUAL_RUNNING)[0] ?? {};
    expect(aged).toHaveLength(2);
    const [three, alone] = aged;
    expect(three?.cell.resistanceOhms).toBeCloseTo((alone?.cell.resistanceOhms ?? 0) / 3, 9);
    // Three − electrodes give three times the charge.
    expect((three?.metalCoulombs ?? 0) / (alone?.metalCoulombs ?? 1)).toBeCloseTo(3, 9);
    expect(shortestOf([[1, 2], [3], [4]])).toEqual([3]);
  });
});
