import type { Remote } from 'comlink';
import { plannerJobs, type PlannerJobs } from '@/workers/plannerJobs';

type JobName = keyof PlannerJobs;

/** Jobs of a second and more, which a test waits for only where it is about them: unanswered unless it asks. */
const PATIENT: readonly JobName[] = ['leaveRunning', 'simulateMany'];
const wanted = new Set<JobName>();

/** From now on these jobs are answered too. */
export function answering(...jobs: JobName[]): void {
  for (const job of jobs) wanted.add(job);
}

const never = (): Promise<never> => new Promise(() => undefined);

const jobs = new Proxy(plannerJobs, {
  get: (all, name: JobName) => (PATIENT.includes(name) && !wanted.has(name) ? never : all[name]),
}) as unknown as Remote<PlannerJobs>;

/** Stand-in of the worker's client: the same jobs, done in the page. */
export function askWorker<T>(
  _name: string,
  ask: (jobs: Remote<PlannerJobs>) => Promise<T>,
): Promise<T> {
  return Promise.resolve().then(() => ask(jobs));
}
