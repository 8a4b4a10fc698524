'use client';

import { useCallback, useState } from 'react';
import { z } from 'zod';
import { useSnackbar } from 'notistack';
import type { BenchFacts } from '@/core/guide/benchFacts';
import { quantityOf, type Measurement } from '@/core/logbook/measurement';
import { now, useLog } from '@/ui/bench/LogProvider';
import { readingEntry, readingText } from '@/core/logbook/readingEntry';
import { usePlanContext } from '../../PlanProvider';

export interface Taking {
  readonly take: (measurement: Measurement) => void;
  readonly busy: boolean;
  /** Why the last one failed; `null` where it did not. */
  readonly problem: string | null;
}

const takenSchema = z.object({ value: z.number(), meter: z.string() });
const refusalSchema = z.object({ message: z.string() });

/** Takes readings from the bench meter and logs them; what fails is said and never logged. */
export function useMeter(group: string, facts: BenchFacts): Taking {
  const { open } = usePlanContext();
  const { log, markStep } = useLog();
  const { enqueueSnackbar } = useSnackbar();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const { id } = open;
  const take = useCallback(
    (measurement: Measurement): void => {
      if (busy || quantityOf(measurement) === 'light') return;
      setBusy(true);
      setProblem(null);
      const step = facts.steps.find(
        (one) => JSON.stringify(one.measurement) === JSON.stringify(measurement),
      );
      const range = step?.meter?.range ?? null;
      void read(id, { measurement, group, range }).then((answer) => {
        setBusy(false);
        if ('problem' in answer) {
          setProblem(answer.problem);
          return;
        }
        const { value, meter } = answer;
        log(group, [readingEntry(measurement, value, now(), { meter, range })]);
        if (step !== undefined) markStep(group, step.id, 'done');
        enqueueSnackbar(`${readingText(measurement, value)} read from the meter`);
      });
    },
    [busy, facts, group, id, log, markStep, enqueueSnackbar],
  );
  return { take, busy, problem };
}

async function read(
  id: string,
  body: object,
): Promise<z.infer<typeof takenSchema> | { readonly problem: string }> {
  try {
    const response = await fetch(`/api/lessons/${id}/meter`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer: unknown = await response.json();
    const taken = takenSchema.safeParse(answer);
    if (response.ok && taken.success) return taken.data;
    const refusal = refusalSchema.safeParse(answer);
    return { problem: refusal.success ? refusal.data.message : 'The meter gave no reading.' };
  } catch {
    return { problem: 'Grozer’s server does not answer. Is it still running?' };
  }
}
