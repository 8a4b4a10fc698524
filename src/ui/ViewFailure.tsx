'use client';

import { useEffect } from 'react';
import { Button } from './plain/Button';
import { Notice } from './plain/Notice';
import { PlainLink } from './plain/PlainLink';
import styles from './plain/plain.module.css';

interface ViewFailureProps {
  readonly error: Error & { readonly digest?: string };
  readonly retry: () => void;
  /** What is safe all the same. */
  readonly kept: string;
  /** The page to go on with. */
  readonly elsewhere?: { readonly href: string; readonly name: string };
}

const SHELF = { href: '/', name: 'To the shelf' };

/** In the place of a view that broke: what happened, what is safe, and ways on, the last of them with everything loaded anew. */
export function ViewFailure({ error, retry, kept, elsewhere = SHELF }: ViewFailureProps) {
  useEffect(() => {
    console.error(error);
  }, [error]);
  return (
    <div className={styles.sheet}>
      <Notice severity="error">
        <strong>This view cannot be shown. </strong>
        {error.message === ''
          ? 'Something in it failed.'
          : `Something in it failed: ${error.message.replace(/\.?$/, '.')}`}{' '}
        {error.digest === undefined ? '' : `(${error.digest}) `}
        {kept}
      </Notice>
      <div className={styles.row}>
        <Button look="filled" onClick={retry}>
          Try again
        </Button>
        <PlainLink href={elsewhere.href} className={styles.button}>
          {elsewhere.name}
        </PlainLink>
      </div>
    </div>
  );
}
