/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { RECIPES } from '@/core/physics/recipes/recipes';
import type { Measurement } from '@/core/records/logbook/measurement';
import type { LogRequest } from '@/core/records/logbook/logEntry';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { freshCell } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { groupNames } from '@/core/work/preparation/groupNames';
import { logged } from '@/testing/core/logged';
import { plain, press } from '@/testing/ui/acting';
import type { Kept } from '@/testing/ui/server';
import { showPlan } from '@/testing/ui/planPage';

const LAMP = demoPlan('demo-lamp');
const FRUIT = 'copper-zinc-fruit';
const PLAN: Plan = {
  ...LAMP,
  cell: freshCell(FRUIT, 'kiwi'),
  arrangement: { kind: 'own', cellsInSeries: 3, strings: 1 },
};
const GROUPS = groupNames(PLAN.lesson.groups);
const VOLTS = [0.91, 0.92, 0.93, 0.92, 0.4];

const reading = (group: string, measurement: Measurement, value: number) => ({
  entryId: `${group} ${measurement.kind}`,
  revision: 1,
  group,
  entry: readingEntry(measurement, value, '2027-01-29T14:40:00Z'),
  struck: false,
});

/** The first cell of five groups, one of them far from the others. */
const READ = VOLTS.map((volts, index) =>
  reading(GROUPS[index] ?? '', { kind: 'volts', string: 1, from: 1, to: 1, built: 1 }, volts),
);
const SHORTED = reading(GROUPS[0] ?? '', { kind: 'short', string: 1, built: 1 }, 1.2e-3);

async function showResults(
  plan: Plan,
  requests: readonly LogRequest[] = READ,
): Promise<{ card: HTMLElement; kept: readonly Kept[] }> {
  cleanup();
  const { kept, goTo } = showPlan(plan, 'build', logged(requests));
  goTo('build', 'results');
  const heading = await screen.findByRole('heading', { name: 'For the next plan' });
  const card = heading.closest('section');
  if (card === null) throw new Error('the heading stands in no card');
  return { card, kept };
}

const boxes = (): boolean[] =>
  screen.getAllByRole<HTMLInputElement>('checkbox').map(({ checked }) => checked);

interface KeptSchool {
  readonly document: {
    readonly state: { readonly cells: readonly { group: string; counted: boolean }[] };
  };
}

test('cells of a class are let in, but for one far off; what is ticked is the teacher’s, and all goes out again', async () => {
  const { card, kept } = await showResults(PLAN);
  const cells = () =>
    kept
      .filter(({ url }) => url.startsWith('/api/school'))
      .map(({ body }) => (body as KeptSchool).document.state.cells)
      .at(-1);
  expect(plain(card.textContent ?? '')).toContain('The class read 5 single cells');
  expect(plain(card.textContent ?? '')).toContain('1 reads far from the others');
  expect(boxes()).toEqual([true, true, true, true, false]);
  press('Add these cells (4)');
  expect(await within(card).findByText(/4 of them are among your school’s figures/)).toBeVisible();
  await waitFor(() =>
    expect(cells()?.map(({ counted }) => counted)).toEqual([true, true, true, true]),
  );

  // The one far off after all, and another one not.
  const [first, , , , last] = screen.getAllByRole('checkbox');
  fireEvent.click(last!);
  fireEvent.click(first!);
  press('Add these cells (4)');
  await waitFor(() =>
    expect(
      cells()
        ?.filter(({ counted }) => !counted)
        .map(({ group }) => group),
    ).toEqual([GROUPS[0]]),
  );
  expect(cells()).toHaveLength(5);

  press('Remove them again');
  await waitFor(() => expect(cells()?.some(({ counted }) => counted)).toBe(false));
  expect(
    await within(card).findByText(/None of them is among your school’s figures/),
  ).toBeVisible();
});

test('that currents are brought to one pair is said where it changes one', async () => {
  const size = { ...RECIPES[FRUIT].usualSize, pairs: 2 };
  const twoPairs: Plan = { ...PLAN, cell: { ...PLAN.cell, size } };
  for (const [plan, requests, said] of [
    [PLAN, [...READ, SHORTED], false],
    [twoPairs, [...READ, SHORTED], true],
    [twoPairs, READ, false],
  ] as const) {
    const { card } = await showResults(plan, requests);
    expect(plain(card.textContent ?? '').includes('brought to one pair')).toBe(said);
  }
});
