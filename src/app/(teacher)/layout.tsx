import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { ReactNode } from 'react';
import { AppTheme } from '@/ui/AppTheme';

export default function TeacherLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <InitColorSchemeScript attribute="data" defaultMode="light" />
      <AppRouterCacheProvider options={{ enableCssLayer: true }}>
        <AppTheme>{children}</AppTheme>
      </AppRouterCacheProvider>
    </>
  );
}
