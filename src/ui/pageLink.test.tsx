/** @jest-environment jsdom */
import '@/testing/ui/mocks';
import { fireEvent, render, screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { PageLink } from './PageLink';

jest.mock('next/link', () => ({
  __esModule: true,
  default: ({
    prefetch,
    children,
    ...rest
  }: ComponentProps<'a'> & { prefetch: boolean | null }) => (
    <a {...rest} data-ahead={prefetch !== false}>
      {children}
    </a>
  ),
}));

test.each(['pointerEnter', 'focus'] as const)(
  'a page is asked for ahead on %s, not because its link is in view',
  (meant) => {
    const heard: string[] = [];
    render(
      <PageLink
        href="/coins"
        onPointerEnter={() => heard.push('pointerEnter')}
        onFocus={() => heard.push('focus')}
      >
        Coins
      </PageLink>,
    );
    const link = screen.getByRole('link', { name: 'Coins' });
    expect(link).toHaveAttribute('data-ahead', 'false');
    fireEvent[meant](link);
    expect(link).toHaveAttribute('data-ahead', 'true');
    expect(heard).toEqual([meant]);
    expect(link).toHaveAttribute('href', '/coins');
  },
);
