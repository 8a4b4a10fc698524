import type { BillLine, PartId } from '../../physics/recipes/parts';
import type { PlanTarget } from '../../records/plan/planSchema';

/** What is lit or run, as parts: several LEDs are so many of each colour. */
export function loadParts(target: PlanTarget): BillLine[] {
  const one = (part: PartId): BillLine[] => [{ part, amount: 1 }];
  switch (target.kind) {
    case 'led':
      return one(`led-${target.colour}`);
    case 'leds':
      return target.colours.flatMap((colour) => one(`led-${colour}`));
    case 'device':
      return one(target.device);
    case 'motor':
    case 'bulb':
    case 'capacitor':
    case 'resistor':
      return one(target.kind);
  }
}

/** What is needed once, whatever the number of strings: the load and its resistor. */
export function billOfLoad(load: readonly BillLine[], withResistor: boolean): BillLine[] {
  return withResistor ? [...load, { part: 'series-resistor', amount: 1 }] : [...load];
}
