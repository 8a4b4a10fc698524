'use client';

import type { Desk } from '@/core/physics/desk/desk';
import { benchFacts, type BenchFacts } from '@/core/work/guide/benchFacts';
import type { Plan } from '@/core/records/plan/planSchema';
import { usePlan, usePlanContext } from './PlanProvider';

interface Known {
  readonly target: Plan['target'];
  readonly cell: Plan['cell'];
  readonly lesson: Plan['lesson'];
  readonly facts: BenchFacts;
}

/** Several parts of the page ask for the same facts: they are worked out once for a desk. */
const known = new WeakMap<Desk, Known>();

/** What the bench of the open plan is about; only asked where it is shown, so that edits elsewhere stay quick. */
export function useBenchFacts(): BenchFacts {
  const plan = usePlan();
  const { evaluation } = usePlanContext();
  const found = known.get(evaluation.desk);
  const { target, cell, lesson } = plan;
  if (found?.target === target && found.cell === cell && found.lesson === lesson) {
    return found.facts;
  }
  const facts = benchFacts(plan, evaluation);
  known.set(evaluation.desk, { target, cell, lesson, facts });
  return facts;
}
