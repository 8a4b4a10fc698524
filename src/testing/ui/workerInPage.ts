import type { Remote } from 'comlink';
import { plannerJobs, type PlannerJobs } from '@/workers/plannerJobs';

type JobName = keyof PlannerJobs;

/** Jobs of a second and more, which a test waits for only where it is about them: unanswered unless it asks. */
const PATIENT: readonly JobName[] = ['leaveRunning', 'cellTypes'];
const wanted = new Set<JobName>();

/** From now on these jobs are answered too. */
export function answering(...jobs: JobName[]): void {
  for (const job of jobs) wanted.add(job);
}

/** Jobs that break off, with the reason: as where the worker’s memory is at its end. */
const broken = new Map<JobName, string>();

/** The job fails from now on with this reason; without one it works again. */
export function breaking(job: JobName, reason: string | null): void {
  if (reason === null) broken.delete(job);
  else broken.set(job, reason);
}

const never = (): Promise<never> => new Promise(() => undefined);

const jobs = new Proxy(plannerJobs, {
  get: (all, name: JobName) => {
    const reason = broken.get(name);
    if (reason !== undefined) return () => Promise.reject(new Error(reason));
    return PATIENT.includes(name) && !wanted.has(name) ? never : all[name];
  },
}) as unknown as Remote<PlannerJobs>;

/** Stand-in of the worker's client: the same jobs, done in the page. */
export function askWorker<T>(
  _name: string,
  ask: (jobs: Remote<PlannerJobs>) => Promise<T>,
): Promise<T> {
  return Promise.resolve().then(() => ask(jobs));
}
