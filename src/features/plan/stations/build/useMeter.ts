'use client';

import { useCallback, useState } from 'react';
import * as z from 'zod/mini';
import { notify } from '@/ui/notices/notices';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { isSame, quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { now, useLog } from '@/ui/bench/LogProvider';
import { readingEntry, readingText } from '@/core/records/logbook/readingEntry';
import { askJson } from '@/ui/askJson';
import { usePlanContext } from '../../PlanProvider';

export interface Taking {
  readonly take: (measurement: Measurement) => void;
  readonly busy: boolean;
  /** Why the last one failed; `null` where it did not. */
  readonly problem: string | null;
}

const takenSchema = z.object({ value: z.number(), meter: z.string() });

/** Takes readings from the bench meter and logs them; what fails is said and never logged. */
export function useMeter(group: string, facts: BenchFacts): Taking {
  const { open } = usePlanContext();
  const { log } = useLog();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { id } = open;
  const take = useCallback(
    (measurement: Measurement): void => {
      if (busy || quantityOf(measurement) === 'light') return;
      setBusy(true);
      setProblem(null);
      const step = facts.steps.find(
        (one) => one.measurement !== null && isSame(one.measurement, measurement),
      );
      const range = step?.meter?.range ?? null;
      const body = { measurement, group, range };
      void askJson(`/api/lessons/${id}/meter`, takenSchema, body).then((answer) => {
        setBusy(false);
        if (!answer.ok) {
          setProblem(answer.message);
          return;
        }
        const { value, meter } = answer.value;
        log(group, [readingEntry(measurement, value, now(), { meter, range })]);
        notify(`${readingText(measurement, value)} read from the meter`);
      });
    },
    [busy, facts, group, id, log],
  );
  return { take, busy, problem };
}
