import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { NONCE_HEADER } from '@/proxy';
import { AppTheme } from '@/ui/AppTheme';

export default async function TeacherLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get(NONCE_HEADER) ?? '';
  return (
    <>
      <InitColorSchemeScript attribute="data" defaultMode="light" nonce={nonce} />
      <AppRouterCacheProvider options={{ enableCssLayer: true, nonce }}>
        <AppTheme>{children}</AppTheme>
      </AppRouterCacheProvider>
    </>
  );
}
