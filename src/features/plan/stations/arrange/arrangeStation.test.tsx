/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { demoPlan } from '@/cli/demoPlans';
import { DEMO_CUPBOARD } from '@/cli/demoCupboard';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, fill, plain, press } from '@/testing/ui/acting';
import { showPlan, verdict } from '@/testing/ui/planPage';

const fresh = newPlan('Lemons');
/** Decided, so that the suggestion puts no more metal into each. */
const ONE_PAIR = RECIPES['copper-zinc-fruit'].usualSize;
/** Measured lemons, four in series, three strings side by side. */
const LEMONS: Plan = {
  ...fresh,
  target: { kind: 'led', colour: 'amber', brightness: 'clear' },
  cell: {
    ...fresh.cell,
    size: ONE_PAIR,
    own: {
      openCircuitVolts: 0.93,
      shortCircuit: { amps: 2.9e-3, meterRange: '20 mA', secondsAfter: null },
      loaded: [],
      kept: false,
    },
    // Many more like it: such lemons are as good as known.
    trialCells: Array.from({ length: 40 }, () => ({
      volts: 0.93,
      milliamps: 2.9,
      seconds: null,
      counted: true,
    })),
  },
};

const cells = (): HTMLElement[] => [...document.querySelectorAll<HTMLElement>('[data-cell]')];
const cell = (string: number, place: number): HTMLElement => {
  const found = cells().find((one) => one.dataset['cell'] === `string ${string} cell ${place}`);
  if (found === undefined) throw new Error(`no cell ${place} in string ${string}`);
  return found;
};
const counts = (): string[] =>
  ['cells in a string', 'strings side by side'].map(
    (name) => within(screen.getByRole('group', { name })).getByRole('status').textContent ?? '',
  );
/** What can be grasped is laid anew once the edits rest. */
const laidOut = (count: number): Promise<void> =>
  waitFor(() => expect(cells()).toHaveLength(count));

test('a fault as a what-if: the result and the reason at once, and the way back', async () => {
  showPlan(LEMONS, 'arrange');
  fireEvent.click(cell(1, 2));
  const menu = await screen.findByRole('dialog', { name: /^string 1 cell 2/ });
  fireEvent.click(within(menu).getByLabelText('turned round'));
  expect(menu).toHaveTextContent('the string loses two cells’ worth');
  await expectAccessible(menu);
  await userEvent.keyboard('{Escape}');
  expect(screen.getByTestId('wrong-things')).toHaveTextContent('String 1 cell 2: turned round.');
  expect(screen.getByTestId('string-warning')).toHaveTextContent('back through');
  press('Undo');
  expect(screen.queryByTestId('wrong-things')).toBeNull();
});

test('a weaker cell: its place is marked, and the weaker it is the less flows', async () => {
  showPlan(LEMONS, 'arrange');
  fireEvent.click(cell(1, 2));
  const menu = await screen.findByRole('dialog');
  await waitFor(() => expect(cell(1, 2)).toHaveAttribute('aria-expanded', 'true'));
  fireEvent.click(within(menu).getByLabelText('weaker than the others'));
  const current = (): number =>
    Number(/current .* → ([\d.]+)/.exec(screen.getByTestId('wrong-things').textContent ?? '')?.[1]);
  const half = current();
  fireEvent.change(within(menu).getByRole('slider'), { target: { value: '10' } });
  expect(menu).toHaveTextContent('10 % of the usual current');
  expect(current()).toBeLessThan(half);
});

test.each([
  'turned round',
  'dry',
  'poor contact',
  'no contact at all',
  'metals touching',
  'the same metal twice',
])(
  'a cell may be %s: what that means stands below it, the verdict and the desk say so',
  async (fault) => {
    showPlan(LEMONS, 'arrange');
    fireEvent.click(cell(2, 1));
    const menu = await screen.findByRole('dialog');
    const told = menu.textContent ?? '';
    fireEvent.click(within(menu).getByLabelText(fault));
    expect((menu.textContent ?? '').length).toBeGreaterThan(told.length);
    expect(screen.getByTestId('wrong-things')).toHaveTextContent(`String 2 cell 1: ${fault}.`);
    expect(verdict().text).toContain('what if: one thing is wrong on the desk');
    // What classes do is said of the battery as it is meant.
    expect(screen.getByText(/^built right it works .* of 100 classes$/)).toBeVisible();
    await waitFor(() => expect(cell(2, 1).getAttribute('aria-label')).toContain(fault));
  },
);

test('cells added after and beside, another cell among them, one taken away and back', async () => {
  const { kept } = showPlan(LEMONS, 'arrange');
  fireEvent.click(cell(1, 2));
  await screen.findByRole('dialog');
  press('Add one beside it');
  await laidOut(16);
  fireEvent.click(cell(1, 4));
  await screen.findByRole('dialog');
  press('Add one after it');
  await laidOut(17);
  fireEvent.click(cell(2, 2));
  await screen.findByRole('dialog');
  choose(screen.getByLabelText('What cell it is'), 'Aluminium–air, brine sponge');
  press('Remove cell');
  await laidOut(16);
  press('Undo');
  await laidOut(17);
  expect(cell(2, 2).getAttribute('aria-label')).toContain('sponge');
  await waitFor(() => expect(JSON.stringify(kept.at(-1)?.body)).toContain('aluminium-air-brine'));
});

test('the LED turned round by button and key', async () => {
  showPlan(LEMONS, 'arrange');
  press('Turn the LED round');
  expect(screen.getByTestId('wrong-things')).toHaveTextContent('its long leg');
  expect(verdict().tone).toBe('wrong');
  await userEvent.keyboard('l');
  expect(screen.queryByTestId('wrong-things')).toBeNull();
});

test('steppers, undo, redo, and the suggestion again', async () => {
  showPlan(LEMONS, 'arrange');
  expect(counts()).toEqual(['5', '3']);
  press(/^More strings/);
  expect(counts()).toEqual(['5', '4']);
  press('Undo');
  expect(counts()).toEqual(['5', '3']);
  press('Redo');
  expect(counts()).toEqual(['5', '4']);
  press('Follow the suggestion again');
  expect(counts()).toEqual(['5', '3']);
});

test('volts along the string that is touched', async () => {
  showPlan(LEMONS, 'arrange');
  const picture = () => document.querySelector('[data-desk-picture]')?.textContent ?? '';
  expect(picture()).toContain('Volts along string 1');
  press('Volts along string 3');
  expect(picture()).toContain('Volts along string 3');
  expect(screen.getByRole('button', { name: 'Volts along string 3' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('wiring options: what is laid out first, others folded, marginal ones apart', async () => {
  showPlan(LEMONS, 'arrange');
  const first = await screen.findByRole('list', { name: 'Laid out' });
  expect(within(first).getByRole('button', { pressed: true })).toHaveTextContent('5 in series × 3');
  expect(screen.queryByRole('list', { name: 'More that work' })).toBeNull();
  choose(screen.getByLabelText('Sort the options by'), 'surest');
  press(/more that work/);
  const chances = (): number[] =>
    within(screen.getByRole('list', { name: 'More that work' }))
      .getAllByRole('button')
      .map((one) => Number.parseInt(within(one).getByText(/\d of 100/).textContent ?? '', 10));
  await waitFor(() => {
    const shown = chances();
    expect(shown.length).toBeGreaterThan(1);
    expect(shown).toEqual([...shown].sort((a, b) => b - a));
  });
  for (const chance of chances()) expect(chance).toBeGreaterThanOrEqual(95);
  press('Limits');
  await userEvent.clear(screen.getByLabelText('Maximum cells'));
  await userEvent.type(screen.getByLabelText('Maximum cells'), '0');
  expect(screen.getByText('Give a whole number from 1 to 200.')).toBeVisible();
});

test('where one pair of metals in each cannot do it and more can, nothing below contradicts that', async () => {
  showPlan(
    {
      ...fresh,
      cell: { ...fresh.cell, size: ONE_PAIR },
      minutes: 1440,
      target: { kind: 'led', colour: 'blue', brightness: 'clear' },
    },
    'arrange',
  );
  expect(await screen.findByTestId('impossible')).toHaveTextContent('Cannot be done');
  expect(await screen.findByRole('list', { name: 'Recommended' })).toHaveTextContent(
    /\d pairs each.*9\d of 100|9\d of 100.*\d pairs each/,
  );
  expect(screen.getByTestId('impossible')).toHaveTextContent('more metal in each');
});

test('more current: a string against more metal, each undoable', async () => {
  showPlan(LEMONS, 'arrange');
  const more = await screen.findByTestId('more-current');
  expect(more).toHaveTextContent('no food wasted');
  const [string, metal] = within(more).getAllByRole('button', { name: /^Apply/ });
  fireEvent.click(string ?? more);
  expect(counts()).toEqual(['5', '4']);
  press('Undo');
  const before = verdict().text;
  fireEvent.click(metal ?? more);
  await waitFor(() => expect(verdict().text).not.toBe(before));
  // Of this battery it was told: the suggestion does not move away under it.
  expect(counts()).toEqual(['5', '3']);
});

test('a common belief stays pressed while its answer is in view; another press folds it away', async () => {
  showPlan(LEMONS, 'arrange');
  for (const [claim, answer] of [
    ['All pairs in one fruit', 'one'],
    ['Volts times amps', 'quarter'],
    ['the largest cell wins', 'between'],
    ['Salt kills the acid', 'neutralise'],
  ] as const) {
    const belief = screen.getByRole('button', { name: new RegExp(claim) });
    fireEvent.click(belief);
    expect(belief).toHaveAttribute('aria-pressed', 'true');
    const told = (await screen.findByText(/”: no\./)).parentElement;
    expect(told).toHaveTextContent(answer);
    expect(
      screen.getAllByRole('button', { pressed: true, name: /Salt|pairs|Volts times|largest/ }),
    ).toHaveLength(1);
    fireEvent.click(belief);
    expect(screen.queryByText(/”: no\./)).toBeNull();
  }
  press(/All pairs in one fruit/);
  press('Show it on the desk');
  expect(screen.getByTestId('wrong-things')).toHaveTextContent('5 pairs in one lemon.');
});

test('other loads are worked out once asked for, and drawn beside the battery', async () => {
  showPlan(LEMONS, 'arrange');
  expect(screen.queryByRole('table', { name: 'Other loads' })).toBeNull();
  fireEvent.click(await screen.findByRole('button', { name: /What else it runs/ }));
  const table = await screen.findByRole('table', { name: 'Other loads' });
  const radio = await within(table).findByRole('row', { name: /pocket radio/ });
  expect(radio).toHaveTextContent('does not start');
  const drawn = within(table).getByLabelText('Draw the curve of the blue LED');
  fireEvent.click(drawn);
  expect(drawn).toBeChecked();
});

test('figures open to their sums', async () => {
  showPlan(demoPlan('demo-lamp'), 'arrange');
  press(/^internal resistance/);
  const sum = await screen.findByRole('dialog', { name: 'Internal resistance' });
  expect(plain(sum.textContent ?? '')).toContain('One pair: 0.93 V ÷ 1.4 mA');
});

test('what falls short offers what would help, one press each', async () => {
  showPlan({ ...fresh, cell: { ...fresh.cell, size: ONE_PAIR } }, 'arrange');
  const strings = within(screen.getByRole('group', { name: 'strings side by side' }));
  fireEvent.click(strings.getByRole('button', { name: /Fewer/ }));
  fireEvent.click(strings.getByRole('button', { name: /Fewer/ }));
  expect(verdict().tone).not.toBe('fine');
  const helps = within(await screen.findByTestId('helps'));
  fireEvent.click(await helps.findByRole('button', { name: /two more strings: dim for/ }));
  expect(verdict().tone).toBe('fine');
  await waitFor(() =>
    expect(screen.queryByRole('button', { name: /two more strings/ })).toBeNull(),
  );
});

test('only with what there is: the wirings keep to it, what is missing is named, and bought by a press', async () => {
  showPlan(newPlan('Only these'), 'arrange', [], {
    initial: DEMO_CUPBOARD,
    initialRevision: 1,
    unread: false,
  });
  const before = cells().length;
  press('Only with what I have …');
  const asked = await screen.findByRole('dialog', { name: 'What can I light with what I have?' });
  await expectAccessible(asked);
  const dialog = within(asked);
  // The cupboard of the scenario is stocked.
  expect(dialog.getByLabelText('lemons')).toHaveValue('4');
  fill(dialog.getByLabelText('lemons'), '9');
  fill(dialog.getByLabelText('galvanised nails'), '6');
  fireEvent.click(dialog.getByRole('button', { name: 'Make this plan from these parts only' }));
  expect(verdict()).toMatchObject({ tone: 'wrong', text: expect.stringContaining('missing') });
  expect(screen.getByTestId('missing-words')).toHaveTextContent('galvanised nails');
  press('Buy what is missing');
  expect(verdict().text).not.toContain('missing');
  press('Undo');
  expect(verdict().text).toContain('missing');
  press('Undo');
  await laidOut(before);
});

test('the desk on the projector, as a picture and as a netlist', async () => {
  const files: Record<string, string> = {};
  URL.createObjectURL = () => 'blob:tested';
  URL.revokeObjectURL = () => undefined;
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function save(
    this: HTMLAnchorElement,
  ) {
    files[this.download] = this.href;
  });
  showPlan(LEMONS, 'arrange');
  press('Projector view');
  const projector = await screen.findByTestId('projector');
  expect(plain(projector.textContent ?? '')).toMatch(/4\.6\d V with nothing connected/);
  await expectAccessible(projector);
  press('Leave the projector view');
  expect(screen.queryByTestId('projector')).toBeNull();
  for (const item of ['Save the picture as SVG', 'Save the circuit as a SPICE netlist']) {
    press('More about the desk');
    fireEvent.click(await screen.findByRole('menuitem', { name: item }));
  }
  await waitFor(() => expect(Object.keys(files)).toEqual(['desk.svg', 'battery.cir']));
  jest.restoreAllMocks();
  await expectAccessible();
});

const PRICED = { initial: DEMO_CUPBOARD, initialRevision: 1, unread: false };
test.each([
  ['no price', 'least to buy', 'Fewest cells first'],
  ['no price', 'lowest cost', 'Fewest cells first'],
  ['prices', 'least to buy', 'Lowest price first'],
  ['prices', 'lowest cost', 'Lowest price first'],
  ['prices', 'fewest cells', 'Fewest cells first'],
  ['prices', 'most current', 'Most current first'],
  ['prices', 'longest', 'Longest first'],
  ['prices', 'surest', 'Surest first'],
  ['prices', 'least waste', 'Least waste first'],
])('with %s options by %s say what they are really ordered by', async (known, wanted, words) => {
  showPlan(LEMONS, 'arrange', undefined, known === 'prices' ? PRICED : undefined);
  choose(await screen.findByLabelText('Sort the options by'), wanted);
  expect(await screen.findByText(new RegExp(`^${words} of all that work`))).toBeVisible();
});
