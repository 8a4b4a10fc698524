/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { lazyPart } from './lazyPart';

const Part = ({ name }: { readonly name: string }) => <p>Part of {name}</p>;

test('a part is fetched once, whoever shows it', async () => {
  const load = jest.fn(() => Promise.resolve(Part));
  const Fetched = lazyPart(load);
  const { unmount } = render(<Fetched name="the desk" />);
  expect(screen.getByRole('status')).toHaveTextContent('Fetching it …');
  expect(await screen.findByText('Part of the desk')).toBeInTheDocument();
  unmount();
  render(<Fetched name="the bench" />);
  expect(screen.getByText('Part of the bench')).toBeInTheDocument();
  expect(load).toHaveBeenCalledTimes(1);
});

test('what cannot be fetched says so in its place, and is there once it can', async () => {
  let reachable = false;
  const Fetched = lazyPart(() =>
    reachable ? Promise.resolve(Part) : Promise.reject(new Error('no network')),
  );
  render(
    <>
      <p>The plan</p>
      <Fetched name="the desk" />
    </>,
  );
  expect(await screen.findByRole('alert')).toHaveTextContent('this part is not here yet');
  expect(screen.getByText('The plan')).toBeInTheDocument();
  reachable = true;
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(await screen.findByText('Part of the desk')).toBeInTheDocument();
});
