'use client';

import Alert from '@mui/material/Alert';
import AlertTitle from '@mui/material/AlertTitle';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import NextLink from 'next/link';
import { useEffect } from 'react';

interface ViewFailureProps {
  readonly error: Error & { readonly digest?: string };
  readonly retry: () => void;
  /** What is safe all the same. */
  readonly kept: string;
}

/** In the place of a view that broke: what happened, what is safe, and ways on. */
export function ViewFailure({ error, retry, kept }: ViewFailureProps) {
  useEffect(() => {
    console.error(error);
  }, [error]);
  return (
    <Box sx={{ maxWidth: 640, mx: 'auto', p: 3 }}>
      <Alert
        severity="error"
        action={
          <Button color="inherit" size="small" onClick={retry}>
            Try again
          </Button>
        }
      >
        <AlertTitle>This view cannot be shown</AlertTitle>
        {error.message === ''
          ? 'Something in it failed.'
          : `Something in it failed: ${error.message}`}{' '}
        {error.digest === undefined ? '' : `(${error.digest}) `}
        {kept}
      </Alert>
      <Box sx={{ mt: 2 }}>
        <Link component={NextLink} href="/">
          To the shelf
        </Link>
      </Box>
    </Box>
  );
}
