import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { STATIONS } from '@/features/plan/stations';
import { Jump } from '@/ui/jump/Jump';
import { NONCE_HEADER } from '@/proxy';
import { storageState } from '@/server/storageProblem';
import { AppTheme } from '@/ui/AppTheme';
import styles from '@/ui/plain/plain.module.css';
import { NothingIsSaved, NothingToOpen } from '@/ui/StorageNotices';

const STATION_NAMES = STATIONS.map(({ slug, name }) => ({ slug, name }));

export default async function TeacherLayout({ children }: { children: ReactNode }) {
  const { closed, readOnly } = storageState();
  const nonce = (await headers()).get(NONCE_HEADER) ?? '';
  return (
    <>
      <InitColorSchemeScript attribute="data" defaultMode="system" nonce={nonce} />
      <AppRouterCacheProvider options={{ enableCssLayer: true, nonce }}>
        <a href="#content" className={styles.skip}>
          Skip to the content
        </a>
        <AppTheme>
          {closed === null ? (
            <>
              {readOnly === null ? null : <NothingIsSaved why={readOnly} />}
              {children}
              <Jump stations={STATION_NAMES} />
            </>
          ) : (
            <NothingToOpen why={closed} />
          )}
        </AppTheme>
      </AppRouterCacheProvider>
    </>
  );
}
