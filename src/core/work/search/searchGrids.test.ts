import { CLASS_SCATTER, KNOWN_LEVEL } from '../../physics/chance/scatter';
import { wishFor } from '../../../testing/core/wishes';
import { longestString, planGrids } from './planGrids';
import { chanceOfGrid, gridsFor, modelAtEnd, searchGrids, weakCell } from './searchGrids';

const CELL = { emfVolts: 1, resistanceOhms: 100 };

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

test('a weak cell is one deviation short in everything; a straight one has no more to it', () => {
  const curve = {
    ...CELL,
    activation: { slopeVolts: 0.04, exchangeAmps: 8e-6 },
    limitingAmps: 4e-3,
  };
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

const amber = wishFor(
  { emfVolts: 0.93, resistanceOhms: 654 },
  { kind: 'led', colour: 'amber', brightness: 'clear' },
);
const LIMITS = { longest: 7, mostCells: 40, leastChance: 0.95 };

test('of each length the fewest strings that do, fewest cells first, and no more than are wanted', () => {
  const tried = Array.from({ length: LIMITS.longest }, (_, index) => index + 1).flatMap(
    (cellsInSeries) => {
      for (let strings = 1; strings * cellsInSeries <= LIMITS.mostCells; strings += 1) {
        const chance = chanceOfGrid(amber, { cellsInSeries, strings }, 0);
        if (chance >= 0.95) return [{ cellsInSeries, strings, cells: cellsInSeries * strings }];
      }
      return [];
    },
  );
  expect(tried.length).toBeGreaterThan(2);
  const byCells = tried.sort((a, b) => a.cells - b.cells || a.strings - b.strings);
  for (const wanted of [1, 2, 9]) {
    const found = searchGrids(amber, { ...LIMITS, wanted });
    expect(found.map(({ chance, ...grid }) => grid)).toEqual(byCells.slice(0, wanted));
    for (const { chance } of found) expect(chance).toBeGreaterThanOrEqual(0.95);
  }
});

test('parts are kept to, and what they are not enough for is no wiring', () => {
  const [first] = searchGrids(amber, { ...LIMITS, wanted: 1 });
  if (first === undefined) throw new Error('nothing found');
  const enough = (mostStrings: (cellsInSeries: number) => number) =>
    searchGrids({ ...amber, mostStrings }, { ...LIMITS, wanted: 9 });
  expect(enough(() => 0)).toEqual([]);
  const alone = enough((length) => (length === first.cellsInSeries ? first.strings : 0));
  expect(alone).toEqual([first]);
  expect(enough((length) => (length === first.cellsInSeries ? first.strings - 1 : 0))).toEqual([]);
});

/**
 * @check the least number of cells that a class of weak cells would take
 * @origin closed form: m·n, n = I·m·r/(m·E − V), over every length that is safe
 * @tolerance the same number
 */
test('what takes too many cells says how many, of a class one deviation short', () => {
  const [emfVolts, resistanceOhms] = [0.93, 654];
  const target = { kind: 'resistor', ohms: 100, wantedAmps: 0.02 } as const;
  const wish = { ...wishFor({ emfVolts, resistanceOhms }, target), limit: null };
  const { volts, amps } = wish.need;
  const plan = planGrids(wish);
  const aged = modelAtEnd(wish, 1);
  const weak = weakCell(aged, KNOWN_LEVEL);
  const needed = Array.from({ length: longestString(emfVolts) }, (_, index) => index + 1).map(
    (m) => {
      const ofString = (m * weak.emfVolts - volts) / (m * weak.resistanceOhms);
      return ofString > 0 ? m * Math.ceil(amps / ofString - 1e-9) : Infinity;
    },
  );
  expect(plan).toEqual({ status: 'impossible', limit: 'amps', cellsNeeded: Math.min(...needed) });
});
