import type { CellModel } from '../../core/physics/chemistry/cellModel';
import { familyOf } from '../../core/physics/chemistry/families';
import type { FamilyId } from '../../core/physics/chemistry/family';
import { requirementOf } from '../../core/records/plan/loadRequirement';
import type { PlanTarget } from '../../core/records/plan/planSchema';
import { USUAL_RUNNING } from '../../core/records/plan/runningSchema';
import { cellInUse } from '../../core/work/planning/cellInUse';
import type { GridWish } from '../../core/work/planning/gridWish';
import { limitOfTarget } from '../../core/work/planning/seriesResistor';

/** A wish for a cell as one of a family ages, in an ordinary room. */
export function wishFor(
  cell: CellModel,
  target: PlanTarget,
  minutes = 1 / 6,
  family: FamilyId = 'fruit',
): GridWish {
  const use = cellInUse(cell, {
    ...USUAL_RUNNING,
    family: familyOf(family),
    wrap: family.includes('pile') ? 'taped' : 'skin',
    minusElectrodes: 1,
    seconds: 60 * minutes,
  });
  return {
    use,
    need: requirementOf(target),
    resistor: { kind: 'as-needed' },
    limit: limitOfTarget(target),
  };
}
