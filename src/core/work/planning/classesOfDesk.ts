import type { BatteryShape, ShapeItem } from '../../physics/chance/drawnBattery';
import { simulateClasses, type ClassesOutcome } from '../../physics/chance/simulateClasses';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { cellsOf, type Desk, type StandingItem } from '../../physics/desk/desk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { usualRun } from './chanceOfGrid';

/**
 * Classes that build a sound battery, whatever its shape: how many of them get what is wanted, and what each gets.
 * @param typicalAmps what the typical battery gives the load.
 */
export function classesOfDesk(
  desk: Desk,
  need: LoadRequirement,
  typicalAmps: number,
  run: { readonly classes: number; readonly seed: number } = usualRun(cellsOf(desk).length),
): ClassesOutcome {
  return simulateClasses({
    battery: shapeOf(desk),
    load: need.load,
    wantedAmps: need.amps,
    typicalAmps,
    thermalVolts: ROOM_THERMAL_VOLTS,
    ...run,
  });
}

/** The battery's cells as they are wired. */
export function shapeOf({ strings }: Pick<Desk, 'strings'>): BatteryShape {
  return strings.map((items) => items.map(shapeItem));
}

function shapeItem(item: StandingItem): ShapeItem {
  return item.kind === 'cell'
    ? item.model
    : { strings: item.strings.map((cells) => cells.map(({ model }) => model)) };
}
