/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { newPlan } from '@/core/records/plan/newPlan';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, fill, plain, press } from '@/testing/ui/acting';
import { showPlan, verdict } from '@/testing/ui/planPage';

const figures = (): string => plain(screen.getByTestId('cell-figures').textContent ?? '');
const shorted = (): number => {
  const [, value = '', unit = ''] = /Current when shorted\D*([\d.]+) (µA|mA)/.exec(figures()) ?? [];
  return Number(value) * (unit === 'mA' ? 1 : 1e-3);
};
const addLoaded = (ohms: string, volts: string): void => {
  const form = within(screen.getByRole('region', { name: 'Readings at known resistors' }));
  fill(form.getByRole('textbox', { name: 'Resistor' }), ohms);
  fill(form.getByRole('textbox', { name: 'Volts across it' }), volts);
  fireEvent.click(form.getByRole('button', { name: 'Add' }));
};

test('size and liquid move what one cell gives, with the sum on demand', async () => {
  showPlan(newPlan('Sizes'), 'cell');
  const nail = shorted();
  press('How large are the metals?');
  fill(screen.getByLabelText('Gap between them'), '5 mm');
  await waitFor(() => expect(shorted()).toBeGreaterThan(1.02 * nail));
  const closer = shorted();
  press(/more metal pairs per/i);
  // Four pairs as suggested, and one more.
  await waitFor(() => expect(shorted()).toBeGreaterThan(1.2 * closer));
  press('why the size matters');
  const sum = await screen.findByRole('dialog');
  expect(sum).toHaveTextContent('cm²');
  await expectAccessible(sum);
  await userEvent.keyboard('{Escape}');
  fireEvent.click(screen.getByRole('radio', { name: /Coin pile/ }));
  const brine = shorted();
  choose(
    screen.getByRole('combobox', { name: 'Separator and liquid' }),
    'coin cell with felt in salt and vinegar',
  );
  expect(shorted()).toBeGreaterThan(1.3 * brine);
  expect(figures()).toContain('0.90 V');
  press('Undo');
  expect(figures()).toContain('0.75 V');
});

test('loaded readings are fitted, with their errors; everything can be taken back', async () => {
  const { kept } = showPlan(newPlan('Loaded'), 'cell');
  fill(screen.getByLabelText('Open-circuit volts'), '0.93');
  expect(await screen.findByText(/One more reading with a current is needed/)).toBeVisible();
  press('At known resistors');
  addLoaded('1k', '0,62');
  expect(figures()).toContain('Your cell, measured');
  // 0.93 V open and 0.62 V at 1 kΩ: half of 1 kΩ inside.
  expect(figures()).toContain('500 Ω');
  addLoaded('470', '0.45');
  addLoaded('2.2k', '0.76');
  expect(screen.getByTestId('fit-statement')).toHaveTextContent('too few to tell');
  expect(figures()).toContain('±');
  addLoaded('220', '0.27');
  expect(screen.getByTestId('fit-statement')).toHaveTextContent('straight line');
  press(/Remove the reading at 470/);
  expect(screen.getByTestId('fit-statement')).toHaveTextContent('too few to tell');
  press('Undo');
  expect(screen.getByTestId('fit-statement')).toHaveTextContent('straight line');
  await waitFor(() =>
    expect(kept.at(-1)?.body).toMatchObject({
      document: { cell: { own: { openCircuitVolts: 0.93 } } },
    }),
  );
  press('Do without these readings');
  expect(figures()).toContain('A typical cell');
});

test('an unbelievable reading waits beside its field; it can be mended or kept, marked', async () => {
  showPlan(newPlan('Slips'), 'cell');
  fill(screen.getByLabelText('Open-circuit volts'), '0.93');
  fill(screen.getByLabelText('Short-circuit milliamps'), '1.4 A');
  const doubt = await screen.findByTestId('reading-doubt');
  expect(doubt).toHaveTextContent('hundreds of times');
  // Below the field of the current, not at the end of the card.
  const range = screen.getByLabelText('Range of the meter for the current');
  expect(doubt.compareDocumentPosition(range)).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  expect(figures()).toContain('A typical cell');
  press('Yes, correct it');
  expect(screen.queryByTestId('reading-doubt')).toBeNull();
  expect(figures()).toContain('Your cell, measured');
  fill(screen.getByLabelText('Open-circuit volts'), '1.6');
  expect(await screen.findByTestId('reading-doubt')).toHaveTextContent(
    'more than one copper–zinc cell can give',
  );
  press('I measured it twice: keep it');
  expect(figures()).toContain('Your cell, measured');
  expect(screen.getByRole('navigation', { name: 'Stations of the plan' })).toHaveTextContent(
    'one read, kept though odd',
  );
  fill(screen.getByLabelText('Open-circuit volts'), 'a lot');
  expect(screen.getByText(/“a lot” is not a voltage/)).toBeVisible();
});

test('a meter of one’s own changes what a reading means', async () => {
  showPlan(newPlan('Meter'), 'cell');
  fill(screen.getByLabelText('Open-circuit volts'), '0.93');
  fill(screen.getByLabelText('Short-circuit milliamps'), '1.4');
  expect(figures()).toContain('654');
  press('Is your meter another one?');
  fill(screen.getByLabelText('On 20 mA'), '60 Ω');
  expect(figures()).toContain('604');
  press('Back to the usual meter');
  expect(figures()).toContain('654');
});

test('another family, and its size: figures and verdict follow; staff cells are no class plan', async () => {
  showPlan(newPlan('Families'), 'cell');
  const parts = () => plain(screen.getByText(/, the cathode\)/).textContent ?? '');
  expect(parts()).toMatch(/the anode\) · why these volts$/);
  fireEvent.click(screen.getByRole('radio', { name: /Aluminium–air, brine sponge/ }));
  expect(parts()).toMatch(/the anode\) · between them: \w.* · why these volts$/);
  press(/^How to build it/);
  expect(screen.getByText(/never tape it shut/)).toBeVisible();
  press('How large are the metals?');
  expect(figures()).toContain('0.90');
  const usual = figures();
  fill(screen.getByLabelText('Gap between them'), '2 cm');
  expect(figures()).not.toBe(usual);
  press('Back to the usual size');
  expect(figures()).toBe(usual);
  fireEvent.click(screen.getByRole('radio', { name: /Dilute sulfuric acid/ }));
  expect(verdict().text).toContain('Demonstrator only');
});

test('fruit in pieces: quarters are cells of their own, and an adult cuts, here and in the preparation', async () => {
  const { goTo } = showPlan(newPlan('Quarters'), 'cell');
  press('quarters');
  expect(screen.getByText(/An adult cuts\./)).toBeVisible();
  expect(screen.getAllByText(/lemon quarter/).length).toBeGreaterThan(0);
  goTo('ready', 'prepare');
  expect(await screen.findByRole('heading', { name: /lemons cut into quarters/ })).toBeVisible();
  goTo('ready', 'timetable');
  fill(await screen.findByLabelText('Lesson date'), '2031-01-31');
  expect(await screen.findByTestId('timeline')).toHaveTextContent('Cut the fruit, an adult');
});

test('liquids: vinegar changes text, mixing and caution; a wide separator leaks', async () => {
  const { goTo } = showPlan(newPlan('Pile'), 'cell');
  fireEvent.click(screen.getByRole('radio', { name: /^Coin pile/ }));
  press(/^How to build it/);
  expect(screen.getByText(/Stir 1 tablespoon of salt/)).toBeVisible();
  press(/the same battery with each/);
  press(/^Before you start/);
  const table = within(await screen.findByRole('table', { name: 'The same battery with each' }));
  fireEvent.click(
    await table.findByRole('button', { name: 'Take coin cell with felt in vinegar' }),
  );
  expect(screen.getByText(/Pour out vinegar of 5 %/)).toBeVisible();
  expect(screen.queryByText(/Stir 1 tablespoon of salt/)).toBeNull();
  expect(screen.getAllByText(/vinegar and citric acid sting/).length).toBeGreaterThan(0);
  fill(screen.getByLabelText('Separator wider than the metal by'), '2');
  expect(plain(screen.getByTestId('overhang-words').textContent ?? '')).toContain(
    'leak about 2 kΩ',
  );
  fill(screen.getByLabelText('Separator wider than the metal by'), '-1');
  expect(screen.queryByTestId('overhang-words')).toBeNull();
  await expectAccessible();
  goTo('ready', 'prepare');
  expect(await screen.findByRole('heading', { name: /Vinegar of 5 %, as it is/ })).toBeVisible();
  expect(screen.getByText(/^Discs of 18 mm/)).toBeVisible();
});

test('trial cells narrow what is known; one is crossed out; the suggestion that changed says so', async () => {
  const { kept } = showPlan(newPlan('Trials'), 'cell');
  const bands = (): string => plain(screen.getByTestId('known-bands').getAttribute('aria-label')!);
  expect(bands()).toBe('nobody has read any: 0.266 mA to 0.778 mA');
  press('One more cell');
  fill(screen.getByLabelText('Milliamps of cell 2'), '0,9');
  fill(screen.getByLabelText('Volts of cell 2'), '0.92');
  expect(verdict().text).toContain('with your lemons, one read');
  expect(bands()).toContain('one read: 0.4');
  press('One more cell');
  fill(screen.getByLabelText('Milliamps of cell 3'), '85 µA');
  press('One more cell');
  fill(screen.getByLabelText('Milliamps of cell 4'), '0.8');
  expect(verdict().text).toContain('three read');
  const slipped = screen.getByRole('listitem', { name: 'Trial cell 3' });
  fireEvent.click(within(slipped).getByRole('button', { name: /^cross out/ }));
  expect(verdict().text).toContain('two read');
  expect(within(slipped).getByRole('button', { name: /^count again/ })).toBeVisible();
  await waitFor(() =>
    expect(kept.at(-1)?.body).toMatchObject({
      document: { cell: { trialCells: [{ milliamps: 0.9, volts: 0.92 }, { counted: false }, {}] } },
    }),
  );
  const changed = await screen.findByTestId('what-changed');
  expect(plain(changed.textContent ?? '')).toMatch(/Was 4 × 1, now .*stronger than usual/);
  await expectAccessible(screen.getByRole('main'));
  fireEvent.click(within(changed).getByRole('button', { name: 'Stay with 4 × 1' }));
  expect(screen.queryByTestId('what-changed')).toBeNull();
  // Readings are of one fruit: another starts without them.
  choose(screen.getByRole('combobox', { name: 'Fruit or vegetable' }), 'apple');
  expect(verdict().text).toContain('apples nobody has read yet');
  expect(screen.queryByRole('listitem', { name: 'Trial cell 3' })).toBeNull();
});

test('numbers that are stored in another unit can be typed letter by letter; a slip of the unit waits', async () => {
  showPlan(newPlan('Typed'), 'cell');
  press('One more cell');
  const amps = screen.getByLabelText('Milliamps of cell 2');
  await userEvent.type(amps, '0,57');
  expect(amps).toHaveValue('0,57');
  expect(verdict().text).toContain('one read');
  await userEvent.clear(amps);
  await userEvent.type(amps, '570');
  expect(screen.getAllByTestId('trial-doubt').length).toBeGreaterThan(0);
  expect(verdict().text).toContain('nobody has read yet');
});
