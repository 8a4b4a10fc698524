/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { DEMO_FAIR_TEST } from '@/cli/demoFairTest';
import { fairTestCsv } from '@/core/records/fairTest/fairTestCsv';
import { FAIR_TEST_DOCUMENT, type FairTest } from '@/core/records/fairTest/fairTestSchema';
import { expectAccessible } from '@/testing/ui/accessible';
import { choose, fill, plain, press } from '@/testing/ui/acting';
import { showPage } from '@/testing/ui/toolPage';
import { FairTestPage } from './FairTestPage';

const show = (initial: FairTest) =>
  showPage(<FairTestPage id="tested" initial={initial} initialRevision={1} />);
const statement = (): string => plain(screen.getByTestId('fair-test-statement').textContent ?? '');
const ranking = (): string =>
  plain(screen.getByRole('img', { name: /Ranking/ }).getAttribute('aria-label') ?? '');

test('a fair test from question to statement, with a second change warned of', async () => {
  show(FAIR_TEST_DOCUMENT.fresh('Does salt help?'));
  choose(screen.getByRole('combobox', { name: 'Varied' }), 'the liquid');
  const add = (name: string): void => {
    fireEvent.change(screen.getByLabelText('Another one'), { target: { value: name } });
    press('Add');
  };
  add('brine');
  add('vinegar');
  add('Brine');
  expect(screen.getByText('“Brine” is there already.')).toBeVisible();
  expect(statement()).toContain('at least two of them');
  const readings = { brine: ['0.75', '0.76', '0,74'], vinegar: ['0.91', '0.9', '920 mV'] };
  for (const [name, volts] of Object.entries(readings)) {
    for (const [index, text] of volts.entries()) {
      fill(screen.getByLabelText(`Volts of ${name}, round ${index + 1}`), text);
    }
  }
  expect(statement()).toContain('larger than the scatter');
  expect(statement()).toContain('Vinegar is ahead of all others');
  choose(screen.getByLabelText('Different thing of brine, round 2'), 'the gap between the metals');
  expect(screen.getByTestId('fair-test-warning')).toHaveTextContent(
    'Two things were changed: in round 2, brine had another gap.',
  );
  fill(screen.getByLabelText('The gap between the metals'), '2 cm');
  fill(screen.getByLabelText('How it was different of brine, round 2'), '1 cm');
  expect(screen.getByTestId('fair-test-warning')).toHaveTextContent(
    'brine had gap “1 cm” instead of “2 cm”',
  );
  await expectAccessible();
  for (let steps = 0; steps < 3; steps += 1) press('Undo');
  expect(screen.queryByTestId('fair-test-warning')).toBeNull();
});

test('the scenario’s six plants are ranked, by volts and by power, and the uneven reading is named', () => {
  show(DEMO_FAIR_TEST.test);
  expect(ranking()).toContain('best first: rhubarb');
  expect(statement()).toContain('Rhubarb reads highest, but is too close to call with gooseberry');
  press(/rank by power in an LED/);
  expect(ranking()).toMatch(/best first: \w+ [\d.]+ [mµ]W/);
  press('Undo');
  expect(screen.getByTestId('fair-test-warning')).toHaveTextContent('gooseberry had depth “2 cm”');
});

test('a slip is marked in its row, set apart in the chart and counted on request', () => {
  show(DEMO_FAIR_TEST.test);
  fill(screen.getByLabelText('Volts of kiwi, round 3'), '9.2');
  expect(statement()).toContain('kiwi in round 3, 9.20');
  expect(statement()).toContain('It is set apart and not in the means');
  expect(screen.getByText('✕ far from the others')).toBeVisible();
  expect(ranking()).toMatch(/kiwi 0\.94 V.*far from them 9\.20/);
  fireEvent.click(screen.getByLabelText('Count the far ones too'));
  expect(ranking()).toMatch(/best first: kiwi 3\.69/);
  expect(statement()).toContain('It is counted in the means');
  press('Undo');
  press('Undo');
  expect(statement()).not.toContain('Far from the others');
});

test('readings come from a file: what is no reading is named, a good file is taken and undone', async () => {
  show(DEMO_FAIR_TEST.test);
  const csv = fairTestCsv(DEMO_FAIR_TEST.test);
  const send = (text: string): void => {
    fireEvent.change(screen.getByLabelText('Readings as CSV: file'), {
      target: { files: [new File([text], 'readings.csv', { type: 'text/csv' })] },
    });
  };
  send(csv.replace('0.94', 'much'));
  expect(await screen.findByRole('dialog')).toHaveTextContent(
    '“open-circuit voltage (V)”: “much” is not',
  );
  press('Close');
  send(csv.replaceAll('kiwi', 'lemon juice'));
  const compared = await screen.findByRole('list', { name: 'Compared' });
  await waitFor(() => expect(compared).toHaveTextContent('lemon juice'));
  press('Undo');
  await waitFor(() => expect(compared).not.toHaveTextContent('lemon juice'));
});
