'use client';

import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import type { ReactNode } from 'react';
import type { TitledDocument } from '@/core/documents/documentFormat';
import { DEFERRAL } from '@/core/safety/cautions';
import { ThemeSwitch } from '../ThemeSwitch';
import { SaveNote } from './SaveNote';
import { UndoButtons } from './UndoButtons';
import type { OpenDocument } from './useDocument';
import { useUndoKeys } from './useUndoKeys';

interface DocumentFrameProps<T extends TitledDocument> {
  readonly open: OpenDocument<T>;
  readonly heading: ReactNode;
  readonly back: { readonly href: string; readonly name: string };
  /** Controls beside undo and redo. */
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

/** The page around an open document that is not a plan: way back, heading, undo, whether it is saved. */
export function DocumentFrame<T extends TitledDocument>(props: DocumentFrameProps<T>) {
  const { open, heading, back, actions, children } = props;
  useUndoKeys(open.documentStore);
  return (
    <Box sx={{ maxWidth: 1240, mx: 'auto', p: { xs: 2, md: 3 } }}>
      <Box
        component="header"
        sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, mb: 2 }}
      >
        <Box sx={{ flex: 1, minWidth: 260 }}>
          <Link component={NextLink} href={back.href} color="inherit" variant="body2">
            {back.name}
          </Link>
          {typeof heading === 'string' ? <Typography variant="h1">{heading}</Typography> : heading}
        </Box>
        <SaveNote {...open} />
        <UndoButtons documentStore={open.documentStore} />
        {actions}
        <ThemeSwitch />
      </Box>
      <Box component="main">{children}</Box>
      <Typography
        component="footer"
        variant="caption"
        color="textSecondary"
        sx={{ display: 'block', mt: 3, maxWidth: 760 }}
      >
        {DEFERRAL}
      </Typography>
    </Box>
  );
}
