'use client';

import { ViewFailure } from '@/ui/ViewFailure';

interface PhoneFailedProps {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

export default function PhoneFailed({ error, reset }: PhoneFailedProps) {
  return (
    <ViewFailure
      error={error}
      retry={reset}
      kept="What you logged is kept and will be sent."
      elsewhere={{ href: '/join', name: 'Join again' }}
    />
  );
}
