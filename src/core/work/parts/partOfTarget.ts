import type { BillLine, PartId } from '../../physics/recipes/parts';
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

/** What is needed once, whatever the number of strings: the load and its resistor. */
export function billOfLoad(load: PartId | null, withResistor: boolean): BillLine[] {
  const lines: BillLine[] = load === null ? [] : [{ part: load, amount: 1 }];
  return withResistor ? [...lines, { part: 'series-resistor', amount: 1 }] : lines;
}
