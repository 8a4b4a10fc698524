'use client';

import { planSchema, type Plan } from '@/core/records/plan/planSchema';
import { BoundQuantity, type BoundQuantityProps } from '@/ui/BoundQuantity';
import { useEdit, usePlan } from './PlanProvider';

/** The field of one number of the open plan. */
export function PlanQuantity(props: BoundQuantityProps<Plan>) {
  return (
    <BoundQuantity {...props} of={{ document: usePlan(), schema: planSchema, edit: useEdit() }} />
  );
}
