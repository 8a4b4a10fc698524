import { documentFormat } from '../../formats/documentFormat';
import { PLAN_MIGRATIONS } from './migratePlan';
import { newPlan } from './newPlan';
import { PLAN_VERSION, planSchema, type Plan } from './planSchema';

/** Plans as documents. What was read at the bench is not in them, so a copy starts without readings. */
export const PLAN_DOCUMENT = documentFormat<Plan>({
  noun: 'plan',
  version: PLAN_VERSION,
  schema: planSchema,
  migrations: PLAN_MIGRATIONS,
  fresh: newPlan,
  copied: (plan) => plan,
});
