/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { TWO_SOLUTIONS_DOCUMENT } from '@/core/documents/tools/twoSolutionsDocument';
import { plain } from '@/testing/ui/acting';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { TwoSolutionsPage } from './TwoSolutionsPage';

test('two solutions: the sentence follows the strengths, water turns it round, no bridge no cell', async () => {
  showPage(<TwoSolutionsPage found={foundTool(TWO_SOLUTIONS_DOCUMENT)} />);
  const press = async (name: string): Promise<void> =>
    userEvent.click(screen.getByRole('button', { name }));
  const reads = (): string => plain(screen.getByTestId('nernst').textContent ?? '');
  // 59.2 mV a decade and two electrons: 29.6 mV for ten times the strength (Nernst, 25 °C).
  expect(reads()).toContain('29.6 mV: the right side is +');
  for (let times = 0; times < 4; times += 1) {
    await press('Right: copper sulfate: add as much water');
  }
  expect(reads()).toContain('the left side is +');
  await press('Undo');
  expect(reads()).toContain('the right side is +');
  await press('Nothing');
  expect(reads()).toContain('without a bridge');
  await press('Wick or salt bridge');
  await press('Zinc and copper');
  expect(reads()).toMatch(/1\.1\d V/);
});
