/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { expectAccessible } from '@/testing/ui/accessible';
import { plain, press } from '@/testing/ui/acting';
import { showPlan, verdict } from '@/testing/ui/planPage';
import { answering } from '@/testing/ui/workerInPage';

const fresh = newPlan('Lamp');
const READ: Plan['cell'] = {
  ...fresh.cell,
  trialCells: [
    { volts: 0.93, milliamps: 0.45, seconds: null, counted: true },
    { volts: 0.95, milliamps: 0.47, seconds: null, counted: true },
  ],
};
const TOO_FEW = { kind: 'own', cellsInSeries: 1, strings: 1 } as const;
const readOne = () => screen.queryByRole('link', { name: /Read some cells/ });

test('a fine plan with cells that nobody has read asks for that only', async () => {
  showPlan(fresh, 'arrange');
  expect(verdict().tone).toBe('fine');
  expect(within(await screen.findByTestId('helps')).getAllByRole('link')).toHaveLength(1);
  expect(readOne()).toHaveAttribute('href', expect.stringMatching(/\/cell$/));
  expect(within(screen.getByTestId('helps')).queryByRole('button')).toBeNull();
});

test('a fine plan with cells that were read needs no help; one that falls short is helped, and not told to read', async () => {
  showPlan({ ...fresh, cell: READ }, 'arrange');
  expect(verdict().tone).toBe('fine');
  // The parts of the station that are fetched are there.
  await screen.findByRole('img', { name: /Current against voltage/ });
  expect(screen.queryByTestId('helps')).toBeNull();
  cleanup();
  showPlan({ ...fresh, cell: READ, arrangement: TOO_FEW }, 'arrange');
  expect(verdict().tone).not.toBe('fine');
  const helps = await screen.findByTestId('helps');
  await waitFor(() => expect(within(helps).getAllByRole('button').length).toBeGreaterThan(0));
  expect(readOne()).toBeNull();
});

test.each(['concentration', 'dilute-sulfuric-acid'] as const)(
  'where no class is helped by it nobody is told to read cells: %s',
  async (recipe) => {
    showPlan({ ...fresh, cell: freshCell(recipe) }, 'arrange');
    expect(await screen.findByText(/^No single change fixes it/)).toBeVisible();
    expect(readOne()).toBeNull();
  },
);

test('all cell types: what each takes to build, and another one by a press', async () => {
  answering('cellTypes');
  const { kept } = showPlan(fresh, 'arrange');
  press('Compare all cell types');
  const dialog = await screen.findByRole('dialog', { name: 'All cell types for this wish' });
  const rows = async () => {
    await waitFor(() => expect(within(dialog).getAllByRole('row').length).toBeGreaterThan(6));
    return within(dialog)
      .getAllByRole('row')
      .map((row) => plain(row.textContent ?? ''));
  };
  const all = await rows();
  const lemon = all.find((row) => row.includes('(this plan)'));
  expect(lemon).toMatch(/Lemon, kiwi ….*\d+ lemons \(\d+ × \d+\)(, \d+ pairs in each)?/);
  // One pair in each is not said; several are.
  for (const row of all) expect(row).not.toContain('1 pairs');
  expect(all.filter((row) => /\d+ cells? \(/.test(row)).length).toBeGreaterThan(2);
  await expectAccessible(dialog);
  const potato = within(dialog).getByRole('row', { name: /Potato, carrot/ });
  fireEvent.click(within(potato).getByRole('button', { name: 'Use' }));
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  await waitFor(() => expect(JSON.stringify(kept.at(-1))).toContain('root-vegetable'), {
    timeout: 20_000,
  });
});
