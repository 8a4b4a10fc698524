'use client';

import { useEffect, useState } from 'react';
import type { Diagnosis } from '@/core/work/diagnosis/diagnose';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import type { LoggedReading } from '@/core/records/logbook/logEntry';
import { patientClient } from '@/workers/plannerClient';

interface Found {
  readonly of: readonly LoggedReading[];
  readonly facts: BenchFacts;
  readonly diagnosis: Diagnosis | null;
}

/** What the fault finder makes of the readings, worked out off the main thread; the last answer stays until the next. */
export function useDiagnosis(
  facts: BenchFacts,
  readings: readonly LoggedReading[],
): { readonly diagnosis: Diagnosis | null; readonly working: boolean } {
  const [found, setFound] = useState<Found | null>(null);
  useEffect(() => {
    let outdated = false;
    void patientClient()
      .findFaults(
        facts.nominal,
        readings.map(({ measurement, value }) => ({ measurement, value })),
      )
      .then((diagnosis) => {
        if (!outdated) setFound({ of: readings, facts, diagnosis });
      });
    return () => {
      outdated = true;
    };
  }, [facts, readings]);
  return {
    diagnosis: found?.facts === facts ? found.diagnosis : null,
    working: found?.of !== readings || found.facts !== facts,
  };
}
