import { cellWithModel } from '../../../testing/core/cells';
import fc from 'fast-check';
import { solveNetwork } from '../circuit/network/solveNetwork';
import { requirementOf } from '../../records/plan/loadRequirement';
import { newPlan } from '../../records/plan/newPlan';
import { deskOf } from './desk';
import { deskNetwork, LOAD } from './deskNetwork';
import { PLAIN_CELL, type DeskItem } from './deskSchema';
import { reduceDesk } from './reduceDesk';
import { solveDesk } from './solveDesk';

const fresh = newPlan('x');
const kiwi = cellWithModel({ emfVolts: 0.93, resistanceOhms: 654 });

/**
 * @check faults by the short formulas
 * @origin closed form: against the whole network, open and loaded
 * @tolerance 5e-6 V and 5e-9 A
 */
test('local faults by the short formulas agree with the network, open and loaded', () => {
  const fault = fc.oneof(
    fc.constant({ kind: 'reversed' as const }),
    fc.constant({ kind: 'same-metal' as const }),
    fc.record({
      kind: fc.constant('poor-contact' as const),
      ohms: fc.double({ min: 10, max: 1e5, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant('dry' as const),
      factor: fc.double({ min: 1, max: 50, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant('shorted' as const),
      ohms: fc.double({ min: 0.1, max: 5, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant('rim-leak' as const),
      ohms: fc.double({ min: 500, max: 1e4, noNaN: true }),
    }),
  );
  const cell = fc
    .uniqueArray(fault, { maxLength: 2, selector: ({ kind }) => kind })
    .map((faults) => ({ ...PLAIN_CELL, faults }));
  const group = fc
    .array(fc.array(cell, { minLength: 1, maxLength: 2 }), { minLength: 2, maxLength: 2 })
    .map((strings): DeskItem => ({ kind: 'group', strings }));
  const item: fc.Arbitrary<DeskItem> = fc.oneof({ weight: 4, arbitrary: cell }, group);
  const strings = fc.array(fc.array(item, { minLength: 1, maxLength: 4 }), {
    minLength: 1,
    maxLength: 3,
  });
  const { load } = requirementOf(fresh.target);
  fc.assert(
    fc.property(strings, fc.boolean(), (laidOut, loadReversed) => {
      const desk = deskOf({ kind: 'desk', strings: laidOut, loadReversed }, kiwi);
      const reduced = reduceDesk(desk);
      const solution = solveDesk(desk, load);
      const open = solveNetwork(deskNetwork(desk, null));
      const loaded = solveNetwork(deskNetwork(desk, load));
      if (reduced === null || open.status !== 'solved' || loaded.status !== 'solved') {
        throw new Error('not solved');
      }
      expect(reduced.whole.emfVolts).toBeCloseTo(open.nodeVolts['plus'] ?? NaN, 5);
      expect(solution.amps).toBeCloseTo(Math.max(0, loaded.componentAmps[LOAD] ?? NaN), 8);
      solution.strings.forEach(({ amps, openVolts, loadedVolts }, index) => {
        expect(amps).toBeCloseTo(loaded.componentAmps[`string ${index + 1}`] ?? NaN, 8);
        openVolts.slice(0, -1).forEach((volts, place) => {
          const node = `string ${index + 1} after cell ${place + 1}`;
          expect(volts).toBeCloseTo(open.nodeVolts[node] ?? NaN, 5);
          expect(loadedVolts[place]).toBeCloseTo(loaded.nodeVolts[node] ?? NaN, 5);
        });
      });
    }),
    { numRuns: 200 },
  );
});
