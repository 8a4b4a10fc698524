'use client';

import { useJudgement } from '@/ui/bench/LogProvider';
import { VerdictPill } from '@/ui/VerdictPill';
import { useBenchChoice } from './benchChoice';
import { OwnVerdict } from './OwnVerdict';

/** What is wrong at the chosen group’s bench, as everybody hears it; the plan’s own verdict where nothing is. */
export function BenchVerdict() {
  const { group } = useBenchChoice();
  const judgement = useJudgement(group);
  if (judgement === null || judgement.verdict === 'fine') return <OwnVerdict />;
  const { sure, dark, headline, remedy } = judgement;
  return (
    <VerdictPill
      live
      tone={sure || dark ? 'wrong' : 'marginal'}
      headline={`${group}: ${headline}`}
      details={[remedy]}
    />
  );
}
