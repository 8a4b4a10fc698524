import { recipeOfCell } from '../../records/plan/cellOfPlan';
import type { ElectrodeSize } from '../../physics/cell/scaleCell';
import type { Plan } from '../../records/plan/planSchema';

/** The size of the plan's cell: that of its recipe where nobody set one. */
export function sizeOfPlan(cell: Plan['cell']): ElectrodeSize {
  return cell.size ?? recipeOfCell(cell).usualSize;
}

/** The plan's cell with so many + electrodes more in each body. */
export function withMorePlus(cell: Plan['cell'], more: number): Plan['cell'] {
  const size = sizeOfPlan(cell);
  return { ...cell, size: { ...size, extraPlus: size.extraPlus + more } };
}

/** The plan's cell with so many whole pairs in one body. */
export function planCellWithPairs(cell: Plan['cell'], pairs: number): Plan['cell'] {
  const size = sizeOfPlan(cell);
  if (size.pairs === pairs && size.extraPlus + size.extraMinus === 0) return cell;
  return { ...cell, size: { ...size, pairs, extraPlus: 0, extraMinus: 0 } };
}

/** The battery as it stands, whatever else is changed: a suggested one is laid out, so that it does not move with its cells. */
export function heldArrangement(
  { arrangement }: Plan,
  { cellsInSeries, strings }: Readonly<Record<'cellsInSeries' | 'strings', number>>,
): Plan['arrangement'] {
  return arrangement.kind === 'suggested' ? { kind: 'own', cellsInSeries, strings } : arrangement;
}
