/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { demoPlan } from '@/cli/demoPlans';
import { succeed } from '@/core/result';
import { summaryOfPlan } from '@/core/work/judging/planSummary';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { answerNext, answerTo } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { Shelf } from './Shelf';

type ShelfProps = Parameters<typeof Shelf>[0];

const show = (
  shelf: Omit<ShelfProps['shelf'], 'entries'>,
  find = '',
  entries: ShelfProps['shelf']['entries'] = [],
  tourSeen = true,
) =>
  showPage(
    <Shelf
      shelf={{ entries, ...shelf }}
      find={find}
      sort="changed"
      past={false}
      next={24}
      tourSeen={tourSeen}
      lessons={0}
    />,
  );

test('an empty shelf offers three ways in', () => {
  show({ found: 0, all: 0, folded: 0 });
  expect(screen.getByTestId('empty-shelf')).toHaveTextContent(
    /Light something.*I have ….*Check a claim/,
  );
});

test('on the first visit the tour makes the plan that it shows', async () => {
  show({ found: 0, all: 0, folded: 0 }, '', [], false);
  answerNext(201, { id: 'first' });
  press('Show me');
  await waitFor(() => expect(navigation.pushed).toContain('/plans/first/arrange?tour=1'));
});

test('what is not found is said; a shelf of past lessons only is no failed search', () => {
  show({ found: 0, all: 3, folded: 0 }, 'bell');
  expect(screen.getByText('No plan has “bell” in its title.')).toBeVisible();
  cleanup();
  show({ found: 0, all: 3, folded: 3 });
  expect(screen.queryByText(/No plan has/)).toBeNull();
  expect(screen.getByTestId('empty-shelf')).toBeVisible();
  expect(screen.getByRole('link', { name: 'Show 3 plans of past lessons' })).toHaveAttribute(
    'href',
    '/?past=yes',
  );
});

const LAMP = {
  id: 'lamp',
  summary: succeed(summaryOfPlan(demoPlan('demo-lamp'))),
  judgedAnew: false,
};
const ONE = { found: 1, all: 1, folded: 0 };

test('a plan without a title is refused at the field; with one it opens', async () => {
  const { kept } = show(ONE, '', [LAMP]);
  await expectAccessible();
  press('New plan');
  fireEvent.click(await screen.findByRole('button', { name: 'Make the plan' }));
  expect(screen.getByText('Give the plan a title.')).toBeVisible();
  const title = screen.getByLabelText('Name of the plan');
  expect(title).toHaveAttribute('aria-invalid', 'true');
  await expectAccessible();
  fill(title, 'Reading lamp');
  press('Make the plan');
  await waitFor(() => expect(navigation.pushed).toContain('/plans/tested/power'));
  expect(kept).toMatchObject([{ url: '/api/plans', body: { title: 'Reading lamp' } }]);
});

test('a plan is duplicated, deleted and brought back', async () => {
  const { kept } = show(ONE, '', [LAMP]);
  const asked = (): string[] => kept.map(({ method, url }) => `${method} ${url}`);
  press('Duplicate Lamp for the model lighthouse');
  await waitFor(() => expect(asked()).toContain('POST /api/plans/lamp/duplicate'));
  press('Delete Lamp for the model lighthouse');
  fireEvent.click(await screen.findByRole('button', { name: 'Undo' }));
  await waitFor(() =>
    expect(asked().slice(-2)).toEqual(['DELETE /api/plans/lamp', 'POST /api/plans/lamp/restore']),
  );
});

test('a plan with a logbook is not deleted unasked: kept, deleted for good, or left', async () => {
  answerTo('/api/lessons/lamp/data', { lines: 12, photos: 1 });
  const { kept } = show(ONE, '', [LAMP]);
  const asked = (): string[] => kept.map(({ method, url }) => `${method} ${url}`);
  const ask = async (): Promise<HTMLElement> => {
    press('Delete Lamp for the model lighthouse');
    return screen.findByRole('dialog', { name: /^Delete “Lamp/ });
  };
  const dialog = await ask();
  expect(dialog).toHaveTextContent('12 lines of the logbook and 1 photo');
  await expectAccessible(dialog);
  const closed = () => waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
  press('Cancel');
  await closed();
  expect(asked()).toEqual([]);
  await ask();
  press('Delete plan, keep logbook');
  await waitFor(() => expect(asked()).toEqual(['DELETE /api/plans/lamp']));
  await closed();
  await ask();
  answerNext(503, { message: 'The disk is full; nothing was stored.', faults: [] });
  press('Delete plan and logbook for good');
  // What could not be deleted for good is not put out of sight either.
  expect(await screen.findByTestId('refusal')).toHaveTextContent('The disk is full');
  expect(asked()).toEqual(['DELETE /api/plans/lamp']);
});

test('more plans than fit, and plans of past lessons, are a press away', () => {
  show({ found: 30, all: 32, folded: 2 }, '', [LAMP]);
  expect(screen.getByText('1 of 30 plans')).toBeVisible();
  expect(screen.getByRole('link', { name: 'Show more' })).toHaveAttribute('href', '/?show=24');
  expect(screen.getByRole('link', { name: 'Show 2 plans of past lessons' })).toHaveAttribute(
    'href',
    '/?past=yes',
  );
});

test('a broken file is refused with the path of each fault, and nothing changes', async () => {
  const { kept } = show(ONE, '', [LAMP]);
  answerNext(422, {
    message: 'This file cannot be taken; nothing has changed.',
    faults: [
      { path: ['minutes'], message: 'The time must be at least one second.' },
      { path: ['target', 'colour'], message: 'Choose one of the LED colours.' },
    ],
  });
  fireEvent.change(screen.getByLabelText('Import a plan: file'), {
    target: { files: [new File(['{}'], 'broken.json', { type: 'application/json' })] },
  });
  const refusal = await screen.findByTestId('refusal');
  expect(refusal).toHaveTextContent('nothing has changed');
  expect(refusal).toHaveTextContent('minutes: The time must be at least one second.');
  expect(refusal).toHaveTextContent('target.colour: Choose one of the LED colours.');
  expect(kept).toEqual([]);
});
