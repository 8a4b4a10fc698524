/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { PLAIN_CELL } from '@/core/physics/desk/deskSchema';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { logged } from '@/testing/core/logged';
import { plain, press } from '@/testing/ui/acting';
import { showPlan } from '@/testing/ui/planPage';

const fresh = newPlan('Lemons');
const MEASURED: Plan['cell'] = {
  ...fresh.cell,
  own: {
    openCircuitVolts: 0.93,
    shortCircuit: { amps: 2.9e-3, meterRange: '20 mA', secondsAfter: null },
    loaded: [],
    kept: false,
  },
};
const TWO_LENGTHS: Plan['arrangement'] = {
  kind: 'desk',
  loadReversed: false,
  strings: [3, 4].map((cells) => Array.from({ length: cells }, () => PLAIN_CELL)),
};

test.each<[string, Plan]>([
  ['a cell that was measured', { ...fresh, cell: MEASURED }],
  ['a battery laid out by hand', { ...fresh, arrangement: TWO_LENGTHS }],
  ['cells for trained staff', { ...fresh, cell: freshCell('dilute-sulfuric-acid') }],
  ['a cell that no number of is enough', { ...fresh, cell: freshCell('concentration') }],
])('%s has no table of what a first cell asks for', async (_, plan) => {
  showPlan(plan, 'arrange');
  // What stands below it is fetched after it.
  expect(await screen.findByText('The same battery with other loads')).toBeVisible();
  await waitFor(() => expect(screen.queryByText('Build one, then decide')).toBeNull());
});

const read = (amps: number) =>
  logged([
    {
      entryId: 'first',
      revision: 1,
      group: 'Curlew',
      entry: {
        kind: 'reading',
        measurement: { kind: 'short', string: 1, built: 1 },
        value: amps,
        range: '20 mA',
        source: 'typed',
        typed: null,
        meter: null,
        takenAt: '2027-01-29T14:00:00Z',
      },
      struck: false,
    },
  ]);

test.each<[string, Plan['cell'], number, RegExp]>([
  ['a weak lemon', fresh.cell, 2e-5, /too little for so many cells\. More copper in each would/],
  [
    'a weak pile',
    freshCell('coin-pile-brine'),
    2e-6,
    /too little for so many cells\. Larger metals, or another kind of cell would help\./,
  ],
  ['a usual lemon', fresh.cell, 1e-3, /the plan holds as it is\./],
])('at the bench %s says what it asks for', async (_, one, amps, words) => {
  showPlan({ ...fresh, cell: one }, 'build', read(amps));
  expect(await screen.findByText(/^The first cell gives/)).toHaveTextContent(words);
});

test('a strong first cell offers a smaller battery, and one press builds it', async () => {
  showPlan(fresh, 'build', read(30e-3));
  fireEvent.click(await screen.findByRole('button', { name: /^The first cell gives.*: build/ }));
  expect(await screen.findByText(/the plan holds as it is\./)).toBeVisible();
});

test('what to build for the first reading, for the mean of three, for one a group', async () => {
  showPlan(newPlan('Rows'), 'arrange');
  expect(await screen.findByText('Build one, then decide')).toBeVisible();
  const rows = async (): Promise<string[]> =>
    within(await screen.findByRole('table', { name: 'What the first cell asks for' }))
      .getAllByRole('row')
      .map((row) => plain(row.textContent ?? ''));
  const one = await rows();
  expect(one[0]).toBe('Your first cell readsBuildlemons for 6 groups');
  expect(one.length).toBeGreaterThan(4);
  press('mean of three');
  // With more of them read a reading tells more: the same battery is enough from a weaker one on.
  await waitFor(async () => expect(await rows()).not.toEqual(one));
  expect((await rows())[0]).toContain('Your first cells read, mean');
  press('one a group');
  await waitFor(async () => expect((await rows()).length).toBeGreaterThan(3));
});
