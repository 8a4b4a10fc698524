import type { Metadata } from 'next';
import { connection } from 'next/server';
import { HelpPage } from '@/features/help/HelpPage';

export const metadata: Metadata = { title: 'Help' };

export default async function Page() {
  // The address names the part, so there is nothing to prepare at build.
  await connection();
  return <HelpPage />;
}
