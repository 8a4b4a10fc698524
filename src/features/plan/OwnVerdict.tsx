'use client';

import { verdictOf } from '@/core/work/judging/verdict';
import { VerdictPill } from '@/ui/VerdictPill';
import { usePlanContext } from './PlanProvider';

/** Whether the plan as it is does what it is for. */
export function OwnVerdict() {
  const { evaluation } = usePlanContext();
  return <VerdictPill live brief {...verdictOf(evaluation)} />;
}
