'use client';

import { useCallback } from 'react';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import type { Diagnosis } from '@/core/work/diagnosis/diagnose';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { useWorkerJob, type WorkerJob } from '@/workers/useWorkerJob';

/** What was found of which bench: a diagnosis, or nothing before the first reading. */
interface Found {
  readonly facts: BenchFacts;
  readonly diagnosis: Diagnosis | null;
}

/** What the fault finder makes of the readings, worked out off the main thread; the last answer stays until the next. */
export function useDiagnosis(
  facts: BenchFacts,
  readings: readonly LoggedReading[],
): { readonly diagnosis: Diagnosis | null; readonly job: WorkerJob<Found> } {
  const job = useWorkerJob(
    useCallback(
      async (jobs): Promise<Found> => ({
        facts,
        diagnosis: await jobs.findFaults(
          facts.nominal,
          readings.map(({ measurement, value }) => ({ measurement, value })),
        ),
      }),
      [facts, readings],
    ),
    { worker: 'patient' },
  );
  return { diagnosis: job.latest?.facts === facts ? job.latest.diagnosis : null, job };
}
