'use client';

import { Button } from '@/ui/plain/Button';
import { Notice } from '@/ui/plain/Notice';
import styles from '@/ui/plain/plain.module.css';

interface PhoneFailedProps {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}

export default function PhoneFailed({ error, reset }: PhoneFailedProps) {
  return (
    <main className={styles.sheet}>
      <Notice severity="error">
        This page cannot be shown{error.message === '' ? '' : `: ${error.message}`}. What you logged
        is kept and will be sent.
      </Notice>
      <Button look="filled" size="large" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
