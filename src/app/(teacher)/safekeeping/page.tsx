import type { Metadata } from 'next';
import { SafekeepingPage } from '@/features/safekeeping/SafekeepingPage';
import { backupState } from '@/server/safekeeping/keeper';

export const metadata: Metadata = { title: 'Safekeeping' };

export default function Page() {
  return <SafekeepingPage {...backupState()} />;
}
