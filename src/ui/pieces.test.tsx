/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CountStepper } from './CountStepper';
import { DeskMiniature } from './desk/DeskMiniature';
import { LoadDrawing } from './desk/LoadDrawing';
import { looksOfTarget } from '@/core/records/plan/targetLooks';
import { pinsOfLoad } from '@/core/physics/desk/drawing/loadShapes';
import { Explained } from './Explained';
import { JobStatus } from './JobStatus';
import { Selection, TextInput } from './TextInput';
import { VerdictPill } from './VerdictPill';
import type { PlanTarget } from '@/core/records/plan/planSchema';

test('a verdict is told by words and an icon with a name, not by colour alone', () => {
  render(
    <VerdictPill
      live
      tone="marginal"
      headline="Runs the buzzer"
      details={['2 mA', 'works in 90 of 100 classes']}
    />,
  );
  expect(screen.getByRole('status')).toHaveTextContent(
    'Runs the buzzer · 2 mA · works in 90 of 100 classes',
  );
  expect(screen.getByTitle('Marginal:')).toBeInTheDocument();
});

test('a figure opens to show its sum and its origin, and closes by key', async () => {
  const explanation = {
    title: 'Sum',
    lines: ['4 × 0.93 V = 3.72 V'],
    origin: 'Cell: your own readings.',
    sources: ['meter'] as const,
  };
  render(<Explained explain={() => Promise.resolve(explanation)}>3.72 V</Explained>);
  await userEvent.click(screen.getByRole('button', { name: '3.72 V' }));
  expect(await screen.findByRole('dialog', { name: 'Sum' })).toHaveTextContent('your own readings');
  expect(screen.getByRole('link', { name: 'The classroom meter' })).toHaveAttribute(
    'href',
    '/help?part=sources#meter',
  );
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByText('4 × 0.93 V = 3.72 V')).not.toBeInTheDocument();
});

test('a stepper stops at its ends and names its keys', async () => {
  const onChange = jest.fn();
  const { rerender } = render(
    <CountStepper
      label="cells"
      value={1}
      least={1}
      most={2}
      keys={['[', ']']}
      onChange={onChange}
    />,
  );
  expect(screen.getByRole('button', { name: 'Fewer cells (key [)' })).toBeDisabled();
  await userEvent.click(screen.getByRole('button', { name: 'More cells (key ])' }));
  expect(onChange).toHaveBeenCalledWith(2);
  rerender(<CountStepper label="cells" value={2} least={1} most={2} onChange={onChange} />);
  expect(screen.getByRole('button', { name: 'More cells' })).toBeDisabled();
});

test.each<[string, PlanTarget]>([
  ['led', { kind: 'led', colour: 'blue', brightness: 'bright' }],
  ['resistor', { kind: 'resistor', ohms: 100, wantedAmps: 1e-3 }],
  ['buzzer', { kind: 'device', device: 'piezo-buzzer', leastVolts: 3, amps: 1e-3 }],
  ['clock', { kind: 'device', device: 'lcd-clock', leastVolts: 1.5, amps: 1e-5 }],
])('the drawing of the %s has two pins apart, and shows whether it runs', (name, target) => {
  const shapes = (running: boolean): number => {
    const { container, unmount } = render(
      <svg>
        <LoadDrawing target={target} litAmps={running ? 4e-3 : 0} running={running} />
      </svg>,
    );
    const count = container.querySelectorAll('circle, ellipse, path, rect, text').length;
    unmount();
    return count;
  };
  expect(shapes(false)).toBeGreaterThan(1);
  if (name === 'resistor') expect(shapes(true)).toBe(shapes(false));
  else expect(shapes(true)).toBeGreaterThan(shapes(false));
  expect(pinsOfLoad(looksOfTarget(target)).plus[0]).toBeLessThan(
    pinsOfLoad(looksOfTarget(target)).minus[0],
  );
});

test('a miniature draws no more cells than can be told apart', () => {
  const { container } = render(
    <DeskMiniature
      looks={{
        look: 'cup',
        plus: 'copper',
        minus: 'zinc',
        plusCount: 1,
        minusCount: 1,
        drawing: '#E4D3A6',
        piece: 'whole',
      }}
      bodyName="cup of vinegar"
      cellsInSeries={40}
      strings={5}
      target={{ kind: 'led', colour: 'red', brightness: 'dim' }}
      verdict={{ tone: 'wrong', headline: 'no', details: [] }}
    />,
  );
  expect(screen.getByRole('img')).toHaveAccessibleName('5 × 40 × cup of vinegar');
  // Cups of at most twelve columns and five rows, one outline each.
  expect(container.querySelectorAll('path[stroke-width="1.8"]').length).toBe(60);
});

test('a field tells what is wrong with it to those who do not see it', () => {
  render(
    <>
      <TextInput label="Lamps" value="x" error helperText="Give a whole number." />
      <Selection
        label="Lamp"
        hideLabel
        value="red"
        onChange={() => undefined}
        options={[['red', 'red LED']]}
      />
    </>,
  );
  const field = screen.getByRole('textbox', { name: 'Lamps' });
  expect(field).toHaveAccessibleDescription('Give a whole number.');
  expect(field).toBeInvalid();
  expect(screen.getByRole('combobox', { name: 'Lamp' })).toHaveDisplayValue('red LED');
});

test('a job that failed says so in the place of its answer and is tried again', async () => {
  const retry = jest.fn();
  const { rerender } = render(<JobStatus job={{ failure: null, retry }} />);
  expect(screen.getByRole('status')).toHaveTextContent('Working it out …');
  rerender(<JobStatus job={{ failure: 'no memory left', retry }} />);
  expect(screen.getByRole('alert')).toHaveTextContent(
    'This could not be worked out (no memory left). Nothing that you typed is lost.',
  );
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(retry).toHaveBeenCalledTimes(1);
});
