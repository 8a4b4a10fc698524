import { billOfCells, multiplyBill } from '../../physics/recipes/cellBuild';
import type { BillLine, PartId } from '../../physics/recipes/parts';
import { billOfLoad } from '../parts/partOfTarget';
import type { PlannedWiring } from './plannerTypes';

/** Everything that goes into a grid, without a resistor. */
export function billOfWiring(
  { asked, cellsInSeries, strings }: PlannedWiring,
  load: PartId | null,
): BillLine[] {
  return [
    ...multiplyBill(billOfCells(asked.cell, cellsInSeries), strings),
    ...billOfLoad(load, false),
  ];
}
