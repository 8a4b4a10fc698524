import { cellAmpsAt } from '../../physics/chemistry/cellAmpsAt';
import type { CellModel } from '../../physics/chemistry/cellModel';

/** Equal cells, so many in series, such strings side by side. */
export interface Grid {
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly cells: number;
}

/** Which lengths of string are tried. */
export interface GridLengths {
  readonly shortest?: number;
  readonly longest: number;
  readonly step?: number;
}

/** A share of a string that rounding may cost. */
const ROUNDING_SHARE = 1e-12;

/**
 * For each length of string the least number of strings that give `amps` at `volts`; lengths that do not reach the
 * volts are left out. The one search for the fewest cells: whoever needs a margin hands over a weaker cell.
 */
export function gridsFor(
  cell: CellModel,
  { volts, amps }: { readonly volts: number; readonly amps: number },
  { shortest = 1, longest, step = 1 }: GridLengths,
): Grid[] {
  const grids: Grid[] = [];
  for (let cellsInSeries = shortest; cellsInSeries <= longest; cellsInSeries += step) {
    const stringAmps = cellAmpsAt(cell, volts / cellsInSeries);
    if (!(stringAmps > 0)) continue;
    const strings = Math.max(1, Math.ceil((amps / stringAmps) * (1 - ROUNDING_SHARE)));
    grids.push({ cellsInSeries, strings, cells: cellsInSeries * strings });
  }
  return grids;
}
