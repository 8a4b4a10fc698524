'use client';

import { proxy, type Remote } from 'comlink';
import { startTransition, useCallback, useEffect, useState } from 'react';
import { askWorker, type PlannerWorkerName } from './plannerClient';
import type { PlannerJobs } from './plannerJobs';

/** How a question to a worker stands. */
export interface WorkerJob<T> {
  readonly status: 'working' | 'answered' | 'cancelled' | 'failed';
  /** What it answered to this very question; `null` in every other status. */
  readonly answer: T | null;
  /** The last answer, even where it is to an older question; `null` before the first. */
  readonly latest: T | null;
  /** Share that is done, as far as the job reports it. */
  readonly progress: number;
  /** Why it failed; `null` in every other status. */
  readonly failure: string | null;
  /** Asks the same once more. */
  readonly retry: () => void;
  readonly cancel: () => void;
}

/** Asks for something; answers `null` where it was stopped. Keep it with `useCallback`: another function is another question. */
export type WorkerQuestion<T> = (
  jobs: Remote<PlannerJobs>,
  onProgress: (share: number) => void,
) => Promise<T | null>;

interface WorkerJobOptions {
  readonly worker?: PlannerWorkerName;
  /** Rest after a change before it is asked, milliseconds. */
  readonly quietMs?: number;
  /** Ends the job in the worker. */
  readonly stop?: (jobs: Remote<PlannerJobs>) => Promise<unknown>;
}

type Ending<T> =
  | { readonly status: 'answered'; readonly answer: T }
  | { readonly status: 'cancelled' }
  | { readonly status: 'failed'; readonly failure: string };

interface Settled<T> {
  readonly ask: WorkerQuestion<T>;
  readonly attempt: number;
  readonly ending: Ending<T>;
}

/**
 * A question to a worker: its answer, its progress, that it became outdated, failed or was stopped. Where the job
 * throws or the worker breaks, the question can be asked again; nothing else is lost.
 */
export function useWorkerJob<T>(
  ask: WorkerQuestion<T>,
  { worker = 'planner', quietMs = 0, stop }: WorkerJobOptions = {},
): WorkerJob<T> {
  const [attempt, setAttempt] = useState(0);
  const [settled, setSettled] = useState<Settled<T> | null>(null);
  const [latest, setLatest] = useState<T | null>(null);
  const [progress, setProgress] = useState(0);

  useEffect(() => {
    let outdated = false;
    const settle = (ending: Ending<T>): void => {
      if (outdated) return;
      // Drawn in slices: an answer may be a long list, and whoever types meanwhile comes first.
      startTransition(() => {
        // What was stopped stays stopped.
        setSettled((before) => before ?? { ask, attempt, ending });
        if (ending.status === 'answered') setLatest(ending.answer);
      });
    };
    const report = (share: number): void => {
      if (!outdated) setProgress(share);
    };
    const timer = setTimeout(() => {
      askWorker(worker, (jobs) => ask(jobs, proxy(report))).then(
        (answer) =>
          settle(answer === null ? { status: 'cancelled' } : { status: 'answered', answer }),
        (error: unknown) =>
          settle({
            status: 'failed',
            failure: error instanceof Error ? error.message : String(error),
          }),
      );
    }, quietMs);
    return () => {
      outdated = true;
      clearTimeout(timer);
      setProgress(0);
      setSettled(null);
    };
  }, [ask, attempt, worker, quietMs]);

  const retry = useCallback((): void => setAttempt((before) => before + 1), []);
  const cancel = useCallback((): void => {
    setSettled({ ask, attempt, ending: { status: 'cancelled' } });
    // A worker that breaks while it is told to stop has stopped.
    if (stop !== undefined) askWorker(worker, stop).catch(() => undefined);
  }, [ask, attempt, stop, worker]);

  const current = settled?.ask === ask && settled.attempt === attempt ? settled.ending : null;
  return {
    status: current?.status ?? 'working',
    answer: current?.status === 'answered' ? current.answer : null,
    latest,
    progress,
    failure: current?.status === 'failed' ? current.failure : null,
    retry,
    cancel,
  };
}
