'use client';

import { ViewFailure } from '@/ui/ViewFailure';

interface StationFailedProps {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

/** A station broke; the plan around it stays open, with its history and what is not saved yet. */
export default function StationFailed({ error, reset }: StationFailedProps) {
  return (
    <ViewFailure
      error={error}
      retry={reset}
      kept="The plan is still open: nothing that you typed is lost, and undo and the other stations work."
    />
  );
}
