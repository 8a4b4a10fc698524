import type { Remote } from 'comlink';
import type { GroupReading } from '@/core/records/logbook/foldLog';
import type { Diagnosis } from '@/core/work/diagnosis/diagnose';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import type { PlannerJobs } from '@/workers/plannerJobs';

const known = new WeakMap<BenchFacts, Map<string, Promise<Diagnosis | null>>>();

/** What the fault finder makes of readings: header, bench and board ask for the same, and it is worked out once. */
export function diagnosisOf(
  jobs: Remote<PlannerJobs>,
  facts: BenchFacts,
  readings: readonly GroupReading[],
): Promise<Diagnosis | null> {
  const ofFacts = known.get(facts) ?? new Map<string, Promise<Diagnosis | null>>();
  known.set(facts, ofFacts);
  const plain = readings.map(({ measurement, value, range, confirmed }) => ({
    measurement,
    value,
    range,
    confirmed,
  }));
  const key = JSON.stringify(plain);
  const found = ofFacts.get(key);
  if (found !== undefined) return found;
  const asked = jobs.findFaults(facts.nominal, plain);
  ofFacts.set(key, asked);
  asked.catch(() => ofFacts.delete(key));
  return asked;
}
