import type { Plan } from '@/core/plan/planSchema';
import type { SaveOutcome } from '@/data/planRepository';
import type { ServerContext } from './context';

/** Saves a plan over the revision that the editor started from. */
export function savePlan(
  context: ServerContext,
  id: string,
  plan: Plan,
  revision: number,
): SaveOutcome {
  return context.plans.save(id, plan, revision, context.now());
}
