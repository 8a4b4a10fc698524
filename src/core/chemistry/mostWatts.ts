import { cellAmpsAt } from './cellAmpsAt';
import { isLinearCell, terminalVoltage, type CellModel } from './cellModel';

const SEARCH_STEPS = 80;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * Greatest power in watts that a cell can give: `E²/4r` for an ideal source with resistance, otherwise the top of its
 * volts × amps, found by golden section (the product has one top, since the voltage falls ever faster).
 */
export function mostWatts(cell: CellModel): number {
  if (isLinearCell(cell)) return cell.emfVolts ** 2 / (4 * cell.resistanceOhms);
  const watts = (amps: number): number => amps * terminalVoltage(cell, amps);
  let low = 0;
  let high = cellAmpsAt(cell, 0);
  for (let step = 0; step < SEARCH_STEPS; step += 1) {
    const left = high - GOLDEN * (high - low);
    const right = low + GOLDEN * (high - low);
    if (watts(left) < watts(right)) low = left;
    else high = right;
  }
  return watts((low + high) / 2);
}
