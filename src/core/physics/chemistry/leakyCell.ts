import type { CellModel } from './cellModel';
import { cellAmpsAt } from './cellAmpsAt';

/** A wet rim that stands out 2 mm bridges to the next layer with about 2 kΩ; half as far, half as well (from memory). */
const RIM_OHM_MILLIMETRES = 4000;
export const OVERHANG_LIMITS = { least: -3, most: 4 } as const;

/** Leak round the rim from one layer of a pile to the next, ohms; `null` where nothing stands out. */
export function rimLeakOhms(overhangMillimetres: number): number | null {
  return overhangMillimetres > 0 ? RIM_OHM_MILLIMETRES / overhangMillimetres : null;
}

/**
 * A cell of a pile whose separators stand out: the film shunts it, `E' = E·R/(R + r)` and `r' = r·R/(R + r)` (Thévenin), with r
 * from open circuit to short circuit. The last layer of a pile has no neighbour: a short pile leaks a little less than that.
 */
export function leakyCell(cell: CellModel, overhangMillimetres: number): CellModel {
  const leak = rimLeakOhms(overhangMillimetres);
  if (leak === null) return cell;
  const share = leak / (leak + cell.emfVolts / cellAmpsAt(cell, 0));
  return {
    ...cell,
    emfVolts: cell.emfVolts * share,
    resistanceOhms: cell.resistanceOhms * share,
  };
}
