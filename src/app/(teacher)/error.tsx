'use client';

import { ViewFailure } from '@/ui/ViewFailure';

interface FailedProps {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

export default function Failed({ error, reset }: FailedProps) {
  return (
    <ViewFailure error={error} retry={reset} kept="What was saved is safe on this computer." />
  );
}
