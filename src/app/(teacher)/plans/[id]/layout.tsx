import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { PlanWorkspace } from '@/features/plan/PlanWorkspace';
import { benchContext } from '@/server/bench/benchContext';
import { serverContext } from '@/server/context';
import { listOwnRecipes } from '@/server/listOwnRecipes';
import { openBench } from '@/server/openTool';

interface PlanLayoutProps {
  readonly params: Promise<{ id: string }>;
  readonly children: ReactNode;
}

export async function generateMetadata({ params }: PlanLayoutProps): Promise<Metadata> {
  const { id } = await params;
  return { title: serverContext().documents('plans').title(id) ?? 'Plan' };
}

export default async function PlanLayout({ params, children }: PlanLayoutProps) {
  await connection();
  const { id } = await params;
  const found = serverContext().documents('plans').find(id);
  if (found === null || !found.document.ok) notFound();
  return (
    <PlanWorkspace
      id={id}
      initialPlan={found.document.value}
      initialRevision={found.revision}
      ownRecipes={listOwnRecipes(serverContext())}
      cupboardFound={openBench(serverContext(), 'cupboard')}
      schoolFound={openBench(serverContext(), 'school')}
      initialLog={benchContext().log.linesAfter(id, 0)}
    >
      {children}
    </PlanWorkspace>
  );
}
