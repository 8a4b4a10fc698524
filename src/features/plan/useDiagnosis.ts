'use client';

import { useCallback } from 'react';
import type { GroupReading } from '@/core/records/logbook/foldLog';
import type { Diagnosis } from '@/core/work/diagnosis/diagnose';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { useWorkerJob, type WorkerJob } from '@/workers/useWorkerJob';
import { diagnosisOf } from './diagnosisOf';

/** What was found of which bench: a diagnosis, or nothing before the first reading. */
interface Found {
  readonly facts: BenchFacts;
  readonly readings: readonly GroupReading[];
  readonly diagnosis: Diagnosis | null;
}

export interface DiagnosisJob {
  /** The last answer to this bench; it stays until the next. */
  readonly diagnosis: Diagnosis | null;
  /** The readings that it is about: a page never tells them apart from newer ones by mistake. */
  readonly readings: readonly GroupReading[];
  readonly job: WorkerJob<Found>;
}

/** What the fault finder makes of the readings, worked out off the main thread. */
export function useDiagnosis(facts: BenchFacts, readings: readonly GroupReading[]): DiagnosisJob {
  const job = useWorkerJob(
    useCallback(
      async (jobs): Promise<Found> => ({
        facts,
        readings,
        diagnosis: await diagnosisOf(jobs, facts, readings),
      }),
      [facts, readings],
    ),
    { worker: 'patient' },
  );
  const latest = job.latest?.facts === facts ? job.latest : null;
  return { diagnosis: latest?.diagnosis ?? null, readings: latest?.readings ?? [], job };
}
