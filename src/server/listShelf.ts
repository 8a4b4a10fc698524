import { summaryOfPlan, type PlanSummary } from '@/core/planning/planSummary';
import { succeed, type Result } from '@/core/result';
import type { ServerContext } from './context';

interface ShelfEntry {
  readonly id: string;
  /** What the plan will do; the faults where its stored document cannot be read. */
  readonly summary: Result<PlanSummary>;
}

/** All plans on the shelf, last changed first, each with its live verdict. */
export function listShelf({ documents }: Pick<ServerContext, 'documents'>): ShelfEntry[] {
  return documents('plans')
    .list()
    .map(({ id, document }) => ({
      id,
      summary: document.ok ? succeed(summaryOfPlan(document.value)) : document,
    }));
}
