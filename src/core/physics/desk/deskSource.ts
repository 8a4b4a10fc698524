import { isLinearCell } from '../cell/cellModel';
import {
  curveThrough,
  gridCurve,
  type SourceCurve,
  theveninCurve,
} from '../circuit/battery/sourceCurve';
import { cellsOf, type Desk } from './desk';
import { deskCurve, solveDesk } from './solveDesk';

const CURVE_POINTS = 60;
/** So high a resistance that the battery does not notice it. */
const NOTHING = { kind: 'resistor', ohms: 1e9 } as const;

/** The whole battery as a source: exact for grids and for straight cells, otherwise straight pieces of its curve. */
export function deskSource(desk: Desk): SourceCurve {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    return gridCurve(cell.model, cellsInSeries, strings);
  }
  return cellsOf(desk).every(({ model }) => isLinearCell(model))
    ? theveninCurve(solveDesk(desk, NOTHING).source)
    : curveThrough(deskCurve(desk, CURVE_POINTS));
}
