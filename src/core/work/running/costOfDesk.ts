import type { PlannedCell } from '../../physics/chemistry/plannedCell';
import type { Desk } from '../../physics/desk/desk';
import type { Plan } from '../../records/plan/planSchema';
import { billOfDesk, madeOfPlan } from '../parts/billOfDesk';
import { priceOfBill, type Cost, type Prices } from '../parts/priceOfBill';

/** What everything on a desk costs by the piece; `null` where a price is not known. */
export function costOfDesk(
  desk: Desk,
  plan: Plan['cell'],
  cell: Pick<PlannedCell, 'model'>,
  prices: Prices,
): Cost | null {
  return priceOfBill(billOfDesk(desk, madeOfPlan(plan, cell)), prices);
}
