import { temporal } from 'zundo';
import { createStore } from 'zustand';
import { planSchema, type Plan } from '@/core/plan/planSchema';

interface PlanState {
  /** The document as edited; always valid. */
  readonly plan: Plan;
}

/** Undo steps that are kept. */
const UNDO_LIMIT = 200;

export type PlanStore = ReturnType<typeof createPlanStore>;

/** The edited plan with its undo history. One store lives as long as a plan is open. */
export function createPlanStore(initial: Plan) {
  const store = createStore<PlanState>()(
    temporal((): PlanState => ({ plan: initial }), {
      limit: UNDO_LIMIT,
      equality: (before, after) => before.plan === after.plan,
    }),
  );
  /** Field whose typing makes up the newest undo step; `null` after any other edit. */
  let typingIn: string | null = null;

  return {
    store,

    /**
     * Applies an edit. Edits that name the same `typing` field one after another are one undo step.
     * Throws where the edit makes the plan invalid: fields must check before they commit.
     */
    edit(change: (plan: Plan) => Plan, typing: string | null = null): void {
      const next = planSchema.parse(change(store.getState().plan));
      // Unchanged parts keep their identity, so that what depends on them is not computed again.
      const plan = keepIdentity(store.getState().plan, next);
      const continues = typing !== null && typing === typingIn;
      const history = store.temporal.getState();
      if (continues) history.pause();
      store.setState({ plan });
      if (continues) history.resume();
      typingIn = typing;
    },

    undo(): void {
      typingIn = null;
      store.temporal.getState().undo();
    },

    redo(): void {
      typingIn = null;
      store.temporal.getState().redo();
    },

    /** Replaces the plan by another version of it, e.g. one saved elsewhere; the history starts anew. */
    replace(plan: Plan): void {
      typingIn = null;
      store.setState({ plan });
      store.temporal.getState().clear();
    },
  };
}

function keepIdentity(before: Plan, after: Plan): Plan {
  const kept = { ...after } as Record<string, unknown>;
  for (const key of Object.keys(after) as (keyof Plan)[]) {
    if (JSON.stringify(before[key]) === JSON.stringify(after[key])) kept[key] = before[key];
  }
  return kept as Plan;
}
