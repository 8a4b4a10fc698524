import type { ElectrodeSize } from '../../physics/chemistry/electrodeSize';
import { RECIPES } from '../../physics/chemistry/recipes';
import type { Plan } from '../../records/plan/planSchema';

/** The size that the plan's recipe has where nobody set one. */
export function usualSizeOf({ ownRecipe, recipe }: Plan['cell']): ElectrodeSize {
  return ownRecipe?.recipe.usualSize ?? RECIPES[recipe].usualSize;
}

/** The plan's cell with so many + electrodes more in each body. */
export function withMorePlus(cell: Plan['cell'], more: number): Plan['cell'] {
  const size = cell.size ?? usualSizeOf(cell);
  return { ...cell, size: { ...size, extraPlus: size.extraPlus + more } };
}

/** The plan's cell with so many pairs in one body. */
export function withPairs(cell: Plan['cell'], pairs: number): Plan['cell'] {
  if ((cell.size?.pairs ?? 1) === pairs) return cell;
  return { ...cell, size: { ...(cell.size ?? usualSizeOf(cell)), pairs } };
}

/** The battery as it stands, whatever else is changed: a suggested one is laid out, so that it does not move with its cells. */
export function heldArrangement(
  { arrangement }: Plan,
  { cellsInSeries, strings }: Readonly<Record<'cellsInSeries' | 'strings', number>>,
): Plan['arrangement'] {
  return arrangement.kind === 'suggested' ? { kind: 'own', cellsInSeries, strings } : arrangement;
}
