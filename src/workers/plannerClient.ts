import { wrap, type Remote } from 'comlink';
import type { PlannerJobs } from './plannerJobs';

function startWorker(): Remote<PlannerJobs> {
  return wrap<PlannerJobs>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  );
}

let planner: Remote<PlannerJobs> | null = null;
let patient: Remote<PlannerJobs> | null = null;

/** The planner's worker, started when it is first needed. */
export function plannerClient(): Remote<PlannerJobs> {
  planner ??= startWorker();
  return planner;
}

/** A second one for jobs of a second and more, so that ways and doubts need not wait for them. */
export function patientClient(): Remote<PlannerJobs> {
  patient ??= startWorker();
  return patient;
}
