'use client';

import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import type { ReactNode } from 'react';
import { Notices } from './notices/Notices';
import { theme } from './theme';

// The pages' policy forbids code made of text, which zod would try. Set where it looks, whether it is there already or
// comes later: some pages begin without it.
const ofZod = globalThis as { __zod_globalConfig?: { jitless?: boolean } };
(ofZod.__zod_globalConfig ??= {}).jitless = true;

export function AppTheme({ children }: { children: ReactNode }) {
  return (
    // Without noSsr it renders twice, and the second time throws away what was not hydrated yet.
    <ThemeProvider theme={theme} defaultMode="system" noSsr>
      <CssBaseline enableColorScheme />
      {children}
      <Notices />
    </ThemeProvider>
  );
}
