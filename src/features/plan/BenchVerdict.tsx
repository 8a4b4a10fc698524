'use client';

import { judgementOf } from '@/core/work/diagnosis/judgement';
import { whatIsWrong } from '@/core/work/guide/wrongReadings';
import { useReadings } from '@/ui/bench/LogProvider';
import { VerdictPill } from '@/ui/VerdictPill';
import { useBenchChoice } from './benchChoice';
import { OwnVerdict } from './OwnVerdict';
import { useBenchFacts } from './useBenchFacts';
import { useDiagnosis } from './useDiagnosis';

/** What is wrong at the chosen group’s bench, in the words of the first cause; the plan’s own verdict where nothing is. */
export function BenchVerdict() {
  const facts = useBenchFacts();
  const { group } = useBenchChoice();
  const readings = useReadings(group);
  const { diagnosis, readings: judged } = useDiagnosis(facts, readings);
  // Until the fault finder has answered to these readings, what stands out is said as it was read.
  const judgement =
    diagnosis === null || judged !== readings
      ? null
      : judgementOf(diagnosis, facts.words, readings);
  const wrong = whatIsWrong(facts, readings, judgement);
  if (wrong === null) return <OwnVerdict />;
  return (
    <VerdictPill
      live
      tone={wrong.dark ? 'wrong' : 'marginal'}
      headline={wrong.headline}
      details={[`Group ${group}`, wrong.detail]}
    />
  );
}
