/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill } from '@/testing/ui/acting';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { CupboardPage } from './CupboardPage';

const upload = async (text: string): Promise<void> =>
  userEvent.upload(
    screen.getByLabelText('Cupboard as CSV: file'),
    new File([text], 'cupboard.csv', { type: 'text/csv' }),
  );

test('stock and prices are typed, undone, kept; CSV with clear faults, and a good one', async () => {
  const { kept } = showPage(<CupboardPage found={foundTool(CUPBOARD_DOCUMENT)} />);
  await userEvent.type(screen.getByLabelText('Find a part'), 'potassium');
  const price = screen.getByLabelText('Price of potassium chloride');
  fill(price, '9,5');
  await userEvent.tab();
  expect(price).toHaveValue('9.5');
  fill(price, '-1');
  expect(screen.getByText('A price cannot be negative.')).toBeVisible();
  fill(price, '9.5');
  await waitFor(() => expect(JSON.stringify(kept.at(-1)?.body)).toContain('9.5'));
  await upload('part,stock\r\npotassium chloride,many\r\nmoon dust,3\r\n');
  const refused = await screen.findByRole('dialog');
  expect(refused).toHaveTextContent('Row 2, “stock”: “many” is not a number.');
  expect(refused).toHaveTextContent('Row 3, “part”: “moon dust” is no part');
  await expectAccessible(refused);
  await userEvent.click(within(refused).getByRole('button', { name: 'Close' }));
  await upload('part;stock\r\npotassium chloride;120\r\n');
  await waitFor(() =>
    expect(screen.getByLabelText('Stock of potassium chloride')).toHaveValue('120'),
  );
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
  expect(screen.getByLabelText('Stock of potassium chloride')).toHaveValue('0');
});

test('days without school: one or several, in order, and none that ends before it begins', async () => {
  const { kept } = showPage(<CupboardPage found={foundTool(CUPBOARD_DOCUMENT)} />);
  const days = within(screen.getByRole('list', { name: 'Days without school' }));
  const add = (from: string, to: string): void => {
    fill(screen.getByLabelText('First free day'), from);
    fill(screen.getByLabelText('Last free day'), to);
    const card = within(screen.getByRole('region', { name: 'Days without school' }));
    fireEvent.click(card.getByRole('button', { name: 'Add' }));
  };
  add('2031-02-10', '2031-02-14');
  expect(days.getAllByRole('listitem')).toHaveLength(1);
  add('2031-01-06', '');
  expect(days.getAllByRole('listitem')[0]).toHaveTextContent(/6 Jan.*2031/);
  add('2031-03-05', '2031-03-01');
  expect(days.getAllByRole('listitem')).toHaveLength(2);
  expect(screen.getByLabelText('Last free day')).toHaveAttribute('aria-invalid', 'true');
  await waitFor(() =>
    expect(kept.at(-1)?.body).toMatchObject({
      document: {
        state: {
          freeDays: [
            { from: '2031-01-06', to: '2031-01-06' },
            { from: '2031-02-10', to: '2031-02-14' },
          ],
        },
      },
    }),
  );
  fireEvent.click(days.getByRole('button', { name: /^Without .*6 Jan/ }));
  expect(days.getAllByRole('listitem')).toHaveLength(1);
});
