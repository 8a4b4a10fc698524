import type { CellModel } from './cellModel';
import { cellDifferentialOhms, isLinearCell, terminalVoltage } from './cellModel';

const MAX_ITERATIONS = 200;
const TOLERANCE_VOLTS = 1e-12;

/** Current in amperes that one cell gives while its terminals stand at `volts`: the inverse of its curve. */
export function cellAmpsAt(cell: CellModel, volts: number): number {
  const dropVolts = cell.emfVolts - volts;
  if (isLinearCell(cell)) return dropVolts / cell.resistanceOhms;
  const sign = Math.sign(dropVolts);
  let low = 0;
  let high = upperAmps(cell, Math.abs(dropVolts));
  let amps = high;
  for (let iteration = 0; iteration < MAX_ITERATIONS; iteration += 1) {
    const difference = cell.emfVolts - terminalVoltage(cell, amps) - Math.abs(dropVolts);
    if (Math.abs(difference) <= TOLERANCE_VOLTS || high - low <= 1e-15 * high) break;
    if (difference > 0) high = amps;
    else low = amps;
    const next = amps - difference / cellDifferentialOhms(cell, amps);
    amps = next > low && next < high ? next : (low + high) / 2;
  }
  return sign * amps;
}

function upperAmps(cell: CellModel, dropVolts: number): number {
  let amps = 1e-6;
  while (cell.emfVolts - terminalVoltage(cell, amps) < dropVolts) amps *= 4;
  return amps;
}
