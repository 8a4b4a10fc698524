import type { Metadata } from 'next';
import { connection } from 'next/server';
import { HelpPage } from '@/features/help/HelpPage';
import { serverContext } from '@/server/context';
import { listShelf } from '@/server/listShelf';

export const metadata: Metadata = { title: 'Help' };

export default async function Page() {
  await connection();
  const first = listShelf(serverContext()).entries.find(({ summary }) => summary.ok);
  return <HelpPage tourOf={first?.id ?? null} />;
}
