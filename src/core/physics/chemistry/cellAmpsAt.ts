import { risingRoot } from '../../numeric/risingRoot';
import {
  cellDifferentialOhms,
  isLinearCell,
  overpotentialVolts,
  type CellModel,
} from './cellModel';

const TOLERANCE_VOLTS = 1e-12;

/** Current in amperes that one cell gives while its terminals stand at `volts`: the inverse of its curve. */
export function cellAmpsAt(cell: CellModel, volts: number): number {
  const dropVolts = cell.emfVolts - volts;
  if (isLinearCell(cell)) return dropVolts / cell.resistanceOhms;
  const size = Math.abs(dropVolts);
  const high = upperAmps(cell, size);
  const { x } = risingRoot({
    valueAt: (amps) => overpotentialVolts(cell, amps) - size,
    slopeAt: (amps) => cellDifferentialOhms(cell, amps),
    low: 0,
    high,
    start: high,
    tolerance: TOLERANCE_VOLTS,
  });
  // The curve is odd: a cell that is driven backwards loses as much the other way round.
  return Math.sign(dropVolts) * x;
}

function upperAmps(cell: CellModel, dropVolts: number): number {
  let amps = 1e-6;
  while (overpotentialVolts(cell, amps) < dropVolts) amps *= 4;
  return amps;
}
