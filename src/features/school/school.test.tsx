/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { DEMO_LOG } from '@/cli/demoLog';
import { demoPlan } from '@/cli/demoPlans';
import { DEMO_SCHOOL } from '@/cli/demoSchool';
import { logged } from '@/testing/core/logged';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, plain, press } from '@/testing/ui/acting';
import { openStreams, tellJudged } from '@/testing/ui/streams';
import { showPlan, verdict } from '@/testing/ui/planPage';
import { showPage } from '@/testing/ui/toolPage';
import { newPlan } from '@/core/records/plan/newPlan';
import { SchoolPage } from './SchoolPage';

const FOUND = { initial: DEMO_SCHOOL, initialRevision: 1, unread: false };

test('cells of the school: one left out of the count and back', async () => {
  showPage(<SchoolPage found={FOUND} ownRecipes={[]} />);
  const kiwis = () => plain(screen.getAllByTestId('school-statement')[0]?.textContent ?? '');
  expect(kiwis()).toContain('from 30 cells in 3 lessons');
  fireEvent.click(screen.getAllByRole('button', { name: 'The cells' })[0]!);
  fireEvent.click(screen.getAllByRole('checkbox')[0]!);
  expect(kiwis()).toContain('from 29 cells in 3 lessons');
  press('Undo');
  expect(kiwis()).toContain('from 30 cells in 3 lessons');
  await expectAccessible();
});

test('what a class read is let in; a plan with such cells starts from them and says so', async () => {
  const log = logged(DEMO_LOG.requests);
  openStreams();
  const { kept } = showPlan(demoPlan('demo-lamp'), 'build', log, undefined, FOUND);
  await screen.findByTestId('bench-cells 1–3, nothing connected');
  tellJudged(demoPlan('demo-lamp'), log);
  await waitFor(() => expect(verdict().text).toMatch(/cell 3 of string 1/));
  expect(
    plain(screen.getByTestId('bench-cells 1–3, nothing connected').textContent ?? ''),
  ).toContain('+0.05');
  fireEvent.click(await screen.findByRole('tab', { name: 'Results' }));
  expect(await screen.findByLabelText(/Curlew 3: .* far/)).not.toBeChecked();
  press('Add these cells (15)');
  expect(screen.getByText('15 of them are among your school’s figures.')).toBeVisible();
  press('Remove them again');
  expect(screen.getByText(/None of them is among your school’s figures/)).toBeVisible();
  fireEvent.click(screen.getByLabelText(/Knot 1: /));
  expect(screen.getByRole('button', { name: 'Add these cells (1)' })).toBeVisible();
  await waitFor(() => expect(kept.map(({ url }) => url)).toContain('/api/school/bench'));
  expect(kept.every(({ url }) => !url.includes('/api/plans/'))).toBe(true);
});

test('the next plan starts from the school’s figures, and can go back to the recipe’s', () => {
  showPlan(newPlan('Kiwis once more'), 'cell', [], undefined, FOUND);
  choose(screen.getByRole('combobox', { name: 'Fruit or vegetable' }), 'kiwi');
  expect(plain(screen.getByTestId('school-line').textContent ?? '')).toMatch(
    /Yours: 0\.9\d V ± 0\.0\d, .*mA, from 30 cells/,
  );
  const figures = screen.getByTestId('cell-figures');
  expect(figures).toHaveTextContent('Such a cell at your school');
  expect(screen.getByRole('navigation', { name: 'Stations of the plan' })).toHaveTextContent(
    '(your school’s)',
  );
  press('Use the recipe’s values instead');
  expect(figures).toHaveTextContent('A typical cell');
  press('Plan with them');
  expect(figures).toHaveTextContent('Such a cell at your school');
});

test('promises of earlier lessons are held against what lit', () => {
  showPage(<SchoolPage found={FOUND} ownRecipes={[]} />);
  const picture = screen.getByTestId('scores');
  expect(picture.getAttribute('aria-label')).toMatch(
    /^Promised 88: 83 of 100 lit \(\d+ to \d+, 6 batteries\)\. Promised 97: 100 of 100 lit \(\d+ to 100, 12 batteries\)\.$/,
  );
  expect(screen.getByText(/3 lessons, 18 batteries/)).toBeVisible();
});
