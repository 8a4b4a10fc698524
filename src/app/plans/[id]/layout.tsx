import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { PlanWorkspace } from '@/features/plan/PlanWorkspace';
import { serverContext } from '@/server/context';

interface PlanLayoutProps {
  readonly params: Promise<{ id: string }>;
  readonly children: ReactNode;
}

export async function generateMetadata({ params }: PlanLayoutProps): Promise<Metadata> {
  const { id } = await params;
  const found = serverContext().plans.find(id);
  return { title: found?.plan.ok === true ? found.plan.value.title : 'Plan' };
}

export default async function PlanLayout({ params, children }: PlanLayoutProps) {
  await connection();
  const { id } = await params;
  const found = serverContext().plans.find(id);
  if (found === null || !found.plan.ok) notFound();
  return (
    <PlanWorkspace id={id} initialPlan={found.plan.value} initialRevision={found.revision}>
      {children}
    </PlanWorkspace>
  );
}
