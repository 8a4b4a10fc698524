'use client';

import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useStore } from 'zustand';
import type { Plan } from '@/core/plan/planSchema';
import { evaluatePlan, type PlanEvaluation } from '@/core/planning/evaluatePlan';
import { createAutosave, type Autosave, type SaveState } from './autosave';
import { createPlanStore, type PlanStore } from './planStore';

interface PlanContextValue {
  readonly id: string;
  readonly planStore: PlanStore;
  readonly saveState: SaveState;
  /** `null` until the page runs in the browser. */
  readonly autosave: Autosave | null;
  readonly evaluation: PlanEvaluation;
}

const PlanContext = createContext<PlanContextValue | null>(null);

interface PlanProviderProps {
  readonly id: string;
  readonly initialPlan: Plan;
  readonly initialRevision: number;
  readonly children: ReactNode;
}

/** Holds an open plan: its edits, history, autosave and live evaluation. */
export function PlanProvider({ id, initialPlan, initialRevision, children }: PlanProviderProps) {
  const [planStore] = useState(() => createPlanStore(initialPlan));
  const [saveState, setSaveState] = useState<SaveState>({ status: 'saved' });
  const [autosave, setAutosave] = useState<Autosave | null>(null);
  const revision = useRef(initialRevision);

  useEffect(() => {
    const saver = createAutosave(id, planStore, revision.current, setSaveState);
    setAutosave(saver);
    void saver.catchUp();
    const flush = (): void => void saver.flush();
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      saver.stop();
    };
  }, [id, planStore]);

  const plan = useStore(planStore.store, (state) => state.plan);
  const evaluation = useEvaluation(plan);
  const value = useMemo(
    () => ({ id, planStore, saveState, autosave, evaluation }),
    [id, planStore, saveState, autosave, evaluation],
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
  const { planStore } = usePlanContext();
  return useStore(planStore.store, (state) => state.plan);
}

export function useEdit(): PlanStore['edit'] {
  return usePlanContext().planStore.edit;
}
