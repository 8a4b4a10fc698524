/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { useState } from 'react';
import { fill, press } from '@/testing/ui/acting';
import { ClockField } from './ClockField';
import { DayField } from './DayField';

function Fields() {
  const [day, setDay] = useState('');
  const [clock, setClock] = useState('08:00');
  return (
    <>
      <DayField label="Lesson date" value={day} onCommit={setDay} />
      <ClockField label="Begins at" value={clock} onCommit={setClock} />
    </>
  );
}
const field = (name: string): HTMLElement => screen.getByRole('textbox', { name });

test('a day and a time are typed as people write them, and shown the one way; what is none is told and kept', () => {
  render(<Fields />);
  fill(field('Lesson date'), '29.1.2027');
  expect(field('Lesson date')).toHaveValue('Fri 29 Jan 2027');
  fill(field('Lesson date'), 'someday');
  expect(field('Lesson date')).toHaveValue('someday');
  expect(field('Lesson date')).toHaveAccessibleDescription(/“someday” is no day/);
  fill(field('Lesson date'), '');
  expect(field('Lesson date')).toHaveValue('');
  fill(field('Begins at'), '2 pm');
  expect(field('Begins at')).toHaveValue('14:00');
  fill(field('Begins at'), '');
  expect(field('Begins at')).toHaveAccessibleDescription(/is no time of day/);
});

test('both are chosen from what opens', async () => {
  render(<Fields />);
  fill(field('Lesson date'), '2027-01-29');
  press('Choose a day');
  const month = await screen.findByRole('dialog', { name: 'Choose a day' });
  fireEvent.click(within(month).getByRole('gridcell', { name: '12' }));
  expect(await screen.findByDisplayValue('Tue 12 Jan 2027')).toBeInTheDocument();
  await waitFor(() => expect(screen.getByRole('button', { name: 'Choose a day' })).toHaveFocus());
  press('Choose a time');
  const times = await screen.findByRole('dialog', { name: 'Choose a time' });
  fireEvent.click(within(times).getByRole('option', { name: '09:15' }));
  expect(await screen.findByDisplayValue('09:15')).toBeInTheDocument();
});
