/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { LESSONS_WITHOUT_BACKUP } from '@/core/records/backup';
import { expectAccessible } from '@/testing/ui/accessible';
import { press } from '@/testing/ui/acting';
import { answerNext } from '@/testing/ui/server';
import { showPage } from '@/testing/ui/toolPage';
import { SafekeepingPage } from './SafekeepingPage';

const show = (last: number | null, lessons: number) =>
  showPage(
    <SafekeepingPage
      last={last}
      lessons={lessons}
      databaseFile="data/grozer.db"
      stored={[
        { planId: 'p', title: 'Lamp', lines: 40 },
        { planId: 'gone', title: null, lines: 1 },
      ]}
      binned={[
        { kind: 'plans', noun: 'plan', id: 'b', title: 'Old lamp', at: Date.UTC(2027, 0, 28, 12) },
      ]}
    />,
  );
const choose = (): void => {
  fireEvent.change(screen.getByLabelText('Backup to put back'), {
    target: { files: [new File(['zip'], 'all.zip', { type: 'application/zip' })] },
  });
};
const WAITING = {
  id: 'a1',
  manifest: {
    madeAt: '2027-01-29T14:00:00Z',
    holds: { plans: 3, others: 2, lines: 40, photos: 1 },
  },
};

test.each([
  [null, 0, /Nothing has been backed up yet, and no lesson held/],
  [null, 1, /Nothing has been backed up yet; 1 lesson held/],
  [Date.UTC(2027, 0, 29, 12), 0, /Last backed up on .*29.*; no lesson since/],
  [Date.UTC(2027, 0, 29, 12), 2, /Last backed up on .*; 2 lessons since/],
])('last backup %p and %p lessons: said in words', (last, lessons, words) => {
  show(last, lessons);
  expect(screen.getByTestId('last-backup').textContent).toMatch(words);
  expect(screen.queryByText(/would be lost with this computer/)).toBeNull();
});

test('lessons without a backup are warned of', () => {
  show(null, LESSONS_WITHOUT_BACKUP);
  expect(screen.getByText(/would be lost with this computer/)).toBeVisible();
});

test('what is no backup is refused; a good one is looked at first, left, chosen again and put back', async () => {
  const { kept } = show(null, 0);
  await expectAccessible();
  answerNext(422, { message: 'This is no backup of Grozer; nothing has changed.', faults: [] });
  choose();
  expect(await screen.findByTestId('refusal')).toHaveTextContent('nothing has changed');
  answerNext(200, WAITING);
  choose();
  expect(await screen.findByTestId('waiting-backup')).toHaveTextContent(
    /Fri 29 Jan.*3 plans.*It is whole/,
  );
  expect(screen.queryByTestId('refusal')).toBeNull();
  await expectAccessible();
  press('Leave everything as it is');
  await waitFor(() =>
    expect(kept.at(-1)).toMatchObject({ method: 'DELETE', url: '/api/restore/a1' }),
  );
  expect(screen.queryByTestId('waiting-backup')).toBeNull();
  answerNext(200, WAITING);
  choose();
  await screen.findByTestId('waiting-backup');
  answerNext(200, { keptAs: 'before-restore-2027-01-29.zip' });
  press('Put it back');
  expect(await screen.findByTestId('restored')).toHaveTextContent('before-restore-2027-01-29.zip');
});

test('a backup that is gone while one looks at it is told about', async () => {
  show(null, 0);
  answerNext(200, WAITING);
  choose();
  await screen.findByTestId('waiting-backup');
  answerNext(410, {
    message: 'This backup does not wait any more: choose the file again.',
    faults: [],
  });
  press('Put it back');
  expect(await screen.findByTestId('refusal')).toHaveTextContent('does not wait any more');
  expect(screen.getByRole('button', { name: 'Choose a backup' })).toBeEnabled();
});

test('every class whose data are stored stands there, without its plan too, and each is deleted for good', async () => {
  show(null, 0);
  expect(screen.getByText(/Lamp: 40 lines/)).toBeVisible();
  expect(screen.getByText(/A plan that was deleted: 1 line/)).toBeVisible();
  const asked = screen.getAllByRole('button', { name: 'Delete its data …' });
  fireEvent.click(asked[1]!);
  press('Keep');
  fireEvent.click(screen.getAllByRole('button', { name: 'Delete its data …' })[1]!);
  answerNext(200, { lines: 0, photos: 0 });
  press('Delete for good');
  await waitFor(() => expect(screen.queryByText(/A plan that was deleted/)).toBeNull());
  expect(screen.getByText(/Lamp: 40 lines/)).toBeVisible();
});

test('what was deleted waits in the bin, and is put back', async () => {
  show(null, 0);
  const bin = screen.getByRole('list', { name: 'Deleted' });
  expect(bin).toHaveTextContent('Old lamp · Plan, deleted on Thu 28 Jan 2027');
  answerNext(200, { id: 'b' });
  press('Put back: Old lamp');
  await waitFor(() => expect(bin).toBeEmptyDOMElement());
  expect(screen.getByText(/What you put back is where it was/)).toBeVisible();
});
