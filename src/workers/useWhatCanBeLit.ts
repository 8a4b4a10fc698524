'use client';

import { proxy } from 'comlink';
import { useCallback, useState } from 'react';
import type { PartCounts } from '@/core/records/plan/haveSchema';
import type { Running } from '@/core/records/plan/runningSchema';
import type { WhatCanBeLit } from '@/core/work/search/whatCanBeLit';
import { useWorkerJob, type WorkerJob } from './useWorkerJob';

/** Rest after a press or a key before it is worked out anew, milliseconds. */
const QUIET_MS = 250;

interface Found {
  readonly have: PartCounts;
  readonly found: WhatCanBeLit;
}

/** What can be lit with parts: the whole answer, and before it what is found so far. */
export function useWhatCanBeLit(
  have: PartCounts,
  minutes: number,
  running: Running,
): {
  readonly job: WorkerJob<WhatCanBeLit>;
  readonly found: WhatCanBeLit | null;
  /** Whether what was found belongs to these very parts. */
  readonly current: boolean;
} {
  const [partial, setPartial] = useState<Found | null>(null);
  const job = useWorkerJob(
    useCallback(
      (jobs) =>
        jobs.whatCanBeLit(
          { have, minutes, running },
          proxy((found: WhatCanBeLit) => setPartial({ have, found })),
        ),
      [have, minutes, running],
    ),
    { worker: 'patient', quietMs: QUIET_MS },
  );
  const soFar = partial?.have === have && partial.found.things.length > 0 ? partial.found : null;
  const now = job.answer ?? soFar;
  return { job, found: now ?? job.latest, current: now !== null };
}
