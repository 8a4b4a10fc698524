'use client';

import { firstWrongRow } from '@/core/work/diagnosis/judgeReadings';
import { stairsRows } from '@/core/work/guide/stairs';
import { formatAmps, formatVolts } from '@/core/units';
import { capital } from '@/core/words';
import { useReadings } from '@/ui/bench/LogProvider';
import { VerdictPill } from '@/ui/VerdictPill';
import { useBenchChoice } from './benchChoice';
import { OwnVerdict } from './OwnVerdict';
import { useBenchFacts } from './useBenchFacts';

/** The first reading that is not as it should be; the plan’s own verdict where there is none. */
export function BenchVerdict() {
  const facts = useBenchFacts();
  const { group, string } = useBenchChoice();
  const readings = useReadings(group);
  const wrong = firstWrongRow(stairsRows(facts.stairs, string, readings));
  if (wrong === null || wrong.meaning === null || wrong.read === null) return <OwnVerdict />;
  const format = wrong.kind === 'open-circuit' ? formatVolts : formatAmps;
  return (
    <VerdictPill
      live
      tone="marginal"
      headline={`${capital(wrong.meaning.wording)}.`}
      details={[
        `Group ${group}, ${wrong.label}: expected ${format(wrong.expected)}, read ${format(wrong.read)}`,
      ]}
    />
  );
}
