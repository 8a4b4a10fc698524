/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { newPlan } from '@/core/records/plan/newPlan';
import { choose, fill, plain, press } from '@/testing/ui/acting';
import { showPlan, verdict } from '@/testing/ui/planPage';

const cellsInString = (): number =>
  Number(
    within(screen.getByRole('group', { name: 'cells in a string' })).getByRole('status')
      .textContent,
  );

test('a new plan is fine for its minutes, says what that rests on, and follows the time', async () => {
  showPlan(newPlan('Promise'), 'power');
  expect(verdict().tone).toBe('fine');
  expect(verdict().text).toMatch(
    /for 10 min, in 9\d of 100 classes · with lemons nobody has read yet · .* at first, .* at the end$/,
  );
  const times = within(screen.getByRole('group', { name: 'Usual times' }));
  fireEvent.click(times.getByRole('button', { name: /just to show it/ }));
  expect(verdict().text).toContain('for 10 s');
  fireEvent.click(times.getByRole('button', { name: /a lesson/ }));
  expect(verdict().text).toContain('for 45 min');
  expect(verdict().tone).toBe('fine');
});

test('another colour changes the wiring at once', async () => {
  const { goTo } = showPlan(newPlan('Colours'), 'arrange');
  const red = cellsInString();
  goTo('power');
  fireEvent.click(screen.getByRole('radio', { name: /violet/ }));
  expect(verdict().text).toContain('violet LED');
  goTo('arrange');
  expect(cellsInString()).toBeGreaterThan(red);
});

test('what cannot be done says why, and offers the nearest thing that can', async () => {
  const fresh = newPlan('Radio');
  // No berry has room for more than one pair.
  const { goTo } = showPlan({ ...fresh, cell: { ...fresh.cell, body: 'gooseberry' } }, 'power');
  press('A small device');
  choose(screen.getByLabelText('Device'), 'pocket radio');
  expect(verdict().tone).toBe('wrong');
  goTo('arrange');
  expect(await screen.findByTestId('impossible')).toHaveTextContent(
    'Cannot be done, because the current is short',
  );
  press('Plan that instead');
  await waitFor(() => expect(verdict().tone).toBe('fine'));
});

test('strong cells get a resistor; without it the plan is not fine', async () => {
  const { goTo } = showPlan(newPlan('Strong'), 'cell');
  fireEvent.click(screen.getByRole('radio', { name: /Zinc–carbon felt/ }));
  goTo('arrange');
  press(/^More cells/);
  press(/^More cells/);
  expect(document.querySelector('[data-desk-picture]')?.textContent).toContain('Ω');
  goTo('power');
  const resistor = screen.getByRole('combobox', { name: 'Resistor' });
  const told = () => plain(resistor.closest('section')?.textContent ?? '');
  expect(told()).toMatch(
    /[\d.]+ Ω stand between \+ and the red LED: a strong class gives [\d.]+ mA at most\. It bears 20 mA\./,
  );
  choose(resistor, 'none');
  expect(verdict().text).toContain('may be destroyed');
  expect(told()).toMatch(
    /None: a strong class gives the red LED [\d.]+ mA at most\. It bears 20 mA\./,
  );
  choose(resistor, 'my own');
  fill(screen.getByLabelText('Its resistance'), '470');
  await waitFor(() => expect(verdict().tone).toBe('fine'));
});

test('a device of one’s own has a name, and volts that it bears', () => {
  showPlan(newPlan('Bell'), 'power');
  press('A small device');
  choose(screen.getByLabelText('Device'), 'own-device');
  fill(screen.getByLabelText('What it is called'), 'door bell');
  expect(verdict().text).toContain('the door bell');
  expect(screen.getByLabelText('At most (volts)')).toBeVisible();
  const told = () =>
    plain(screen.getByRole('combobox', { name: 'Resistor' }).closest('section')?.textContent ?? '');
  expect(told()).toMatch(/None: a strong class gives the door bell [\d.]+ V at most\.$/);
  choose(screen.getByLabelText('Device'), 'lcd-clock');
  expect(verdict().text).toContain('the LCD clock');
  expect(screen.queryByLabelText('What it is called')).toBeNull();
  expect(screen.queryByLabelText('At most (volts)')).toBeNull();
});

test('an LED of the pack is read once; another colour starts without it', () => {
  showPlan(newPlan('Pack'), 'power');
  const before = verdict().text;
  press('Read one LED of your pack');
  fill(screen.getByLabelText('Volts across it'), '1,85');
  expect(verdict().text).not.toBe(before);
  fill(screen.getByLabelText('Volts across it'), '9');
  expect(screen.getByText('An LED takes at most 4.5 V.')).toBeVisible();
  press('Do without');
  expect(verdict().text).toBe(before);
  press('Read one LED of your pack');
  fireEvent.click(screen.getByRole('radio', { name: /amber/ }));
  expect(screen.getByRole('button', { name: 'Read one LED of your pack' })).toBeVisible();
});
