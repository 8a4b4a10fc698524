import { documentFormat } from '../documents/documentFormat';
import { PLAN_MIGRATIONS } from './migratePlan';
import { newPlan } from './newPlan';
import { PLAN_VERSION, planSchema, type Plan } from './planSchema';

/** Plans as documents. A copy leaves the readings behind: they belong to what was built from the original. */
export const PLAN_DOCUMENT = documentFormat<Plan>({
  noun: 'plan',
  version: PLAN_VERSION,
  schema: planSchema,
  migrations: PLAN_MIGRATIONS,
  fresh: newPlan,
  copied: (plan) => ({ ...plan, readings: [] }),
});
