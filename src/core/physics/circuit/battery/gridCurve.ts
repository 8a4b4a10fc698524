import {
  cellDifferentialOhms,
  isLinearCell,
  terminalVoltage,
  type CellModel,
} from '../../cell/cellModel';
import type { SourceCurve } from './sourceCurve';
import type { TheveninSource } from './theveninSource';

/** The curve of equal cells, so many in series, such strings side by side: `V(I) = m·v(I/n)`. */
export function gridCurve(cell: CellModel, cellsInSeries: number, strings: number): SourceCurve {
  return {
    voltsAt: (amps) => cellsInSeries * terminalVoltage(cell, amps / strings),
    differentialOhmsAt: (amps) =>
      (cellsInSeries / strings) * cellDifferentialOhms(cell, amps / strings),
  };
}

/**
 * The straight line that touches a cell's curve at a current: near that current the cell acts like this source.
 * For an ideal source with resistance it is the cell itself.
 */
export function linearizeAt(cell: CellModel, amps: number): TheveninSource {
  if (isLinearCell(cell)) {
    return { emfVolts: cell.emfVolts, resistanceOhms: cell.resistanceOhms };
  }
  const resistanceOhms = cellDifferentialOhms(cell, amps);
  return { emfVolts: terminalVoltage(cell, amps) + resistanceOhms * amps, resistanceOhms };
}
