import fc from 'fast-check';
import { laidOutGrid, withFaultToggled } from '@/core/physics/desk/deskEdits';
import { LONGEST_STRING, MAX_CELLS } from '@/core/physics/desk/limits';
import { newPlan } from '@/core/records/plan/newPlan';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Plan } from '@/core/records/plan/planSchema';
import {
  countLimits,
  deskOfArrangement,
  withCounts,
  withDesk,
  withLoadTurned,
  withOwnWiring,
} from './arrangementEdits';

const wiring = { cellsInSeries: 4, strings: 3 };
const plan: Plan = { ...newPlan('Lamp'), arrangement: { kind: 'own', ...wiring } };
const FIRST = { string: 0, item: 0, within: null };
const reversed = withDesk(plan, wiring, (desk) => withFaultToggled(desk, FIRST, 'reversed'));

test('whatever counts are asked for, the plan stays one that can be stored', () => {
  const count = fc.integer({ min: -5, max: 2 * MAX_CELLS });
  fc.assert(
    fc.property(count, count, (cellsInSeries, strings) => {
      const next = withOwnWiring(plan, { cellsInSeries, strings });
      return PLAN_DOCUMENT.parse(JSON.parse(JSON.stringify(next))).ok;
    }),
  );
});

test('the limits that are shown are those that are kept', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: LONGEST_STRING }),
      fc.integer({ min: 1, max: 40 }),
      (cellsInSeries, strings) => {
        fc.pre(cellsInSeries * strings <= MAX_CELLS);
        const { mostInSeries, mostStrings } = countLimits({ cellsInSeries, strings });
        expect(mostInSeries * strings).toBeLessThanOrEqual(MAX_CELLS);
        expect(cellsInSeries * mostStrings).toBeLessThanOrEqual(MAX_CELLS);
        expect(withOwnWiring(plan, { cellsInSeries: mostInSeries, strings }).arrangement).toEqual({
          kind: 'own',
          cellsInSeries: mostInSeries,
          strings,
        });
      },
    ),
  );
});

test('a change by hand that leaves a plain grid is stored as its two counts', () => {
  expect(withDesk(plan, wiring, (desk) => desk).arrangement).toEqual({ kind: 'own', ...wiring });
  expect(reversed.arrangement.kind).toBe('desk');
  const back = withDesk(reversed, wiring, (desk) => withFaultToggled(desk, FIRST, 'reversed'));
  expect(back.arrangement).toEqual({ kind: 'own', ...wiring });
});

test('the load turned round twice is as it was', () => {
  const turned = withLoadTurned(plan, wiring);
  expect(turned.arrangement).toMatchObject({ kind: 'desk', loadReversed: true });
  expect(withLoadTurned(turned, wiring).arrangement).toEqual(plan.arrangement);
});

test('more cells or strings keep what was laid out by hand', () => {
  const longer = withCounts(reversed, wiring, { ...wiring, cellsInSeries: 5 });
  const desk = deskOfArrangement(longer, wiring);
  expect(desk.strings.map((items) => items.length)).toEqual([5, 5, 5]);
  expect(desk.strings[0]?.[0]).toMatchObject({ faults: [{ kind: 'reversed' }] });
  const more = withCounts(reversed, wiring, { ...wiring, strings: 4 });
  expect(deskOfArrangement(more, wiring).strings).toHaveLength(4);
  const fewer = withCounts(reversed, wiring, { ...wiring, strings: 2 });
  expect(deskOfArrangement(fewer, wiring).strings).toHaveLength(2);
  expect(withCounts(reversed, wiring, wiring).arrangement).toEqual(reversed.arrangement);
});

test('a plan that was never touched by hand is laid out as its counts say', () => {
  expect(deskOfArrangement(plan, wiring)).toEqual(laidOutGrid(4, 3));
  expect(withCounts(plan, wiring, { cellsInSeries: 5, strings: 3 }).arrangement).toEqual({
    kind: 'own',
    cellsInSeries: 5,
    strings: 3,
  });
});
