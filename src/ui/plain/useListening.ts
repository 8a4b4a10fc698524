'use client';

import { useSyncExternalStore } from 'react';

const never = (): (() => void) => () => undefined;

/**
 * Whether the page's script has taken over what the server drew. Until then fields are inert: what is typed into them
 * would be lost or put back.
 */
export function useListening(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
}
