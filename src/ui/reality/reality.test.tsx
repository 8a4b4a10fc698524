/**
 * @jest-environment jsdom
 */
import '@testing-library/jest-dom';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { WorkedSolution } from '@/core/work/reality/workedSolution';
import { AnswerCard } from './AnswerCard';
import { WishDialog } from './WishDialog';

const answer: WorkedSolution = {
  question: 'How many kiwis to sound the horn?',
  tone: 'wrong',
  headline: '180 000 kiwis',
  lines: [{ what: 'Wished', sum: '12 V × 5 A', result: '300 J' }],
  remarks: ['Power is the hard part.'],
  origin: 'One cell: your own readings.',
  sources: ['metal'],
  cautions: ['sparks'],
};

test('an answer shows every line of its sum, its cautions and where it comes from', async () => {
  render(<AnswerCard answer={answer} printHref="/print" />);
  const row = screen.getByRole('row', { name: /Wished/ });
  expect(row).toHaveTextContent('12 V × 5 A');
  expect(screen.getByText(/sand tray/)).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Charge in the metal' })).toHaveAttribute(
    'href',
    '/help?part=sources#metal',
  );
  expect(screen.getByRole('link', { name: 'Print' })).toHaveAttribute('href', '/print');
  await userEvent.click(screen.getByRole('button', { name: 'Projector' }));
  expect(within(screen.getByTestId('projector')).getByText('300 J')).toBeInTheDocument();
});

test('a wish is typed as people type; each fault stands at its field, nothing is lost', async () => {
  const onWish = jest.fn();
  render(<WishDialog onWish={onWish} onClose={jest.fn()} />);
  await userEvent.type(screen.getByLabelText('To do what'), 'light the pier');
  await userEvent.type(screen.getByLabelText('Volts'), '3');
  await userEvent.type(screen.getByLabelText('Amps'), '0');
  await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
  expect(onWish).not.toHaveBeenCalled();
  expect(screen.getByText('The amps must be greater than zero.')).toBeInTheDocument();
  expect(screen.getByLabelText('To do what')).toHaveValue('light the pier');
  await userEvent.clear(screen.getByLabelText('Amps'));
  await userEvent.type(screen.getByLabelText('Amps'), '1.5 mA');
  await userEvent.type(screen.getByLabelText('For how long'), '2 h');
  await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
  expect(onWish).toHaveBeenCalledWith({
    kind: 'run',
    name: 'light the pier',
    volts: 3,
    amps: 0.0015,
    seconds: 7200,
  });
});

test('a pulse asks for capacitors instead of amps and time', async () => {
  const onWish = jest.fn();
  render(<WishDialog onWish={onWish} onClose={jest.fn()} />);
  await userEvent.click(screen.getByRole('button', { name: 'One pulse from capacitors' }));
  expect(screen.queryByLabelText('Amps')).not.toBeInTheDocument();
  await userEvent.type(screen.getByLabelText('To do what'), 'pop');
  await userEvent.type(screen.getByLabelText('Volts'), '12');
  await userEvent.type(screen.getByLabelText('Capacitors, together'), '4700 µF');
  await userEvent.click(screen.getByRole('button', { name: 'Work it out' }));
  expect(onWish).toHaveBeenCalledWith({ kind: 'pulse', name: 'pop', volts: 12, farads: 4.7e-3 });
});
