/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { METALS_DOCUMENT } from '@/core/documents/tools/metalsDocument';
import { plain } from '@/testing/ui/acting';
import { foundTool, showPage } from '@/testing/ui/toolPage';
import { MetalsPage } from './MetalsPage';

const press = async (name: string): Promise<void> =>
  userEvent.click(screen.getByRole('button', { name }));
const choose = async (field: string, metal: string): Promise<void> =>
  userEvent.selectOptions(screen.getByRole('combobox', { name: field }), metal);
const text = (id: string): string => plain(screen.getByTestId(id).textContent ?? '');

test('metals: what is read against what the tables allow, both wordings, identical metals', async () => {
  showPage(<MetalsPage found={foundTool(METALS_DOCUMENT)} />);
  expect(text('metal-answer')).toMatch(/0\.85 V to 1\.00 V: copper is \+, zinc is −/);
  expect(text('electrode-minus')).toContain('the anode');
  expect(text('electrode-minus')).toContain('The metal is eaten away');
  await press('University');
  expect(text('electrode-minus')).toContain('Zn(s) → Zn²⁺(aq) + 2 e⁻');
  expect(text('electrode-plus')).toContain('2 H⁺(aq) + 2 e⁻ → H₂(g)');
  await press('Each in its own salt');
  expect(text('electrode-plus')).toContain('Cu²⁺(aq) + 2 e⁻ → Cu(s)');
  await choose('One metal', 'zinc');
  expect(text('metal-answer')).toContain('Nothing happens');
  await press('Salt water');
  await press('Undo');
  await choose('The other', 'aluminium');
  expect(text('metal-answer')).toContain('aluminium is +, zinc is −');
});
