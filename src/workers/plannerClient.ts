import { wrap, type Remote } from 'comlink';
import type { PlannerJobs } from './plannerJobs';

/** A worker, and when it broke: it then never answers again. */
interface PlannerWorker {
  readonly jobs: Remote<PlannerJobs>;
  readonly broken: Promise<never>;
}

/** `planner` for what an edit waits for, `patient` for jobs of a second and more. */
export type PlannerWorkerName = 'planner' | 'patient';

const workers = new Map<PlannerWorkerName, PlannerWorker>();

function started(name: PlannerWorkerName): PlannerWorker {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  const broken = new Promise<never>((_, reject) => {
    const fail = (event: Event): void => {
      // The next question starts a fresh one.
      workers.delete(name);
      worker.terminate();
      const reason = event instanceof ErrorEvent ? event.message : '';
      reject(new Error(reason === '' ? 'the worker could not be started' : reason));
    };
    worker.addEventListener('error', fail);
    worker.addEventListener('messageerror', fail);
  });
  // Whoever asks hears of it; while nobody asks it is no unhandled rejection.
  broken.catch(() => undefined);
  const made = { jobs: wrap<PlannerJobs>(worker), broken };
  workers.set(name, made);
  return made;
}

/** Asks a worker, started when it is first needed. Rejects where the job throws or the worker breaks. */
export function askWorker<T>(
  name: PlannerWorkerName,
  ask: (jobs: Remote<PlannerJobs>) => Promise<T>,
): Promise<T> {
  const { jobs, broken } = workers.get(name) ?? started(name);
  return Promise.race([ask(jobs), broken]);
}
