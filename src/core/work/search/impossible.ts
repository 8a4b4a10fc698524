import { cellAmpsAt } from '../../physics/cell/cellModel';
import { REFUSED_ABOVE_VOLTS } from '../../constants';
import { aboutTime, formatAmps, formatMinutes, formatNumber, formatVolts } from '../../units';
import { modelAtEnd, type GridRequirement } from './searchGrids';
import { END_WORDS } from './endWords';
import { PLANNING_DEFAULTS, type GridPlan } from './planGrids';

/** “Cannot be done, because …”, in plain words with the figures. */
export function whyImpossible(
  asked: GridRequirement,
  plan: Extract<GridPlan, { status: 'impossible' }>,
): string {
  const { need, minutes } = asked;
  if (plan.limit === 'volts') {
    return `Cannot be done, because for the ${need.name} ${formatVolts(need.volts)} is needed, and strings of this cell reach the ${REFUSED_ABOVE_VOLTS} V that a class may handle first.`;
  }
  if (plan.limit === 'time') {
    return `Cannot be done, because ${END_WORDS[plan.ends.by]} after about ${aboutTime(plan.ends.seconds)}; ${formatMinutes(minutes)} are wanted.`;
  }
  const shortAmps = cellAmpsAt(modelAtEnd(asked, 1), 0);
  const cells =
    plan.cellsNeeded === null ? 'more cells' : `about ${formatNumber(plan.cellsNeeded, 2)} cells`;
  return `Cannot be done, because the current is short: for the ${need.name} ${formatAmps(need.amps)} at ${formatVolts(need.volts)} is wanted, while one cell gives ${formatAmps(shortAmps)} even shorted after ${formatMinutes(minutes)}. It would take ${cells}; Grozer stops at ${PLANNING_DEFAULTS.mostCells}.`;
}
