/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { newPlan } from '@/core/records/plan/newPlan';
import { plain, press } from '@/testing/ui/acting';
import { showPlan, verdict } from '@/testing/ui/planPage';
import { answering, breaking } from '@/testing/ui/workerInPage';

const classes = (): string => plain(screen.getByTestId('class-simulation').textContent ?? '');

test('where the worker breaks off it is said in its place; the verdict stands, and it is tried again', async () => {
  breaking('simulateMany', 'out of memory');
  showPlan(newPlan('Lamp'), 'arrange');
  const said = await screen.findByText(/This could not be worked out \(out of memory\)/);
  expect(said).toHaveTextContent('Nothing that you typed is lost.');
  expect(verdict().tone).toBe('fine');
  // The few classes that the page counts itself stand meanwhile.
  expect(classes()).toMatch(/^600 classes/);
  breaking('simulateMany', null);
  answering('simulateMany');
  fireEvent.click(within(said.closest('[role="alert"]') as HTMLElement).getByRole('button'));
  await waitFor(() => expect(classes()).toMatch(/^20 000 classes|^20,000 classes/));
  expect(screen.queryByText(/This could not be worked out/)).toBeNull();
});

test('an edit replaces what was simulated: the classes are those of the new battery', async () => {
  answering('simulateMany');
  showPlan(newPlan('Lamp'), 'arrange');
  await waitFor(() => expect(classes()).toMatch(/^20.000 classes/));
  const before = classes();
  press(/^More strings side by side/);
  // At once with few classes, later with many.
  await waitFor(() => expect(classes()).not.toBe(before));
  await waitFor(() => expect(classes()).toMatch(/^20.000 classes/));
  expect(classes()).not.toBe(before);
  press('Undo');
  await waitFor(() => expect(classes()).toBe(before));
});
