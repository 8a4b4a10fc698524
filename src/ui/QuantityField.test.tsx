/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import * as z from 'zod/mini';
import { QuantityField } from './QuantityField';

function Host({ onCommit }: { onCommit: (value: number | null) => void }) {
  const [value, setValue] = useState<number | null>(0.9);
  const commit = (next: number | null): void => {
    setValue(next);
    onCommit(next);
  };
  return (
    <>
      <QuantityField
        label="Volts"
        kind="volts"
        value={value}
        schema={z.number().check(z.maximum(2))}
        onCommit={commit}
        onEmpty={() => commit(null)}
      />
      <button onClick={() => setValue(1.5)}>undo</button>
    </>
  );
}

const type = async (text: string) => {
  const field = screen.getByLabelText('Volts');
  await userEvent.clear(field);
  if (text !== '') await userEvent.type(field, text);
  return field;
};

test('usable values are committed as they are typed and tidied on leaving', async () => {
  const onCommit = jest.fn();
  render(<Host onCommit={onCommit} />);
  const field = await type('0,94');
  expect(onCommit).toHaveBeenLastCalledWith(0.94);
  expect(field).toHaveValue('0,94');
  await userEvent.tab();
  expect(field).toHaveValue('0.94\u00a0V');
});

test('what cannot be used stays as typed, with a message, and is not committed', async () => {
  const onCommit = jest.fn();
  render(<Host onCommit={onCommit} />);
  const field = await type('lots');
  expect(field).toHaveValue('lots');
  expect(screen.getByText(/is not a voltage/)).toBeInTheDocument();
  expect(onCommit.mock.calls.every(([value]) => value === null)).toBe(true);
  await type('5');
  expect(screen.getByText('Give at most 2.')).toBeInTheDocument();
  expect(onCommit).not.toHaveBeenCalledWith(5);
});

test('a value changed from outside replaces the text', async () => {
  render(<Host onCommit={jest.fn()} />);
  const field = await type('0.8');
  await userEvent.click(screen.getByText('undo'));
  expect(field).toHaveValue('1.50\u00a0V');
});
