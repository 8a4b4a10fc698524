/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen, waitFor, within } from '@testing-library/react';
import { REALITY_DOCUMENT } from '@/core/documents/tools/realityDocument';
import { EMPTY_CUPBOARD } from '@/core/records/cupboard/cupboardSchema';
import { expectAccessible } from '@/testing/ui/accessible';
import { fill, plain, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { RealityPage } from './RealityPage';

test('a wish is worked out line by line; a claim is tested, and stands in the address', async () => {
  navigation.search = 'ask=example.phone';
  showPage(<RealityPage found={foundTool(REALITY_DOCUMENT)} cupboard={EMPTY_CUPBOARD} />);
  expect(
    screen.getByRole('heading', { name: 'How many kiwis to charge a phone?' }),
  ).toBeInTheDocument();
  const answer = screen.getByTestId('answer');
  expect(answer).toHaveTextContent('Nobody will build that.');
  expect(screen.getByText(/Never wire home-made cells to a phone/)).toBeInTheDocument();
  const sum = within(screen.getByRole('table', { name: 'The sum' }));
  expect(sum.getByRole('row', { name: /In series, for the volts alone/ })).toHaveTextContent(
    '6 kiwis',
  );
  press('Its power is volts × amps');
  await waitFor(() =>
    expect(answer).toHaveTextContent('No. You cannot multiply these two readings.'),
  );
  expect(window.location.search).toContain('ask=claim.power');
});

test('an own wish is told what is wrong with it, answered, changed, taken away and brought back', async () => {
  showPage(<RealityPage found={foundTool(REALITY_DOCUMENT)} cupboard={EMPTY_CUPBOARD} />);
  press('Your own question');
  const dialog = within(await screen.findByRole('dialog'));
  fill(dialog.getByLabelText('To do what'), 'light the pier');
  fill(dialog.getByLabelText('Volts'), 'lots');
  press('Work it out');
  expect(dialog.getByText(/“lots” is not a voltage\./)).toBeVisible();
  expect(dialog.getByText(/Type a current/)).toBeVisible();
  await expectAccessible(screen.getByRole('dialog'));
  fill(dialog.getByLabelText('Volts'), '3');
  fill(dialog.getByLabelText('Amps'), '0.5 mA');
  fill(dialog.getByLabelText('For how long'), '2 h');
  press('Work it out');
  await waitFor(() =>
    expect(screen.getByTestId('answer')).toHaveTextContent('A class can build that.'),
  );
  const own = () => within(screen.getByRole('list', { name: 'Your own wishes' }));
  expect(own().getByRole('button', { name: 'Light the pier' })).toBeInTheDocument();
  press('Change “light the pier”');
  const again = within(await screen.findByRole('dialog'));
  expect(again.getByLabelText('For how long')).toHaveValue('2 h');
  fill(again.getByLabelText('Volts'), '6 V');
  press('Work it out');
  expect(plain(screen.getByRole('table', { hidden: true }).textContent ?? '')).toContain(
    '6.00 V × 0.5 mA',
  );
  expect(own().getAllByRole('listitem')).toHaveLength(1);
  press(/Take “light the pier”/);
  expect(screen.queryByRole('button', { name: /Take “light the pier”/ })).toBeNull();
  press('Undo');
  expect(own().getAllByRole('listitem')).toHaveLength(1);
  await expectAccessible();
});
