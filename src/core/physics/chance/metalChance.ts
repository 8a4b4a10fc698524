import { normalShareBelow } from '../../numeric/normalShare';
import { CLASS_SCATTER } from './scatter';

/** A string of like cells that gives its current for a wanted time, each cell the typical one. */
export interface StringOnMetal {
  readonly cells: number;
  /** The charge of a cell's metal as a steady current over that time, amperes. */
  readonly metalAmps: number;
  /** What eats the metal without giving a current, amperes. */
  readonly parasiticAmps: number;
  /** Mean of what it gives in that time, amperes. */
  readonly meanAmps: number;
  readonly openVolts: number;
  readonly loadVolts: number;
}

/** Steps of the integral over a standard normal distribution, from −5 to 5. */
const STEP = 0.05;
const STEPS = 200;
/** So many standard deviations away nothing is left out that would be seen. */
const FAR = 5;

/**
 * Share of classes in which no cell uses up its metal before the time is over. What a cell loses is its string's current and what
 * eats it besides. The current follows the mean size of the string's cells (the mean of the logarithms, σ²/m) and its volts over the
 * load; what eats a cell follows its own size. Both scatter as resistances do. Given the string's current, a standard normal z,
 * each of the m cells lasts where its size leaves enough metal: the share is ∫ φ(z)·P(a cell lasts | z)ᵐ dz.
 */
export function chanceThatMetalLasts(strings: readonly StringOnMetal[]): number {
  return strings.reduce((chance, string) => chance * chanceOfString(string), 1);
}

function chanceOfString(string: StringOnMetal): number {
  const { emfShare, resistanceLog } = CLASS_SCATTER;
  const { cells, metalAmps, parasiticAmps, openVolts, loadVolts } = string;
  const meanAmps = Math.max(0, string.meanAmps);
  const loss = meanAmps + parasiticAmps;
  if (loss === 0 || metalAmps === Infinity) return 1;
  const driving = openVolts / Math.max(openVolts - loadVolts, emfShare * openVolts);
  const ofVolts = (emfShare * driving) ** 2;
  const ofSize = resistanceLog ** 2;
  const currentLog = Math.sqrt((ofSize + ofVolts) / cells);
  const spare = Math.log(metalAmps / loss);
  if (spare > FAR * (currentLog + resistanceLog)) return 1;
  if (parasiticAmps === 0) return normalShareBelow(spare / currentLog);
  // What of a current’s deviation is its cells' size, and how a cell differs from the others of its string.
  const sizeShare = ofSize / (ofSize + ofVolts);
  const cellLog = Math.sqrt(ofSize * (1 - 1 / cells) + (sizeShare * ofVolts) / cells);
  let sum = 0;
  for (let step = 0; step <= STEPS; step += 1) {
    const z = STEP * (step - STEPS / 2);
    const left = metalAmps - meanAmps * Math.exp(currentLog * z);
    if (left <= 0) break;
    const room = Math.log(left / parasiticAmps) - sizeShare * currentLog * z;
    sum += Math.exp((-z * z) / 2) * normalShareBelow(room / cellLog) ** cells;
  }
  return Math.min(1, (STEP * sum) / Math.sqrt(2 * Math.PI));
}
