import { cellAmpsAt } from '../../physics/chemistry/cellAmpsAt';
import type { CellModel } from '../../physics/chemistry/cellModel';
import { REFUSED_ABOVE_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { formatAmps, formatNumber, formatVolts } from '../../units';
import { PLANNING_DEFAULTS, type GridPlan } from './planGrids';

/** “Cannot be done, because …”, in plain words with the figures. */
export function whyImpossible(
  cell: CellModel,
  need: LoadRequirement,
  plan: Extract<GridPlan, { status: 'impossible' }>,
): string {
  if (plan.limit === 'volts') {
    return `Cannot be done, because the ${need.name} needs ${formatVolts(need.volts)} while it runs, and strings of this cell reach the ${REFUSED_ABOVE_VOLTS} V that a class may handle first.`;
  }
  const shortAmps = cellAmpsAt(cell, 0);
  const cells =
    plan.cellsNeeded === null ? 'more cells' : `about ${formatNumber(plan.cellsNeeded, 2)} cells`;
  return `Cannot be done, because the current is short: the ${need.name} wants ${formatAmps(need.amps)} at ${formatVolts(need.volts)}, while one cell gives ${formatAmps(shortAmps)} even shorted. It would take ${cells}; Grozer stops at ${PLANNING_DEFAULTS.mostCells}.`;
}
