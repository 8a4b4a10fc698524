import type { Metadata } from 'next';
import { SafekeepingPage } from '@/features/safekeeping/SafekeepingPage';
import { benchContext } from '@/server/bench/benchContext';
import { storedLessons } from '@/server/bench/storedLessons';
import { listBin } from '@/server/safekeeping/bin';
import { backupState } from '@/server/safekeeping/keeper';

export const metadata: Metadata = { title: 'Safekeeping' };

export default function Page() {
  const context = benchContext();
  return (
    <SafekeepingPage {...backupState()} stored={storedLessons(context)} binned={listBin(context)} />
  );
}
