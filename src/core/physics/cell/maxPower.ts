import { cellAmpsAt, type CellModel, isLinearCell, terminalVoltage } from './cellModel';

const SEARCH_STEPS = 80;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Greatest power of a cell, watts, and the volts at which it gives it. */
export interface MaxPower {
  readonly watts: number;
  readonly volts: number;
}

/**
 * Greatest power that a cell can give: `E²/4r` at half its volts for an ideal source with resistance, otherwise the
 * top of its volts × amps, found by golden section (the product has one top, since the voltage falls ever faster).
 */
export function maxPower(cell: CellModel): MaxPower {
  if (isLinearCell(cell)) {
    return { watts: cell.emfVolts ** 2 / (4 * cell.resistanceOhms), volts: cell.emfVolts / 2 };
  }
  const watts = (amps: number): number => amps * terminalVoltage(cell, amps);
  let low = 0;
  let high = cellAmpsAt(cell, 0);
  for (let step = 0; step < SEARCH_STEPS; step += 1) {
    const left = high - GOLDEN * (high - low);
    const right = low + GOLDEN * (high - low);
    if (watts(left) < watts(right)) low = left;
    else high = right;
  }
  const amps = (low + high) / 2;
  return { watts: watts(amps), volts: terminalVoltage(cell, amps) };
}

/** The watts of {@link maxPower}. */
export function maxPowerWatts(cell: CellModel): number {
  return maxPower(cell).watts;
}
