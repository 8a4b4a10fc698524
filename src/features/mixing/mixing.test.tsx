/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MIXING_DOCUMENT } from '@/core/documents/tools/mixingDocument';
import { fill, plain } from '@/testing/ui/acting';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { MixingBench } from './MixingBench';

const press = async (name: string): Promise<void> =>
  userEvent.click(screen.getByRole('button', { name }));
const card = (): string => plain(screen.getByTestId('mixing-card').textContent ?? '');

test('electrolyte for the class: grams follow, it is kept, undo brings it back, too strong is refused', async () => {
  const { kept } = showPage(<MixingBench found={foundTool(MIXING_DOCUMENT)} />);
  // 24 cells of 10 mL with a fifth to spare: 288 mL, 18 g in 100 mL.
  expect(card()).toContain('288 mL (1 1/4 cups) of warm tap water');
  expect(card()).toContain('51.8 g of table salt');
  expect(screen.getByTestId('saturation')).toHaveTextContent('50 % of what dissolves');
  await press('litres in all');
  fill(screen.getByLabelText('Litres in all'), '2');
  expect(card()).toMatch(/2.?000 mL \(8 1\/2 cups\) of warm tap water/);
  await press('for each cell');
  await press('Vinegar and salt');
  expect(card()).toContain('does not neutralise');
  fill(screen.getByLabelText('Cells in the class'), '30');
  expect(card()).toContain('360 mL (1 1/2 cups) of vinegar');
  await waitFor(() =>
    expect(kept.at(-1)?.body).toMatchObject({ document: { state: { cells: 30 } } }),
  );
  await press('Brine');
  const strength = screen.getByRole('slider');
  fireEvent.change(strength, { target: { value: strength.getAttribute('max') } });
  expect(screen.getByTestId('mixing-refused')).toHaveTextContent('the rest stays at the bottom');
  await press('Undo');
  expect(card()).toContain('360 mL (1 1/2 cups) of warm tap water');
  await press('Undo');
  expect(card()).toContain('360 mL (1 1/2 cups) of vinegar');
});
