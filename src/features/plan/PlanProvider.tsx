'use client';

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { PLAN_DOCUMENT } from '@/core/records/plan/planDocument';
import type { Plan } from '@/core/records/plan/planSchema';
import { evaluatePlan, type PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import { keepingCell } from '@/core/work/judging/planEdits';
import type { DocumentStore } from '@/ui/document/documentStore';
import { useDocument, type OpenDocument } from '@/ui/document/useDocument';
import { CUPBOARD_DOCUMENT } from '@/core/documents/tools/cupboardDocument';
import { SCHOOL_DOCUMENT } from '@/core/documents/tools/schoolDocument';
import type { SchoolState } from '@/core/records/school/schoolSchema';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { useTool, type FoundTool } from '@/ui/document/useTool';
import type { Undoable } from '@/ui/document/useUndo';
import type { RecipeOnOffer } from './recipeOnOffer';

interface PlanContextValue {
  readonly open: OpenDocument<Plan>;
  readonly evaluation: PlanEvaluation;
  /** The educator's own recipes, to choose from. */
  readonly ownRecipes: readonly RecipeOnOffer[];
  /** The one cupboard, for stock and prices. */
  readonly cupboard: ReturnType<typeof useTool<CupboardState>>;
  /** What the school's lessons have read. */
  readonly school: ReturnType<typeof useTool<SchoolState>>;
  /** What is edited from the plan's pages. */
  readonly undoable: Undoable;
}

const PlanContext = createContext<PlanContextValue | null>(null);

interface PlanProviderProps {
  readonly id: string;
  readonly initialPlan: Plan;
  readonly initialRevision: number;
  readonly ownRecipes: readonly RecipeOnOffer[];
  readonly cupboardFound: FoundTool<CupboardState>;
  readonly schoolFound: FoundTool<SchoolState>;
  readonly children: ReactNode;
}

/** Holds an open plan: its edits, history, autosave and live evaluation. */
export function PlanProvider({
  id,
  initialPlan,
  initialRevision,
  ownRecipes,
  cupboardFound,
  schoolFound,
  children,
}: PlanProviderProps) {
  const cupboard = useTool('cupboard', CUPBOARD_DOCUMENT, cupboardFound);
  const school = useTool('school', SCHOOL_DOCUMENT, schoolFound);
  const open = useDocument({
    kind: 'plans',
    id,
    format: PLAN_DOCUMENT,
    initial: initialPlan,
    initialRevision,
  });
  const evaluation = useEvaluation(open.document);
  const [undoable] = useState(() =>
    [open, cupboard.open, school.open].map(({ documentStore }) => documentStore),
  );
  const value = useMemo(
    () => ({ open, evaluation, ownRecipes, cupboard, school, undoable }),
    [open, evaluation, ownRecipes, cupboard, school, undoable],
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

/** Edits the plan; metals that were left to the suggestion stay as they were where an edit ends that. */
export function useEdit(): DocumentStore<Plan>['edit'] {
  const { documentStore } = usePlanContext().open;
  return useCallback(
    (change, typing) => documentStore.edit((before) => keepingCell(before, change(before)), typing),
    [documentStore],
  );
}
