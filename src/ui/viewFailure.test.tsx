/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { render, screen } from '@testing-library/react';
import { Component, type ReactNode } from 'react';
import { press } from '@/testing/ui/acting';
import { ViewFailure } from './ViewFailure';

/** As the app's error pages are put in the place of what broke. */
class Boundary extends Component<
  { readonly children: ReactNode },
  { readonly error: Error | null }
> {
  override state = { error: null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  override render(): ReactNode {
    const { error } = this.state;
    return error === null ? (
      this.props.children
    ) : (
      <ViewFailure
        error={error}
        retry={() => this.setState({ error: null })}
        kept="Your plan is saved."
      />
    );
  }
}

test('a view that breaks says what happened and what is safe, and comes back once it can', () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  let broken = true;
  function Fragile() {
    if (broken) throw new Error('no such cell');
    return <p>All is well.</p>;
  }
  render(
    <Boundary>
      <Fragile />
    </Boundary>,
  );
  expect(
    screen.getByText(/Something in it failed: no such cell\. Your plan is saved\./),
  ).toBeVisible();
  expect(screen.getByRole('link', { name: 'To the shelf' })).toHaveAttribute('href', '/');
  // Still broken: it says so again instead of a blank page.
  press('Try again');
  expect(screen.getByText(/no such cell/)).toBeVisible();
  broken = false;
  press('Try again');
  expect(screen.getByText('All is well.')).toBeVisible();
  expect(console.error).toHaveBeenCalled();
  jest.restoreAllMocks();
});
