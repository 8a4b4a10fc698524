import { billOfCells, multiplyBill } from '../../physics/recipes/cellBuild';
import type { BillLine } from '../../physics/recipes/parts';
import { billOfLoad } from '../parts/partOfTarget';
import type { PlannedWiring } from './plannerTypes';

/** Everything that goes into a grid, without a resistor. */
export function billOfWiring(
  { asked, cellsInSeries, strings }: PlannedWiring,
  load: readonly BillLine[],
): BillLine[] {
  return [
    ...multiplyBill(billOfCells(asked.cell, cellsInSeries), strings),
    ...billOfLoad(load, false),
  ];
}
