/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { newPlan } from '@/core/records/plan/newPlan';
import { plain, press } from '@/testing/ui/acting';
import { showPlan, verdict } from '@/testing/ui/planPage';
import { breaking } from '@/testing/ui/workerInPage';

const classes = (): string => plain(screen.getByTestId('class-simulation').textContent ?? '');
const chanceIn = (text: string): string => / in (\d+) of 100/.exec(text)?.[1] ?? '';

test('where the worker breaks off it is said in its place; the verdict stands, and it is tried again', async () => {
  breaking('wiringOptions', 'out of memory');
  showPlan(newPlan('Lamp'), 'arrange');
  const said = await screen.findByText(/This could not be worked out \(out of memory\)/);
  expect(said).toHaveTextContent('Nothing that you typed is lost.');
  expect(verdict().tone).toBe('fine');
  breaking('wiringOptions', null);
  fireEvent.click(within(said.closest('[role="alert"]') as HTMLElement).getByRole('button'));
  expect(await screen.findByRole('list', { name: 'Recommended' })).toBeVisible();
  expect(screen.queryByText(/This could not be worked out/)).toBeNull();
});

test('one run of classes, one number: headline, chart and option; an edit has its own', async () => {
  showPlan(newPlan('Lamp'), 'arrange');
  const before = classes();
  const chance = chanceIn(verdict().text);
  expect(chanceIn(before)).toBe(chance);
  const list = await screen.findByRole('list', { name: 'Laid out' });
  expect(within(list).getByRole('button', { pressed: true })).toHaveTextContent(`${chance} of 100`);
  press(/^More strings side by side/);
  await waitFor(() => expect(classes()).not.toBe(before));
  expect(chanceIn(classes())).toBe(chanceIn(verdict().text));
  press('Undo');
  await waitFor(() => expect(classes()).toBe(before));
});
