/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { COINS_DOCUMENT } from '@/core/documents/tools/coinsDocument';
import { fill } from '@/testing/ui/acting';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { CoinsPage } from './CoinsPage';

test('coins: year, scale and magnet tell what is inside; an unknown coin is told about', async () => {
  showPage(<CoinsPage found={foundTool(COINS_DOCUMENT)} />);
  const table = (): HTMLElement => screen.getByTestId('coin-table');
  const rows = (): number => within(table()).getAllByRole('row').length;
  const from = screen.getByRole('combobox', { name: 'From where' });
  expect(rows()).toBe(7);
  fill(screen.getByLabelText('Mass, g'), '2,5');
  expect(rows()).toBe(2);
  expect(table()).toHaveTextContent('grey zinc: a − electrode');
  await userEvent.selectOptions(from, 'United Kingdom');
  fill(screen.getByLabelText('Mass, g'), '3.56');
  expect(table()).toHaveTextContent('steel under the copper');
  await userEvent.click(screen.getByRole('button', { name: 'No' }));
  expect(table()).toHaveTextContent('the same bronze all through');
  fill(screen.getByLabelText('Mass, g'), 'lots');
  expect(screen.getByText(/“lots” is not/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(table()).toHaveTextContent('steel under the copper');
  await userEvent.selectOptions(from, 'Anywhere else');
  expect(screen.getByTestId('unknown-coin')).toHaveTextContent('use zinc-coated washers');
});
