'use client';

import { proxy } from 'comlink';
import { useCallback, useEffect, useState } from 'react';
import type { Desk } from '@/core/desk/desk';
import type { TargetNeed } from '@/core/plan/needOfTarget';
import type { RunFactors } from '@/core/running/runBattery';
import type { Running } from '@/core/running/runningSchema';
import type { TurnsRun } from '@/core/running/turnsRun';
import { patientClient } from '@/workers/plannerClient';

interface Question {
  readonly desk: Desk;
  readonly need: TargetNeed;
  readonly running: Running;
  readonly factors: RunFactors;
  /** Grows when the same is asked once more. */
  readonly time: number;
}

const isSame = (first: Question, second: Question): boolean =>
  first.desk === second.desk &&
  first.need === second.need &&
  first.running === second.running &&
  first.factors === second.factors &&
  first.time === second.time;

/** Use in turns, worked out off the main thread: the answer, the share that is done, a way to stop and to ask again. */
export function useTurns(desk: Desk, need: TargetNeed, running: Running, factors: RunFactors) {
  const [known, setKnown] = useState<{ of: Question; run: TurnsRun | null } | null>(null);
  const [share, setShare] = useState(0);
  const [time, setTime] = useState(0);
  useEffect(() => {
    let outdated = false;
    const of = { desk, need, running, factors, time };
    const report = proxy((done: number) => {
      if (!outdated) setShare(done);
    });
    void patientClient()
      .turns(desk, need, running, factors, report)
      .then((run) => {
        if (!outdated) setKnown({ of, run });
      });
    return () => {
      outdated = true;
      setShare(0);
    };
  }, [desk, need, running, factors, time]);
  const cancel = useCallback((): void => {
    void patientClient().stopTurns();
  }, []);
  const again = useCallback((): void => setTime((before) => before + 1), []);
  const answered =
    known !== null && isSame(known.of, { desk, need, running, factors, time }) ? known : null;
  return { run: answered?.run ?? null, progress: answered === null ? share : null, cancel, again };
}
