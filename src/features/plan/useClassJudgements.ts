'use client';

import { useCallback } from 'react';
import { readingsOfGroup } from '@/core/records/logbook/foldLog';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { judgementOf, type Judgement } from '@/core/work/diagnosis/judgement';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { wrongReadings } from '@/core/work/guide/wrongReadings';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { diagnosisOf } from './diagnosisOf';

/** Rest after a reading before the class is judged anew, milliseconds: many may come at once. */
const QUIET_MS = 400;
const NOBODY: ReadonlyMap<string, Judgement> = new Map();

/** What the fault finder says of every group in whose readings something stands out; the rest needs no word. */
export function useClassJudgements(
  facts: BenchFacts,
  groups: readonly string[],
  lines: readonly LogLine[],
): ReadonlyMap<string, Judgement> {
  const job = useWorkerJob(
    useCallback(
      async (jobs): Promise<ReadonlyMap<string, Judgement>> => {
        const judged = new Map<string, Judgement>();
        for (const group of groups) {
          const readings = readingsOfGroup(lines, group);
          if (wrongReadings(facts, readings).length === 0) continue;
          const diagnosis = await diagnosisOf(jobs, facts, readings);
          if (diagnosis !== null) judged.set(group, judgementOf(diagnosis, facts.words, readings));
        }
        return judged;
      },
      [facts, groups, lines],
    ),
    { worker: 'patient', quietMs: QUIET_MS },
  );
  return job.answer ?? NOBODY;
}
