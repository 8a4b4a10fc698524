import type { CellModel } from '../../core/physics/cell/cellModel';
import type { FamilyId } from '../../core/physics/recipes/recipe';
import { requirementOf } from '../../core/records/plan/loadRequirement';
import type { PlanTarget } from '../../core/records/plan/planSchema';
import { USUAL_RUNNING } from '../../core/records/plan/runningSchema';
import { limitOfTarget } from '../../core/work/search/loadLimits';
import type { GridRequirement } from '../../core/work/search/searchGrids';
import { cellWithModel } from './cells';

/** What is asked of a cell as one of a family ages, in an ordinary room. */
export function wishFor(
  cell: CellModel,
  target: PlanTarget,
  minutes = 1 / 6,
  family: FamilyId = 'fruit',
): GridRequirement {
  return {
    cell: cellWithModel(cell, family),
    running: USUAL_RUNNING,
    minutes,
    need: requirementOf(target),
    resistor: { kind: 'as-needed' },
    limit: limitOfTarget(target),
  };
}
