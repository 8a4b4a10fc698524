/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, render, screen } from '@testing-library/react';
import { press } from '@/testing/ui/acting';
import { MeterDialog } from './MeterDialog';

test('where the meter is: what cannot be is told at its field and not used; one in use can be left', () => {
  const onUse = jest.fn();
  const settings = { host: 'meter.local', port: 5025, inUse: true };
  render(<MeterDialog settings={settings} onUse={onUse} onClose={() => undefined} />);
  const host = screen.getByLabelText('Name or address');
  const port = screen.getByLabelText('Port');
  const use = screen.getByRole('button', { name: 'Use this' });
  const type = (field: HTMLElement, value: string) =>
    fireEvent.change(field, { target: { value } });
  expect([host, port].map((one) => one.getAttribute('aria-invalid'))).toEqual(['false', 'false']);

  for (const value of ['0', '70000', '50.5', 'port']) {
    type(port, value);
    expect([host, port].map((one) => one.getAttribute('aria-invalid'))).toEqual(['false', 'true']);
    expect(port).toHaveAccessibleDescription(/\w/);
    expect(use).toBeDisabled();
  }
  type(port, '5024');
  type(host, '');
  expect([host, port].map((one) => one.getAttribute('aria-invalid'))).toEqual(['true', 'false']);
  expect(host).toHaveAccessibleDescription(/\w/);
  expect(use).toBeDisabled();

  type(host, '192.0.2.9');
  press('Use this');
  expect(onUse).toHaveBeenLastCalledWith({ host: '192.0.2.9', port: 5024, inUse: true });
  press('Use no such meter');
  expect(onUse).toHaveBeenLastCalledWith({ ...settings, inUse: false });
});
