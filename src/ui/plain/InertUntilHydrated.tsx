'use client';

import { useEffect, useRef, type ComponentProps } from 'react';
import { useListening } from './useListening';

interface ListeningProps extends ComponentProps<'div'> {
  readonly as?: 'div' | 'main';
}

/** A part of a page with fields: takes keys and presses only once somebody listens, and then the focus where a field wants it. */
export function InertUntilHydrated({ as: Part = 'div', ...rest }: ListeningProps) {
  const listening = useListening();
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // The browser could not give it to a field that was inert.
    if (listening) box.current?.querySelector<HTMLElement>('[autofocus]')?.focus();
  }, [listening]);
  return <Part ref={box} inert={!listening} {...rest} />;
}
