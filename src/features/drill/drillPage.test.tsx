/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { makeDrill, type DrillKey } from '@/core/work/drill/makeDrill';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, plain, press } from '@/testing/ui/acting';
import { navigation } from '@/testing/ui/navigation';
import { showPage } from '@/testing/ui/toolPage';
import { DrillPage } from './DrillPage';

const display = (): string => plain(screen.getByTestId('drill-display').textContent ?? '');

const show = (key: DrillKey | { level: number; seed: number }): void => {
  navigation.search = `level=${key.level}&seed=${key.seed}`;
  showPage(<DrillPage classAddress="http://192.168.1.7:3001" />);
};

function measure(black: string, red: string): void {
  press(new RegExp(`^${black}: put the black`));
  press(new RegExp(`^${red}: put the red`));
  press('Take the reading');
}

test('probes, ranges, a hint, a wrong answer, and the right one with its score', async () => {
  const key: DrillKey = { level: 1, seed: 2 };
  const [hidden] = makeDrill(key).hidden;
  if (hidden === undefined) throw new Error('this drill hides a fault');
  show(key);
  measure('Left clip of cell 1', 'End of the last lead');
  expect(display()).toMatch(/^1\.[5-9]\d V$|^2\.0\d V$/);
  press('200 mV');
  press('Take the reading');
  expect(display()).toBe('over range');
  press('A hint, for one measurement');
  await waitFor(() =>
    expect(screen.getByTestId('drill-hint')).toHaveTextContent('The reading that tells most now'),
  );
  press('Put the probes there');
  press('Take the reading');
  expect(screen.getByRole('heading', { name: 'Readings: 3' })).toBeVisible();
  press('Check my answer');
  expect(screen.getByTestId('drill-told')).toHaveTextContent('Not so.');
  press('Start over');
  press('Undo that');
  expect(screen.getByRole('heading', { name: 'Readings: 3' })).toBeVisible();
  await expectAccessible();
  choose(screen.getByRole('combobox', { name: 'The string' }), 'a cell: the wrong way round');
  choose(screen.getByRole('combobox', { name: /^Which cell of/ }), `cell ${hidden.cell}`);
  press('Check my answer');
  await waitFor(() =>
    expect(screen.getByTestId('drill-over')).toHaveTextContent(
      /Score \d+ of 100 with 3 measurements, 1 hint \(one each\), 1 wrong answer \(two each\)/,
    ),
  );
});

test('two strings: a lead lifted leaves the string without volts', () => {
  show({ level: 4, seed: 9 });
  const probe = (name: RegExp, key: string): void => {
    const place = screen.getByRole('button', { name });
    fireEvent.keyDown(place, { key });
    fireEvent.click(place);
  };
  probe(/^Left clip of cell 1 of string 1/, 'Enter');
  probe(/^Left clip of cell 1 of string 2/, ' ');
  press('Take the reading');
  expect(display()).toMatch(/^0/);
  choose(screen.getByRole('combobox', { name: 'Meanwhile' }), 'the lead after cell 2 is lifted');
  measure('Left clip of cell 1 of string 1', 'End of the last lead of string 1');
  expect(display()).toMatch(/^0/);
});

test('a drill that is not there says so, and leads to the first', () => {
  show({ level: 9, seed: 1 });
  expect(screen.getByRole('alert')).toHaveTextContent('There are 5 levels.');
  press('To the first drill');
  expect(window.location.search).toBe('?level=1&seed=1');
});
