/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { RECIPES } from '@/core/physics/recipes/recipes';
import { freshCell, newPlan } from '@/core/records/plan/newPlan';
import type { Plan } from '@/core/records/plan/planSchema';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { DEMO_CUPBOARD } from '@/cli/demoCupboard';
import { demoPlan } from '@/cli/demoPlans';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, fill, plain, press } from '@/testing/ui/acting';
import { foundTool } from '@/testing/ui/toolPage';
import { showPlan } from '@/testing/ui/planPage';

/** A plan for thirty pupils, prepared for a Friday far ahead. */
const LESSON: Plan = { ...newPlan('Class'), lessonDate: '2031-01-31' };

test('the class: groups, spares and the meter queue follow, each undoable; what cannot be is told', async () => {
  showPlan(LESSON, 'ready');
  const words = screen.getByTestId('group-words');
  expect(words).toHaveTextContent('6 groups of 5 pupils');
  fill(screen.getByLabelText('Groups'), '5');
  expect(words).toHaveTextContent('5 groups of 6 pupils');
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(words).toHaveTextContent('6 groups of 5 pupils');
  fill(screen.getByLabelText('Pupils'), '0');
  expect(screen.getByText('Enter at least 1 pupil.')).toBeVisible();
  expect(words).toHaveTextContent('6 groups of 5 pupils');
  fill(screen.getByLabelText('Groups'), '31');
  expect(screen.getByText('There cannot be more groups than pupils.')).toBeVisible();
  expect(
    screen.getByRole('heading', { name: /^\d+(\.\d)? min planned, 45 available/ }),
  ).toBeVisible();
  choose(screen.getByLabelText('How the meters are shared'), 'every-cell');
  fill(screen.getByLabelText('Longest wait (min)'), '2');
  expect(screen.getByText(/it takes 2, or a longer wait/)).toBeVisible();
  fill(screen.getByRole('textbox', { name: 'Meters' }), '6');
  expect(screen.getByTestId('queue-words')).toHaveTextContent(
    'the longest wait between two turns is 0',
  );
});

test('safety: ticks are kept, and every caution says where it comes from', async () => {
  const { goTo, kept } = showPlan(LESSON, 'ready');
  goTo('ready', 'safety');
  const food = await screen.findByRole('checkbox', { name: /nobody eats it/ });
  fireEvent.click(food);
  expect(food).toBeChecked();
  expect(screen.getAllByText(/recipe: Lemon, kiwi …; material:/)[0]).toBeVisible();
  await waitFor(() => expect(JSON.stringify(kept.at(-1)?.body)).toContain('food'));
});

test('safety: what is said to the class by its age, and the school’s own rules', async () => {
  const lesson = { ...LESSON.lesson, ageBand: 'under-11' as const };
  const { goTo, kept } = showPlan({ ...LESSON, lesson }, 'ready');
  goTo('ready', 'safety');
  const said = await screen.findByRole('list', { name: 'Say this to the class' });
  expect(said).toHaveTextContent('Nothing goes into the mouth. Wash your hands.');
  fill(screen.getByRole('textbox', { name: 'Rules of your school' }), 'Hair tied back.');
  await waitFor(() => expect(JSON.stringify(kept.at(-1)?.body)).toContain('Hair tied back.'));
});

test.each([
  ['magnesium-graphite', '14 and over', false],
  ['dilute-sulfuric-acid', 'trained staff', true],
] as const)(
  '%s: the gate says who may build it, and withholds what is not for this class',
  async (recipe, words, withheld) => {
    const { goTo } = showPlan(
      { ...LESSON, cell: freshCell(recipe, RECIPES[recipe].bodies[0].id) },
      'ready',
    );
    expect(screen.getByTestId('gate')).toHaveTextContent(words);
    goTo('ready', 'shopping');
    const list = { name: 'Shopping list' };
    if (withheld) {
      expect(await screen.findByTestId('withheld')).toBeVisible();
      expect(screen.queryByRole('table', list)).toBeNull();
    } else {
      expect(await screen.findByRole('table', list)).toBeVisible();
      expect(screen.queryByTestId('withheld')).toBeNull();
    }
  },
);

test('the timetable by keys: moved by a quarter of an hour and by a day, clashes told, all put back', async () => {
  const { goTo } = showPlan(LESSON, 'ready');
  goTo('ready', 'timetable');
  const buy = (): HTMLElement => {
    const task = document.querySelector<HTMLElement>('[data-task="buy"]');
    if (task === null) throw new Error('nothing is bought');
    return task;
  };
  const start = (): string | undefined => buy().dataset['start'];
  expect(await screen.findByTestId('conflicts')).toHaveTextContent('No clashes.');
  expect(start()).toBe('2031-01-29T16:15:00');
  buy().focus();
  await userEvent.keyboard('{ArrowLeft}');
  expect(start()).toBe('2031-01-29T16:00:00');
  expect(buy()).toHaveAccessibleName(/, Wed 29 Jan 16:00, .* minutes, moved by hand$/);
  await userEvent.keyboard('{ArrowDown}');
  await userEvent.keyboard('{ArrowDown}');
  expect(start()).toBe('2031-01-31T16:00:00');
  expect(screen.getByTestId('conflicts')).toHaveTextContent(
    /comes after what needs it|is not done before/,
  );
  expect(buy()).toHaveAccessibleName(/, moved by hand, in conflict$/);
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(start()).toBe('2031-01-30T16:00:00');
  fireEvent.click(screen.getByRole('button', { name: /Put every task back/ }));
  expect(start()).toBe('2031-01-29T16:15:00');
});

test('every part of getting ready breaks no rule of names and structure', async () => {
  const { goTo } = showPlan(demoPlan('demo-tide-clock'), 'ready');
  for (const [part, first] of [
    ['class', 'Groups'],
    ['shopping', null],
    ['prepare', null],
    ['timetable', 'Lesson date'],
    ['safety', null],
    ['prints', null],
  ] as const) {
    goTo('ready', part);
    if (first === null) await screen.findByRole('tabpanel');
    else await screen.findByLabelText(first);
    await expectAccessible();
  }
});

test('shopping: a cupboard that cannot be read is no empty one, and the list says so', async () => {
  const cupboard = { ...foundTool(CUPBOARD_DOCUMENT), unread: true };
  const { goTo } = showPlan(LESSON, 'ready', [], cupboard);
  goTo('ready', 'shopping');
  const said = await screen.findByText(/stored cupboard cannot be read/);
  expect(within(said).getByRole('link')).toHaveAttribute('href', '/cupboard');
});

test('shopping: the cupboard counts down and back, cheaper ways are offered', async () => {
  const CUPBOARD = { initial: DEMO_CUPBOARD, initialRevision: 1, unread: false };
  // More leads than the club has: then something cheaper saves money.
  const plan: Plan = { ...LESSON, lesson: { ...LESSON.lesson, groups: 30 } };
  const { goTo } = showPlan(plan, 'ready', [], CUPBOARD);
  goTo('ready', 'shopping');
  const list = within(await screen.findByRole('table', { name: 'Shopping list' }));
  const row = (name: RegExp): HTMLElement => list.getByRole('row', { name });
  expect(plain(row(/lemons/).textContent ?? '')).toContain('× 4 lemons');
  fireEvent.click(within(row(/lemons/)).getByRole('checkbox'));
  expect(within(row(/lemons/)).getByRole('checkbox')).toBeChecked();
  expect(screen.getByTestId('shopping-total')).toHaveTextContent('a pupil');
  const cheaper = within(screen.getByTestId('substitutes'))
    .getAllByRole('listitem')
    .find((one) => one.textContent?.includes('doorbell wire'));
  if (cheaper === undefined) throw new Error('nothing cheaper is offered');
  fireEvent.click(within(cheaper).getByRole('button', { name: 'Use it' }));
  expect(row(/doorbell wire/)).toBeInTheDocument();
  press('Take the kit out');
  expect(screen.getByTestId('short-of')).toHaveTextContent('lemons');
  press('Take out what is there');
  press('Put it back');
  const left = await screen.findByRole('dialog', { name: 'What is left over?' });
  await expectAccessible(left);
  const back = within(left);
  expect(back.getByLabelText('lemons left')).toHaveValue('0');
  fill(back.getByLabelText('copper strips left'), '5000');
  expect(back.getByText(/were out/)).toBeVisible();
  fill(back.getByLabelText('copper strips left'), '59');
  fireEvent.click(back.getByRole('button', { name: 'Put it back' }));
  await waitFor(() => expect(row(/copper strips/)).toHaveTextContent('59'));
  // Back and out again are undone, the newest first: the cupboard is what it was.
  for (let step = 0; step < 2; step += 1) {
    const notices = await screen.findAllByRole('alert');
    const undo = notices.flatMap((one) => within(one).queryAllByRole('button', { name: 'Undo' }));
    fireEvent.click(undo.at(-1)!);
  }
  await waitFor(() => expect(row(/copper strips/)).toHaveTextContent('60'));
});

test('what is bought is safe unread; building by the first cells is likely to leave some over', async () => {
  const { goTo } = showPlan(
    { ...newPlan('Over'), target: { kind: 'led', colour: 'red', brightness: 'clear' } },
    'ready',
  );
  goTo('ready', 'shopping');
  expect(plain((await screen.findByTestId('left-over')).textContent ?? '')).toMatch(
    /lemons that nobody has read.* \d × \d is as likely as not enough: then \d+ lemons are left over\.$/,
  );
});

test('in the timetable each task stands where its hour is, as wide as it takes', async () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'ready');
  goTo('ready', 'timetable');
  await screen.findByText('Before the lesson');
  const bar = document.querySelector<HTMLElement>('[data-task="lesson"]');
  const { left, width } = bar!.style;
  // From 14:00 for an hour, of the nine hours from 8:00 to 17:00.
  expect(parseFloat(left)).toBeCloseTo((100 * 6) / 9, 3);
  expect(parseFloat(width)).toBeCloseTo(100 / 9, 3);
});

test('either rule for spare cells says what the other would give', () => {
  const { goTo } = showPlan(demoPlan('demo-lamp'), 'ready');
  goTo('ready', 'class');
  const said = (): number[] => {
    const text = plain(screen.getByText(/The other rule gives/).textContent ?? '');
    return (/^(\d+) for (\d+) cells\. The other rule gives (\d+)\.$/.exec(text) ?? [])
      .slice(1)
      .map(Number);
  };
  const [own, cells, other] = said();
  // Six groups with as many cells as stand on the desk; one in six of them, rounded up.
  expect(cells).toBe(6 * 20);
  expect(own).toBe(Math.ceil(cells! / 6));
  press('enough in 95 of 100 classes');
  expect(said()).toEqual([other, cells, own]);
});
