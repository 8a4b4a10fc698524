import type { Plan } from '@/core/plan/planSchema';
import type { ServerContext } from './context';

const LONGEST_TITLE = 80;
const SUFFIX = ' (copy)';

/** Puts a copy on the shelf, without the readings: they belong to what was built from the original. */
export function duplicatePlan(context: ServerContext, id: string): { id: string } | null {
  const original = context.plans.find(id);
  if (original === null || !original.plan.ok) return null;
  const plan = original.plan.value;
  const copy: Plan = {
    ...plan,
    title: `${plan.title.slice(0, LONGEST_TITLE - SUFFIX.length)}${SUFFIX}`,
    readings: [],
  };
  const copyId = context.newId();
  context.plans.insert(copyId, copy, context.now());
  return { id: copyId };
}
