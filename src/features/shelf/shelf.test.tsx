/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { render, screen } from '@testing-library/react';
import { SnackbarProvider } from 'notistack';
import { Shelf } from './Shelf';

jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: jest.fn(), replace: jest.fn(), refresh: jest.fn() }),
}));

const show = (shelf: { found: number; all: number; folded: number }, find = '') =>
  render(
    <SnackbarProvider>
      <Shelf
        shelf={{ entries: [], ...shelf }}
        find={find}
        sort="changed"
        past={false}
        next={24}
        tourSeen
        lessons={0}
      />
    </SnackbarProvider>,
  );

test('an empty shelf offers three ways in', () => {
  show({ found: 0, all: 0, folded: 0 });
  expect(screen.getByTestId('empty-shelf')).toHaveTextContent(
    /Light something.*I have ….*Check a claim/,
  );
});

test('what is not found is said; a shelf of past lessons only is no failed search', () => {
  const { unmount } = show({ found: 0, all: 3, folded: 0 }, 'bell');
  expect(screen.getByText('No plan has “bell” in its title.')).toBeVisible();
  unmount();
  show({ found: 0, all: 3, folded: 3 });
  expect(screen.queryByText(/No plan has/)).toBeNull();
  expect(screen.getByTestId('empty-shelf')).toBeVisible();
  expect(screen.getByRole('link', { name: 'Show 3 plans of past lessons' })).toHaveAttribute(
    'href',
    '/?past=yes',
  );
});
