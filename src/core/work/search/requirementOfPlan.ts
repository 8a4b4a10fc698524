import { billOfCells, multiplyBill } from '../../physics/recipes/cellBuild';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import { billOfLoad, loadParts } from '../parts/partOfTarget';
import { timesFrom } from '../parts/partStock';
import { limitOfTarget, type BatteryRequirement } from './loadLimits';
import type { GridRequirement } from './searchGrids';

/** What of a plan makes its requirement. */
export type RequirementBasis = Pick<
  Plan,
  'target' | 'minutes' | 'running' | 'seriesResistor' | 'have'
> & {
  /** Batteries that are built; 1 where nothing limits the parts. */
  readonly batteries: number;
};

/** What a plan asks of any battery. */
export function requirementOfPlan({
  target,
  minutes,
  running,
  seriesResistor,
}: Pick<Plan, 'target' | 'minutes' | 'running' | 'seriesResistor'>): BatteryRequirement {
  return {
    need: requirementOf(target, running.celsius),
    limit: limitOfTarget(target),
    resistor: seriesResistor,
    minutes,
    running,
  };
}

/** What it asks of a grid of its cells, made from its parts. */
export function gridRequirementOf(plan: RequirementBasis, cell: PlannedCell): GridRequirement {
  const { have, target, batteries } = plan;
  if (have === null) return { ...requirementOfPlan(plan), cell };
  const once = multiplyBill(billOfLoad(loadParts(target), false), batteries);
  return {
    ...requirementOfPlan(plan),
    cell,
    mostStrings: (cellsInSeries) =>
      timesFrom(have, multiplyBill(billOfCells(cell, cellsInSeries), batteries), once),
  };
}
