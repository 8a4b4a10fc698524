import { wrap, type Remote } from 'comlink';
import type { PlannerJobs } from './plannerJobs';

let client: Remote<PlannerJobs> | null = null;

/** The planner's worker, started when it is first needed. */
export function plannerClient(): Remote<PlannerJobs> {
  client ??= wrap<PlannerJobs>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  );
  return client;
}
