import { laidOutGrid } from '../../physics/desk/deskEdits';
import { LONGEST_STRING, MAX_CELLS } from '../../physics/desk/limits';
import { freshCell, newPlan } from '../../records/plan/newPlan';
import { planSchema, type Plan } from '../../records/plan/planSchema';
import { evaluatePlan } from './evaluatePlan';
import { verdictOf } from './verdict';
import { whatHelps, type Help } from './whatHelps';

/** A grid whose resistor wants so many times the current that it gets in the end. */
function short(cellsInSeries: number, strings: number, times: number, ohms = 1e6): Plan {
  const plan: Plan = {
    ...newPlan('Short'),
    arrangement: { kind: 'own', cellsInSeries, strings },
    target: { kind: 'resistor', ohms, wantedAmps: 1e-6 },
  };
  const { atEnd } = evaluatePlan(plan);
  return { ...plan, target: { kind: 'resistor', ohms, wantedAmps: times * atEnd.amps } };
}
const ids = (plan: Plan): string[] => whatHelps(plan).map(({ id }) => id);
const help = (plan: Plan, id: string): Help => {
  const found = whatHelps(plan).find((one) => one.id === id);
  if (found === undefined) throw new Error(`nothing offers “${id}”`);
  return found;
};

test.each([
  [2, 1, true],
  [49, 4, true],
  [50, 4, false],
  [LONGEST_STRING - 1, 1, true],
  [LONGEST_STRING, 1, false],
])('one more cell in each of %i × %i: offered %p', (cellsInSeries, strings, offered) => {
  expect(ids(short(cellsInSeries, strings, 1.01)).includes('longer')).toBe(offered);
});

test('a string or two more, up to as many cells as a battery may have', () => {
  const wide = (strings: number): Plan => short(20, strings, 1.05, 1000);
  expect(ids(wide(9))).toContain('strings-1');
  expect(ids(wide(9))).not.toContain('strings-2');
  expect(ids(wide(10)).filter((id) => id.startsWith('strings'))).toEqual([]);
  const two = help(short(20, 8, 1.15, 1000), 'strings-2');
  expect(two.change.arrangement).toEqual({ kind: 'own', cellsInSeries: 20, strings: 10 });
  expect(20 * 10).toBe(MAX_CELLS);
});

test('whatever is offered is a plan that passes, does what it says, and is no worse; the best come first', () => {
  const tones = ['wrong', 'marginal', 'fine'];
  for (const plan of [short(3, 1, 1.5, 100), short(60, 1, 1.01), short(50, 4, 1.01)]) {
    const helps = whatHelps(plan);
    expect(helps.length).toBeGreaterThan(0);
    const now = evaluatePlan(plan);
    for (const { change, tone } of helps) {
      const then = planSchema.parse({ ...plan, ...change });
      expect(verdictOf(evaluatePlan(then)).tone).toBe(tone);
      expect(evaluatePlan(then).classes.chance).toBeGreaterThan(now.classes.chance);
    }
    const ranks = helps.map(({ tone }) => tones.indexOf(tone));
    expect(ranks).toEqual([...ranks].sort((a, b) => b - a));
  }
});

test('what has less to it: another colour, less light, less time', () => {
  const base = newPlan('Less');
  const plan: Plan = {
    ...base,
    target: { kind: 'led', colour: 'white', brightness: 'dim' },
    arrangement: { kind: 'own', cellsInSeries: 3, strings: 3 },
  };
  const red = help(plan, 'red');
  expect(red.what).toBe('a red LED instead');
  expect(red.change.target).toEqual({ kind: 'led', colour: 'red', brightness: 'dim' });
  const less = help(plan, 'less');
  expect(less.what).toBe('glimmer is enough');
  expect(less.change.target).toEqual({ kind: 'led', colour: 'white', brightness: 'glimmer' });
  // A red one cannot become red, and there is nothing below a glimmer.
  const least: Plan = {
    ...plan,
    target: { kind: 'led', colour: 'red', brightness: 'glimmer' },
    arrangement: { kind: 'own', cellsInSeries: 1, strings: 3 },
  };
  expect(verdictOf(evaluatePlan(least)).tone).toBe('wrong');
  expect(ids(least)).not.toContain('red');
  expect(ids(least)).not.toContain('less');
  const long: Plan = {
    ...plan,
    target: base.target,
    arrangement: { kind: 'own', cellsInSeries: 5, strings: 8 },
    minutes: 4320,
  };
  const shorter = help(long, 'shorter');
  // The longest of the usual times that is fine.
  expect(shorter.what.replaceAll(/\s/g, ' ')).toBe('24 h instead of 3 days');
  expect(shorter.change).toEqual({ minutes: 1440 });
});

test('what was laid out or chosen wrongly is put right', () => {
  const turned: Plan = {
    ...newPlan('Turned'),
    arrangement: { ...laidOutGrid(4, 4), loadReversed: true },
  };
  expect(help(turned, 'turn').change.arrangement).toEqual({
    ...turned.arrangement,
    loadReversed: false,
  });
  // On a desk laid out by hand no grid grows.
  expect(ids(turned).filter((id) => /strings|longer/.test(id))).toEqual([]);
  const weakened: Plan = {
    ...newPlan('Weak'),
    arrangement: { kind: 'own', cellsInSeries: 4, strings: 4 },
    seriesResistor: { kind: 'own', ohms: 10_000 },
  };
  expect(help(weakened, 'resistor').change.seriesResistor).toEqual({ kind: 'as-needed' });
  const bare: Plan = { ...newPlan('Bare'), have: { lemon: 1 } };
  expect(help(bare, 'buy').change).toEqual({ have: null });
  const strong: Plan = {
    ...newPlan('Strong'),
    cell: freshCell('dilute-sulfuric-acid'),
  };
  expect(whatHelps(strong)).toEqual([]);
});
