'use client';

import { useSearchParams } from 'next/navigation';
import type { z } from 'zod';

/** Changes part of the state; `replace` leaves no step for the Back button, for sliders on the move. */
type ChangeAddress<State> = (part: Partial<State>, replace?: boolean) => void;

/** State of a small page in its address: shared by a link, kept by a reload, undone by Back. */
export function useAddressState<Schema extends z.ZodType<object>>(
  schema: Schema,
): [z.output<Schema>, ChangeAddress<z.output<Schema>>] {
  const state = schema.parse(Object.fromEntries(useSearchParams()));
  const change: ChangeAddress<z.output<Schema>> = (part, replace = false) => {
    const next = Object.entries({ ...state, ...part }).map(([key, value]) => [key, String(value)]);
    const address = `?${new URLSearchParams(next).toString()}`;
    if (replace) window.history.replaceState(null, '', address);
    else window.history.pushState(null, '', address);
  };
  return [state, change];
}
