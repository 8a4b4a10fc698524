'use client';

import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import { config } from 'zod';
import { theme } from './theme';

// The pages' policy forbids code made of text, which it would try.
config({ jitless: true });

export function AppTheme({ children }: { children: ReactNode }) {
  return (
    // Without noSsr it renders twice, and the second time throws away what was not hydrated yet.
    <ThemeProvider theme={theme} defaultMode="system" noSsr>
      <CssBaseline enableColorScheme />
      <SnackbarProvider
        maxSnack={3}
        autoHideDuration={8000}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
      >
        {children}
      </SnackbarProvider>
    </ThemeProvider>
  );
}
