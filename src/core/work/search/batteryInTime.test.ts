import { USUAL_RUNNING } from '../../records/plan/runningSchema';
import {
  type Desk,
  shortestOf,
  type StandingCell,
  type StandingItem,
} from '../../physics/desk/desk';
import { agedStrings, endAtMeanCurrent, endOfBattery, endOfCell } from './batteryInTime';
import { RECIPE_IDS } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { laidOutGrid, withoutCell } from '../../physics/desk/deskEdits';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { runBattery } from '../running/runBattery';
import { evaluatePlan } from '../judging/evaluatePlan';
import { verdictOf } from '../judging/verdict';

const lamp: Plan = {
  ...newPlan('Lamp'),
  target: { kind: 'led', colour: 'red', brightness: 'clear' },
};

/** The end by the short formula and by the whole run, hours. */
function ends(plan: Plan) {
  const evaluation = evaluatePlan(plan);
  const { desk, need } = evaluation;
  const short = endOfBattery(desk, need, plan.running);
  const { end, endSeconds } = runBattery(desk, need, plan.running);
  return { short, end, hours: short.seconds / 3600, runHours: endSeconds / 3600 };
}

/**
 * @check when the first cell ends by the short formula
 * @origin closed form: against the whole integration, every recipe, equal strings and unlike ones
 * @tolerance 1 %
 */
describe('the end that a verdict knows is the end of the run', () => {
  // A concentration cell lights no LED: its run ends at once.
  test.each(RECIPE_IDS.filter((id) => id !== 'concentration'))('%s', (id) => {
    const cell = freshCell(id, RECIPES[id].bodies[0].id);
    const { short, end, hours, runHours } = ends({ ...lamp, cell, arrangement: laidOutGrid(4, 2) });
    expect(end.reason).toBe(short.by);
    expect(Math.abs(hours / runHours - 1)).toBeLessThan(0.01);
  });

  test('a short string beside a long one', () => {
    const unlike = withoutCell(laidOutGrid(4, 3), { string: 2, item: 3, within: null });
    const { short, hours, runHours } = ends({ ...lamp, arrangement: unlike });
    expect(short.by).toBe('metal-used-up');
    expect(Math.abs(hours / runHours - 1)).toBeLessThan(0.01);
  });
});

test('what ends before the wanted time is told; near it the metal of stronger strings counts against the promise', () => {
  const grid = {
    ...lamp,
    arrangement: { kind: 'own', cellsInSeries: 4, strings: 24 },
    lesson: { ...lamp.lesson, minutes: 600 },
  } as const;
  const { runHours } = ends(grid);
  const wanted = (share: number) => evaluatePlan({ ...grid, minutes: 60 * share * runHours });
  expect(wanted(0.3).metalChance).toBeGreaterThan(0.99);
  expect(verdictOf(wanted(0.3)).tone).toBe('fine');
  expect(wanted(0.98).endsEarly).toBeNull();
  expect(verdictOf(wanted(0.3)).details.join()).not.toContain('metal lasts');
  expect(verdictOf(wanted(0.98)).details.join()).toMatch(
    /the −.metal lasts in \d\d? of 100 classes/,
  );
  expect(verdictOf(wanted(0.98)).headline).toMatch(/on paper, but only in \d\d? of 100 classes/);
  expect(verdictOf(wanted(1.02)).headline).toMatch(/only [\d.]+.(h|days): the −.metal is used up/);
});

test('currents that stay are taken as they are; what dries first asks for no currents later on', () => {
  const metal = (coulombs: number) => (stringAmps: readonly number[]) => ({
    seconds: coulombs / Math.max(...stringAmps),
    by: 'metal-used-up' as const,
  });
  const steady = endAtMeanCurrent(metal(100), () => [0.01, 0.02]);
  expect(steady.by).toBe('metal-used-up');
  expect(steady.seconds).toBeCloseTo(5000, 6);
  const asked: number[] = [];
  const dry = { seconds: 50, by: 'dried-out' as const };
  const ends = endAtMeanCurrent(
    () => dry,
    (seconds) => {
      asked.push(seconds);
      return [0.01];
    },
  );
  expect(ends).toBe(dry);
  expect(asked).toEqual([0]);
});

/**
 * @check the mean of a current that falls by e^(−t/τ) to a rest
 * @origin closed form: ∫ (a + b·e^(−t/τ)) dt
 * @tolerance 1 % of the time, where the current falls to a third
 */
test('the end under a current that falls: ∫ I dt is the charge', () => {
  const [rest, fall, tau] = [1e-3, 2e-3, 600];
  const charge = (seconds: number) => rest * seconds + fall * tau * (1 - Math.exp(-seconds / tau));
  for (const seconds of [300, 3000, 30_000, 300_000]) {
    const { seconds: found } = endAtMeanCurrent(
      ([amps = 0]) => ({ seconds: charge(seconds) / amps, by: 'metal-used-up' }),
      (time) => [rest + fall * Math.exp(-time / tau)],
    );
    expect(Math.abs(found / seconds - 1)).toBeLessThan(0.01);
  }
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

  test('a group of fruits lasts as each of them with its share of the current, more metal and all', () => {
    const size = { ...desk.strings[0]!.at(0)!, kind: 'cell' } as StandingCell;
    const one = { ...size, size: { ...size.size, extraPlus: 1, extraMinus: 2 } };
    const deskOf = (items: StandingItem[]): Desk => ({
      loadReversed: false,
      grid: null,
      strings: [items],
    });
    const aged = (items: StandingItem[]) => agedStrings(deskOf(items), USUAL_RUNNING)[0]!.cells[0]!;
    const group = aged([{ kind: 'group', name: 'g', strings: [[one], [one]] }, one]);
    const alone = aged([one, one]);
    expect(endOfCell(group, 2e-3).seconds / endOfCell(alone, 1e-3).seconds).toBeCloseTo(1, 6);
    expect(endOfCell(group, 2e-3).by).toBe(endOfCell(alone, 1e-3).by);
  });
});
