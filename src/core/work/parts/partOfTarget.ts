import type { PartId } from '../../records/cupboard/parts';
import type { PlanTarget } from '../../records/plan/planSchema';

/** What is lit or run, as a part. */
export function partOfTarget(target: PlanTarget): PartId {
  switch (target.kind) {
    case 'led':
      return `led-${target.colour}`;
    case 'resistor':
      return 'resistor';
    case 'device':
      return target.device;
  }
}
