import { newPlan } from '@/core/plan/newPlan';
import type { ServerContext } from './context';

/** Puts a new plan with the usual start on the shelf and returns its id. */
export function createPlan(context: ServerContext, title: string): { id: string } {
  const id = context.newId();
  context.plans.insert(id, newPlan(title), context.now());
  return { id };
}
