import { CLASS_SCATTER } from './scatter';

/** Spare cells that experienced teachers prepare: one in six (common practice, no source). */
export const USUAL_SPARE_SHARE = 1 / 6;

/** Joints that spoil one cell: its two ends. */
const JOINTS_PER_CELL = 2;
const MAX_SPARES = 1000;

/** Chance that one cell is spoilt by a bad joint at either end. */
export function dudChance(badJointChance: number = CLASS_SCATTER.badJointChance): number {
  return 1 - (1 - badJointChance) ** JOINTS_PER_CELL;
}

/**
 * Fewest spare cells with which at least `wanted` cells are good with the given certainty: exact binomial, each cell a
 * dud with `chance` on its own.
 */
export function sparesNeeded(
  wanted: number,
  certainty: number,
  chance: number = dudChance(),
): number {
  for (let spares = 0; spares < MAX_SPARES; spares += 1) {
    if (atMostDuds(wanted + spares, spares, chance) >= certainty) return spares;
  }
  return MAX_SPARES;
}

/** Chance of at most `duds` among `cells`, summed in logarithms so that hundreds of cells do not underflow. */
function atMostDuds(cells: number, duds: number, chance: number): number {
  let logTerm = cells * Math.log1p(-chance);
  let sum = Math.exp(logTerm);
  for (let k = 1; k <= duds; k += 1) {
    logTerm += Math.log(((cells - k + 1) / k) * (chance / (1 - chance)));
    sum += Math.exp(logTerm);
  }
  return sum;
}
