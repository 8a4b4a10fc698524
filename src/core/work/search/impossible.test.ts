import { familyModel } from '../../../testing/core/cells';
import { wishFor } from '../../../testing/core/wishes';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import type { PlanTarget } from '../../records/plan/planSchema';
import { formatAmps } from '../../units';
import { whyImpossible } from './impossible';
import { nearestFeasibleTarget } from './nearestFeasibleTarget';
import { planGrids } from './planGrids';
import { modelAtEnd } from './searchGrids';

const kiwi = { emfVolts: 0.93, resistanceOhms: 654 };
const plainly = (words: string): string => words.replaceAll('\u00a0', ' ');

function said(target: PlanTarget, minutes?: number): string {
  const asked = wishFor(kiwi, target, minutes);
  const plan = planGrids(asked);
  if (plan.status === 'possible') throw new Error('it can be done');
  return plainly(whyImpossible(asked, plan));
}

test('what cannot be done says in one sentence what is wanted, what there is, and what it would take', () => {
  expect(said({ kind: 'resistor', ohms: 1e6, wantedAmps: 80e-6 })).toBe(
    'Cannot be done, because for the 1 MΩ resistor 80.0 V is needed, and strings of this cell reach the 60 V that a class may handle first.',
  );
  expect(said({ kind: 'led', colour: 'red', brightness: 'glimmer' }, 14 * 1440)).toBe(
    'Cannot be done, because mould and browning end a cell after about 7 days; 14 days are wanted.',
  );
  const radio = { kind: 'device', device: 'pocket-radio', leastVolts: 3, amps: 20e-3 } as const;
  const asked = wishFor(kiwi, radio);
  const shorted = formatAmps(cellAmpsAt(modelAtEnd(asked, 1), 0));
  const words = said(radio);
  expect(words).toMatch(
    /^Cannot be done, because the current is short: for the pocket radio 20 mA at 3\.00 V is wanted, while one cell gives .* even shorted after 10 s\. It would take about \d+ cells; Grozer stops at 100\.$/,
  );
  expect(words).toContain(`one cell gives ${plainly(shorted)} even`);
  const plan = planGrids(asked);
  if (plan.status === 'possible' || plan.limit !== 'amps') throw new Error('the current lacks');
  expect(whyImpossible(asked, { ...plan, cellsNeeded: null })).toContain(
    'It would take more cells;',
  );
});

test('what is near goes from the same LED less bright to others as bright, then to any glimmer', () => {
  const near = (target: PlanTarget, ohms: number): string | undefined =>
    nearestFeasibleTarget(wishFor({ emfVolts: 0.9, resistanceOhms: ohms }, target), target)
      ?.wording;
  const white = { kind: 'led', colour: 'white', brightness: 'bright' } as const;
  // The weaker the cell, the less is left.
  expect([2000, 8000, 40_000, 4e6].map((ohms) => near(white, ohms))).toEqual([
    'a white LED, clear',
    'a white LED, dim',
    'a glimmer from a white LED',
    undefined,
  ]);
  // Of a device the first LED that does, as bright as one that is seen.
  const fan = { kind: 'device', device: 'pocket-radio', leastVolts: 3, amps: 20e-3 } as const;
  expect(near(fan, 654)).toBe('a red LED, dim');
  const strong = wishFor(familyModel('zinc-carbon-felt'), white);
  const found = nearestFeasibleTarget(strong, white);
  expect(found?.target.kind === 'led' && found.target.brightness).not.toBe('bright');
});

test('parts that lack do not make a wish less near: they can be bought', () => {
  const white = { kind: 'led', colour: 'white', brightness: 'clear' } as const;
  const asked = wishFor(kiwi, white);
  const none = { ...asked, mostStrings: () => 0 };
  expect(nearestFeasibleTarget(none, white)).toEqual(nearestFeasibleTarget(asked, white));
});
