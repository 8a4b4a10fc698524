import type { Metadata } from 'next';
import { z } from 'zod';
import { JoinPage } from '@/features/group/JoinPage';

export const metadata: Metadata = { title: 'Join' };

const codeSchema = z.string().max(8).catch('');

export default async function Join({
  searchParams,
}: {
  searchParams: Promise<{ code?: string | string[] }>;
}) {
  return <JoinPage initialCode={codeSchema.parse((await searchParams).code)} />;
}
