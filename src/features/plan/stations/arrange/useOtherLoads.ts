'use client';

import { useEffect, useState } from 'react';
import type { Desk } from '@/core/physics/desk/desk';
import type { OtherLoad } from '@/core/work/planning/otherLoads';
import { plannerClient } from '@/workers/plannerClient';

/** What the battery does with every other load, worked out off the main thread. */
export function useOtherLoads(desk: Desk): readonly OtherLoad[] {
  const [loads, setLoads] = useState<readonly OtherLoad[]>([]);
  useEffect(() => {
    let outdated = false;
    void plannerClient()
      .otherLoads(desk)
      .then((found) => {
        if (!outdated) setLoads(found);
      });
    return () => {
      outdated = true;
    };
  }, [desk]);
  return loads;
}
