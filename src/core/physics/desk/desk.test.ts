import { cellWithModel } from '../../../testing/core/cells';
import fc from 'fast-check';
import {
  theveninInParallel,
  theveninInSeries,
  type TheveninSource,
} from '../circuit/battery/sourceCurve';
import { cellAmpsAt } from '../cell/cellModel';
import { faultyCell } from '../circuit/faults/batterySpec';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { requirementOf } from '../../records/plan/loadRequirement';
import { newPlan } from '../../records/plan/newPlan';
import { cellsOf, deskOf, gridDesk, withoutFaults, faultCount, type Desk } from './desk';
import {
  asGrid,
  cellAt,
  laidOutGrid,
  withCell,
  withCellAfter,
  withCellBeside,
  withFaultToggled,
  withItemMoved,
  withoutCell,
  withFaultsRemoved,
  withSharedBody,
  withShare,
  withStringCount,
  withStringsOfLength,
  type DeskPlace,
  type FaultKind,
} from './deskEdits';
import {
  cellsIn,
  deskArrangementSchema,
  PLAIN_CELL,
  type DeskArrangement,
  type DeskItem,
} from './deskSchema';
import { FAULT_WORDS, faultsFor, faultsWithReasons } from './faultWords';
import { placesOfString } from '../../work/diagnosis/placesOfString';
import { maxPowerOfDesk } from './maxPowerOfDesk';
import { deskCurve, deskShortAmps, loadOnDesk, solveDesk } from './solveDesk';

const fresh = newPlan('x');
const kiwi = cellWithModel({ emfVolts: 0.93, resistanceOhms: 654 });
const curved = cellOfPlan(fresh);
const amber = requirementOf({ kind: 'led', colour: 'amber', brightness: 'clear' }).load;
const at = (string: number, item: number): DeskPlace => ({ string, item, within: null });
const laidOut = (desk: DeskArrangement, cell = kiwi): Desk => deskOf(desk, cell);
/** The same grid, but sent through the network solver. */
const asNetwork = (desk: Desk): Desk => ({ ...desk, grid: null });

test.each([
  ['ideal sources', kiwi],
  ['polarisation curves', curved],
])('short formulas and network solver agree on grids of %s', (_, cell) => {
  for (const [cells, strings] of [
    [1, 1],
    [4, 3],
    [7, 2],
  ] as const) {
    const grid = gridDesk(cell, cells, strings);
    const short = solveDesk(grid, amber);
    const solved = solveDesk(asNetwork(grid), amber);
    // The network uses another rounding of k/e than the short formulas.
    expect(Math.abs(solved.amps - short.amps)).toBeLessThan(1e-6 * short.amps + 1e-9);
    expect(solved.volts).toBeCloseTo(short.volts, 5);
    expect(solved.source.emfVolts).toBeCloseTo(short.source.emfVolts, 9);
    expect(solved.strings[0]?.amps).toBeCloseTo(short.strings[0]!.amps, 8);
    short.strings[0]!.loadedVolts.forEach((volts, index) =>
      expect(solved.strings[0]?.loadedVolts[index]).toBeCloseTo(volts, 5),
    );
    expect(solved.warnings).toEqual([]);
    expect(deskShortAmps(asNetwork(grid))).toBeCloseTo(deskShortAmps(grid), 8);
  }
});

/** The whole battery by sums and Millman, string by string. */
const reducedOf = (desk: Desk): TheveninSource =>
  theveninInParallel(
    desk.strings.map((items) =>
      theveninInSeries(
        items.map((item) =>
          item.kind === 'cell'
            ? item.model
            : theveninInParallel(
                item.strings.map((cells) => theveninInSeries(cells.map(({ model }) => model))),
              ),
        ),
      ),
    ),
  );

const items: fc.Arbitrary<DeskItem> = fc.oneof(
  { weight: 3, arbitrary: fc.constant<DeskItem>(PLAIN_CELL) },
  fc
    .array(
      fc.integer({ min: 1, max: 3 }).map((length) => Array.from({ length }, () => PLAIN_CELL)),
      { minLength: 2, maxLength: 3 },
    )
    .map((strings): DeskItem => ({ kind: 'group', strings })),
);
const desks: fc.Arbitrary<DeskArrangement> = fc
  .array(fc.array(items, { minLength: 1, maxLength: 5 }), { minLength: 1, maxLength: 4 })
  .map((strings) => ({ kind: 'desk', strings, loadReversed: false }));

test('sound desks with groups: network and tree reduction agree (Millman, Kirchhoff)', () => {
  fc.assert(
    fc.property(desks, (arrangement) => {
      const desk = asNetwork(laidOut(arrangement));
      const reduced = reducedOf(desk);
      const load = { kind: 'resistor', ohms: 1000 } as const;
      const { source, amps } = solveDesk(desk, load);
      expect(source.emfVolts).toBeCloseTo(reduced.emfVolts, 8);
      const expected = reduced.emfVolts / (reduced.resistanceOhms + 1000);
      expect(Math.abs(amps - expected)).toBeLessThan(1e-9 * expected + 1e-13);
      expect(source.resistanceOhms / reduced.resistanceOhms).toBeCloseTo(1, 6);
    }),
    { numRuns: 60 },
  );
});

test('what is delivered to the best load is E²/4r for ideal sources (textbook)', () => {
  const grid = gridDesk(kiwi, 4, 3);
  const { emfVolts, resistanceOhms } = kiwi.model;
  const expected = (4 * emfVolts) ** 2 / 4 / ((4 * resistanceOhms) / 3);
  expect(maxPowerOfDesk(grid)).toBeCloseTo(expected, 9);
  expect(maxPowerOfDesk(asNetwork(grid)) / expected).toBeCloseTo(1, 9);
});

test('no load gets more than the most that a battery of curves gives, laid out or not', () => {
  const grid = gridDesk(cellOfPlan(newPlan('Lemons')), 4, 3);
  const laid = asNetwork(grid);
  expect(maxPowerOfDesk(laid) / maxPowerOfDesk(grid)).toBeCloseTo(1, 2);
  for (let ohms = 100; ohms < 1e5; ohms *= 1.1) {
    const { volts, amps } = loadOnDesk(laid, { kind: 'resistor', ohms });
    expect(volts * amps).toBeLessThan(1.001 * maxPowerOfDesk(laid));
  }
});

test('the curve of any desk falls from open volts to no volts', () => {
  const desk = laidOut(withCellBeside(laidOutGrid(3, 2), at(0, 1)));
  const curve = deskCurve(desk, 20);
  expect(curve[0]).toMatchObject({ amps: 0 });
  const volts = curve.map((point) => point.volts);
  expect([...volts].sort((a, b) => b - a)).toEqual(volts);
  expect(curve.at(-1)!.volts).toBeLessThan(0.05 * curve[0]!.volts);
});

const open = (desk: DeskArrangement): number => solveDesk(laidOut(desk), amber).source.emfVolts;

test('each fault does what the trade says: open volts and current (common practice, no source)', () => {
  const good = laidOutGrid(4, 1);
  const goodAmps = solveDesk(laidOut(good), amber).amps;
  const withOne = (kind: FaultKind) => withFaultToggled(good, at(0, 1), kind);
  const amps = (kind: FaultKind): number => solveDesk(laidOut(withOne(kind)), amber).amps;
  expect(open(withOne('reversed'))).toBeCloseTo(2 * 0.93, 6);
  expect(open(withOne('same-metal'))).toBeCloseTo(3 * 0.93, 6);
  expect(open(withOne('shorted'))).toBeCloseTo(3 * 0.93, 2);
  for (const kind of ['dry', 'poor-contact'] as const) {
    expect(open(withOne(kind))).toBeCloseTo(4 * 0.93, 6);
    expect(amps(kind)).toBeLessThan(0.5 * goodAmps);
  }
  expect(amps('open')).toBe(0);
  for (const kind of ['rim-leak', 'drip'] as const) {
    expect(open(withOne(kind))).toBeLessThan(4 * 0.93);
    expect(amps(kind)).toBeLessThan(goodAmps);
  }
});

test('one weaker cell lets all of its string down by its own resistance alone (Ohm’s law)', () => {
  const load = { kind: 'resistor', ohms: 500 } as const;
  const { emfVolts, resistanceOhms } = kiwi.model;
  for (const share of [0.2, 0.8]) {
    const toggled = withFaultToggled(laidOutGrid(4, 1), at(0, 1), 'weaker');
    const { source, amps } = solveDesk(laidOut(withShare(toggled, at(0, 1), share)), load);
    expect(source.emfVolts).toBeCloseTo(4 * emfVolts, 6);
    expect(amps).toBeCloseTo((4 * emfVolts) / ((3 + 1 / share) * resistanceOhms + 500), 6);
  }
});

test('of a cell whose reactions limit it too, a weaker one gives that share at every voltage', () => {
  const cell = {
    emfVolts: 0.95,
    resistanceOhms: 400,
    activation: { exchangeAmps: 2e-5, slopeVolts: 0.06 },
    limitingAmps: 3e-3,
    concentrationVolts: 0.03,
  };
  const weaker = faultyCell({ cell, faults: [{ kind: 'weaker', share: 0.3 }] }).cell;
  for (const volts of [0, 0.3, 0.7]) {
    expect(cellAmpsAt(weaker, volts) / cellAmpsAt(cell, volts)).toBeCloseTo(0.3, 6);
  }
});

test('the LED turned round stays dark; a resistor does not mind', () => {
  const desk = laidOut({ ...laidOutGrid(4, 2), loadReversed: true });
  expect(solveDesk(desk, amber)).toMatchObject({ amps: 0, point: { status: 'no-current' } });
  const load = { kind: 'resistor', ohms: 500 } as const;
  expect(solveDesk(desk, load).amps).toBeCloseTo(
    Math.abs(solveDesk(laidOut(laidOutGrid(4, 2)), load).amps),
    9,
  );
});

test('pairs in one body read about one cell (common practice, no source)', () => {
  expect(open(withSharedBody(laidOutGrid(6, 1), 0))).toBeLessThan(1.1);
});

test('a strong string pushes current back through a weak one, and it is said', () => {
  const weak = [0, 1].reduce(
    (desk, item) => withFaultToggled(desk, at(1, item), 'reversed'),
    laidOutGrid(4, 2),
  );
  const { strings, warnings } = solveDesk(laidOut(weak), amber);
  expect(strings[1]!.openAmps).toBeCloseTo(-strings[0]!.openAmps, 9);
  expect(warnings[0]).toMatch(/^String 1 pushes .* back through string 2/);
});

test('mixed cells stand with the volts of their own recipe', () => {
  const desk = withCell(laidOutGrid(2, 1), at(0, 1), (cell) => ({
    ...cell,
    mix: { recipe: 'magnesium-graphite', body: 'epsom-salt' },
  }));
  const { strings } = solveDesk(laidOut(desk), amber);
  expect(strings[0]!.openVolts[1]! - strings[0]!.openVolts[0]!).toBeCloseTo(1.5, 6);
});

test('everything wrong is counted and told with its reason, and can be taken out at once', () => {
  let desk = withFaultToggled(laidOutGrid(3, 2), at(0, 0), 'dry');
  desk = withSharedBody(withFaultToggled(desk, at(0, 0), 'reversed'), 1);
  desk = { ...desk, loadReversed: true };
  const standing = laidOut(desk);
  expect(faultCount(standing)).toBe(4);
  const told = faultsWithReasons(standing);
  expect(told).toHaveLength(4);
  expect(told.every(({ reason }) => reason.length > 20)).toBe(true);
  expect(faultCount(withoutFaults(standing))).toBe(0);
  expect(asGrid(withFaultsRemoved(desk))).toEqual({ cellsInSeries: 3, strings: 2 });
  expect(asGrid(desk)).toBeNull();
});

test('only piles have rims and drips', () => {
  expect(faultsFor('pile').sort()).toEqual(Object.keys(FAULT_WORDS).sort());
  expect(faultsFor('fruit')).not.toContain('drip');
});

test('a fault put on twice is off again; two cells never share one', () => {
  const once = withFaultToggled(laidOutGrid(2, 2), at(1, 1), 'open');
  expect(cellAt(once, at(1, 1))?.faults).toEqual([{ kind: 'open' }]);
  expect(cellAt(once, at(0, 1))?.faults).toEqual([]);
  expect(withFaultToggled(once, at(1, 1), 'open')).toEqual(laidOutGrid(2, 2));
});

test('cells move within and between strings, and into a string of their own', () => {
  const marked = withFaultToggled(laidOutGrid(3, 2), at(0, 0), 'dry');
  const lengths = (desk: DeskArrangement): number[] => desk.strings.map(({ length }) => length);
  const dryAt = (desk: DeskArrangement): number[][] =>
    desk.strings.flatMap((row, s) =>
      row.flatMap((item, i) => (item.kind === 'cell' && item.faults.length > 0 ? [[s, i]] : [])),
    );
  const within = withItemMoved(marked, at(0, 0), at(0, 2));
  expect([lengths(within), dryAt(within)]).toEqual([[3, 3], [[0, 2]]]);
  const across = withItemMoved(marked, at(0, 0), at(1, 1));
  expect([lengths(across), dryAt(across)]).toEqual([[2, 4], [[1, 1]]]);
  const alone = withItemMoved(marked, at(0, 0), at(2, 0));
  expect([lengths(alone), dryAt(alone)]).toEqual([[2, 3, 1], [[2, 0]]]);
  // The last cell of a string takes the string with it.
  const single = { ...laidOutGrid(1, 2) };
  expect(lengths(withItemMoved(single, at(0, 0), at(1, 0)))).toEqual([2]);
  expect(withItemMoved(marked, at(9, 9), at(0, 0))).toBe(marked);
});

test('a cell beside another starts a group; taking it away ends it', () => {
  const grouped = withCellBeside(laidOutGrid(3, 1), at(0, 1));
  expect(grouped.strings[0]?.[1]?.kind).toBe('group');
  const inGroup: DeskPlace = { string: 0, item: 1, within: { string: 1, cell: 0 } };
  const longer = withCellAfter(grouped, inGroup);
  expect(cellsIn(longer.strings)).toBe(5);
  const faulty = withFaultToggled(longer, { ...inGroup, within: { string: 1, cell: 1 } }, 'dry');
  expect(cellAt(faulty, { ...inGroup, within: { string: 1, cell: 1 } })?.faults).toHaveLength(1);
  expect(withoutCell(grouped, inGroup)).toEqual(laidOutGrid(3, 1));
  expect(withoutCell(laidOutGrid(1, 1), at(0, 0))).toEqual(laidOutGrid(1, 1));
  // A group that is all there is stays too.
  const onlyGroup = withCellBeside(laidOutGrid(1, 1), at(0, 0));
  expect(withoutCell(onlyGroup, at(0, 0))).toEqual(onlyGroup);
});

test('counts change all strings and keep what was laid out by hand', () => {
  const marked = withFaultToggled(laidOutGrid(3, 2), at(0, 0), 'dry');
  const longer = withStringsOfLength(marked, 1);
  expect(longer.strings.map(({ length }) => length)).toEqual([4, 4]);
  expect(withStringsOfLength(longer, -1)).toEqual(marked);
  expect(withStringCount(marked, 1).strings).toHaveLength(3);
  expect(withStringCount(withStringCount(marked, 1), -1)).toEqual(marked);
  expect(withStringCount(laidOutGrid(2, 1), -1).strings).toHaveLength(1);
});

test('no edit makes a desk that the plan cannot hold', () => {
  const edit = fc.constantFrom(
    (desk: DeskArrangement, place: DeskPlace) => withCellAfter(desk, place),
    (desk: DeskArrangement, place: DeskPlace) => withCellBeside(desk, place),
    (desk: DeskArrangement, place: DeskPlace) => withoutCell(desk, place),
    (desk: DeskArrangement, place: DeskPlace) => withItemMoved(desk, place, at(0, 0)),
    (desk: DeskArrangement) => withStringCount(desk, 1),
    (desk: DeskArrangement) => withStringsOfLength(desk, 1),
    (desk: DeskArrangement) => withStringsOfLength(desk, -1),
  );
  fc.assert(
    fc.property(
      desks,
      fc.array(fc.tuple(edit, fc.nat(3), fc.nat(4)), { maxLength: 30 }),
      (start, edits) => {
        const end = edits.reduce((desk, [change, s, i]) => change(desk, at(s, i)), start);
        expect(deskArrangementSchema.safeParse(end).success).toBe(true);
        expect(cellsOf(laidOut(end))).toHaveLength(cellsIn(end.strings));
      },
    ),
    { numRuns: 200 },
  );
});

test('the places of a string: what each should add, faults left out, groups as one', () => {
  const board: DeskArrangement = {
    kind: 'desk',
    loadReversed: false,
    strings: [
      [
        { ...PLAIN_CELL, faults: [{ kind: 'reversed' }] },
        { kind: 'group', strings: [[PLAIN_CELL], [PLAIN_CELL]] },
        { ...PLAIN_CELL, mix: { recipe: 'concentration', body: 'salt-bridge' } },
      ],
      [PLAIN_CELL],
    ],
  };
  const { places, firstCell } = placesOfString(laidOut(board), 0);
  expect(places.map(({ emfVolts }) => emfVolts.toFixed(2))).toEqual(['0.93', '0.93', '0.02']);
  expect(places[0]?.ceilingVolts).toBe(1.15);
  expect(firstCell.emfVolts).toBe(0.93);
});
