'use client';

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Plan } from '@/core/records/plan/planSchema';
import { evaluatePlan, type PlanEvaluation } from '@/core/work/planning/evaluatePlan';
import type { DocumentStore } from '@/ui/document/documentStore';
import { useDocument, type OpenDocument } from '@/ui/document/useDocument';
import type { RecipeOnOffer } from './recipeOnOffer';
import { useClassSimulation, type ClassSimulation } from './useClassSimulation';

interface PlanContextValue {
  readonly open: OpenDocument<Plan>;
  readonly evaluation: PlanEvaluation;
  /** How far the simulation of many classes is. */
  readonly doubts: ClassSimulation;
  /** The educator's own recipes, to choose from. */
  readonly ownRecipes: readonly RecipeOnOffer[];
}

const PlanContext = createContext<PlanContextValue | null>(null);

interface PlanProviderProps {
  readonly id: string;
  readonly initialPlan: Plan;
  readonly initialRevision: number;
  readonly ownRecipes: readonly RecipeOnOffer[];
  readonly children: ReactNode;
}

/** Holds an open plan: its edits, history, autosave and live evaluation. */
export function PlanProvider({
  id,
  initialPlan,
  initialRevision,
  ownRecipes,
  children,
}: PlanProviderProps) {
  const open = useDocument({
    kind: 'plans',
    id,
    format: PLAN_DOCUMENT,
    initial: initialPlan,
    initialRevision,
  });
  const quick = useEvaluation(open.document);
  const { classes, progress, cancel } = useClassSimulation(quick);
  // What few classes said at once is replaced everywhere by what many say.
  const evaluation = useMemo(
    () => (classes === quick.classes ? quick : { ...quick, classes }),
    [quick, classes],
  );
  const value = useMemo(
    () => ({ open, evaluation, doubts: { progress, cancel }, ownRecipes }),
    [open, evaluation, progress, cancel, ownRecipes],
  );
  return <PlanContext value={value}>{children}</PlanContext>;
}

function useEvaluation(plan: Plan): PlanEvaluation {
  const [last, setLast] = useState(() => ({ plan, evaluation: evaluatePlan(plan) }));
  if (last.plan === plan) return last.evaluation;
  const next = { plan, evaluation: evaluatePlan(plan, last.evaluation) };
  setLast(next);
  return next.evaluation;
}

export function usePlanContext(): PlanContextValue {
  const value = useContext(PlanContext);
  if (value === null) throw new Error('a plan component stands outside PlanProvider');
  return value;
}

export function usePlan(): Plan {
  return usePlanContext().open.document;
}

export function useEdit(): DocumentStore<Plan>['edit'] {
  return usePlanContext().open.documentStore.edit;
}
