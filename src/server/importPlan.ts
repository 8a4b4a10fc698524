import { parsePlanText } from '@/core/plan/parsePlan';
import { succeed, type Result } from '@/core/result';
import type { ServerContext } from './context';

/** Puts the plan of an exported file on the shelf; a broken file is refused whole, with the path of each fault. */
export function importPlan(context: ServerContext, text: string): Result<{ id: string }> {
  const parsed = parsePlanText(text);
  if (!parsed.ok) return parsed;
  const id = context.newId();
  context.plans.insert(id, parsed.value, context.now());
  return succeed({ id });
}
