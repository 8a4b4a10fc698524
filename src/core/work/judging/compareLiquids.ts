import { endOfBattery } from '../search/batteryInTime';
import { cellsOf } from '../../physics/desk/desk';
import { UNREAD } from '../../records/plan/newPlan';
import type { Plan } from '../../records/plan/planSchema';
import { billOfDesk } from '../parts/billOfDesk';
import { priceOfBill, type Prices } from '../parts/priceOfBill';
import { evaluatePlan, reaches } from './evaluatePlan';
import { heldArrangement, withCellDecided } from './planEdits';

/** The same battery with another liquid, separator or fruit in its cells. */
export interface ComparedBody {
  readonly bodyId: string;
  readonly name: string;
  /** One cell, open. */
  readonly cellVolts: number;
  /** Into the load, at first and after the wanted time. */
  readonly amps: number;
  readonly ampsAtEnd: number;
  /** How long as much flows as is wanted, minutes: never, the wanted time or longer, or until then. */
  readonly enoughForMinutes: number;
  /** When a cell dries out, is used up or spoils, minutes. */
  readonly endsAfterMinutes: number;
  /** Of the parts of one battery; `null` where a price is not known. */
  readonly price: number | null;
}

/** The plan's battery, as it is laid out, with each body of its recipe in turn. */
export function compareLiquids(plan: Plan, prices: Prices): ComparedBody[] {
  const now = evaluatePlan(plan);
  const asBuilt = withCellDecided(plan);
  return now.cell.recipe.bodies.map(({ id }) => {
    const one: Plan = {
      ...asBuilt,
      // Readings are of the liquid that they were taken in.
      cell: { ...asBuilt.cell, body: id, ...(id === plan.cell.body ? {} : UNREAD) },
      arrangement: heldArrangement(plan, now.wiring),
    };
    const evaluation = evaluatePlan(one, now);
    const { cell, amps, atEnd, need, wantedUntilSeconds, desk } = evaluation;
    const ends = endOfBattery(desk, need, plan.running);
    const enough = reaches(amps, need) ? (wantedUntilSeconds ?? 60 * plan.minutes) : 0;
    return {
      bodyId: id,
      name: cell.body.name,
      cellVolts: cellsOf(desk)[0]?.model.emfVolts ?? 0,
      amps,
      ampsAtEnd: atEnd.amps,
      enoughForMinutes: Math.min(enough, ends.seconds) / 60,
      endsAfterMinutes: ends.seconds / 60,
      price: priceOfBill(billOfDesk(desk), prices)?.all ?? null,
    };
  });
}
