'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Desk } from '@/core/physics/desk/desk';
import type { LoadRequirement } from '@/core/records/plan/loadRequirement';
import type { RunFactors } from '@/core/work/running/runBattery';
import type { Running } from '@/core/records/plan/runningSchema';
import type { IntermittentRun } from '@/core/work/running/intermittentRun';
import { patientClient } from '@/workers/plannerClient';

/** Use in turns, worked out off the main thread: the answer, the share that is done, a way to stop and to ask again. */
export function useTurns(desk: Desk, need: LoadRequirement, running: Running, factors: RunFactors) {
  const [share, setShare] = useState(0);
  // Grows when the same is asked once more.
  const [time, setTime] = useState(0);
  const question = useMemo(
    () => ({ desk, need, running, factors, time }),
    [desk, need, running, factors, time],
  );
  const [known, setKnown] = useState<{ of: typeof question; run: IntermittentRun | null } | null>(
    null,
  );
  useEffect(() => {
    let outdated = false;
    const report = proxy((done: number) => {
      if (!outdated) setShare(done);
    });
    void patientClient()
      .intermittentRun(question.desk, question.need, question.running, question.factors, report)
      .then((run) => {
        if (!outdated) setKnown({ of: question, run });
      });
    return () => {
      outdated = true;
      setShare(0);
    };
  }, [question]);
  const cancel = useCallback((): void => void patientClient().stopIntermittentRun(), []);
  const again = useCallback((): void => setTime((before) => before + 1), []);
  const answered = known?.of === question ? known : null;
  return { run: answered?.run ?? null, progress: answered === null ? share : null, cancel, again };
}
