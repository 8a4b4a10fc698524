'use client';

import { capital } from '@/core/words';
import { useJudgement } from '@/ui/bench/LogProvider';
import { VerdictPill } from '@/ui/VerdictPill';
import { useBenchChoice, useBenchName } from './benchChoice';
import { OwnVerdict } from './OwnVerdict';

/** What is wrong at the chosen group’s bench, as everybody hears it; the plan’s own verdict where nothing is. */
export function BenchVerdict() {
  const { group } = useBenchChoice();
  const bench = useBenchName();
  const judgement = useJudgement(group);
  if (judgement === null || judgement.verdict === 'fine') return <OwnVerdict />;
  const { sure, dark, headline, remedy } = judgement;
  return (
    <VerdictPill
      live
      tone={sure || dark ? 'wrong' : 'marginal'}
      headline={`${capital(bench)}: ${headline}`}
      details={[remedy]}
    />
  );
}
