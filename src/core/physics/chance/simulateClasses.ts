import { normalShareBelow } from '../../numeric/normalShare';
import type { TheveninSource } from '../circuit/battery/theveninSource';
import { loadVolts, type Load } from '../circuit/load/load';
import { theveninCurve } from '../circuit/battery/sourceCurve';
import { ledAmpsOnThevenin, operatingPoint } from '../circuit/operatingPoint';
import { badJointsOf } from './badJoints';
import { randomStream, type RandomStream } from './random';
import { CLASS_SCATTER, type Scatter } from './scatter';

export interface ClassesInput {
  readonly cell: TheveninSource;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly load: Load;
  /** The battery works from this current on, amperes. */
  readonly wantedAmps: number;
  /** V_T of the load, volts. */
  readonly thermalVolts: number;
  readonly classes: number;
  readonly seed: number;
  readonly scatter?: Scatter;
  /** Standard deviation of one cell's volts, where it is not the scatter's share of them. */
  readonly emfSpreadVolts?: number;
}

export interface ClassesOutcome {
  readonly classes: number;
  /** Expected share of classes that reach the wanted current. */
  readonly chance: number;
  /** Current of each class in amperes, smallest first. */
  readonly sortedAmps: Float64Array;
  /** Volts across the load of each class, smallest first. */
  readonly sortedVolts: Float64Array;
}

/** A current that is short by rounding only still counts. */
const ROUNDING_SHARE = 1e-6;

/**
 * The same battery built by many classes, every cell and joint with its own scatter (Monte Carlo, seeded).
 * Strings are summed by Kirchhoff and joined by Millman; the load is solved for each class.
 */
export function simulateClasses(input: ClassesInput): ClassesOutcome {
  const scatter = input.scatter ?? CLASS_SCATTER;
  const joints = input.strings * (input.cellsInSeries + 1);
  return runClasses({ ...input, scatter, joints }, (draw) => scatteredSource(input, scatter, draw));
}

/** What every simulation of classes needs, whatever the battery. */
export interface ClassesRun extends Pick<
  ClassesInput,
  'load' | 'wantedAmps' | 'thermalVolts' | 'classes' | 'seed'
> {
  readonly scatter: Scatter;
  /** Clip joints of the whole battery. */
  readonly joints: number;
}

/** The battery of one class: resistances are drawn, its volts are left as a normal distribution. */
export interface DrawnSource {
  /** Mean open-circuit volts. */
  readonly emfVolts: number;
  /** Variance of them, volts squared. */
  readonly emfVariance: number;
  readonly resistanceOhms: number;
}

/** Randomness of one class. */
export interface ClassDraw {
  readonly random: RandomStream;
  /** Ohms that the next joint adds, mostly none; to be asked once for each joint. */
  readonly jointOhms: () => number;
}

/**
 * So many classes, each with a battery of its own drawn by `drawSource`. The chance is the mean over the classes of
 * P(E ≥ V + I·R) with the volts E still open (conditional Monte Carlo), and the numbers of bad joints come as often as
 * the binomial distribution says (stratified, proportional allocation): both from S. Asmussen and P. W. Glynn,
 * Stochastic Simulation (2007), chapter V. So a few hundred classes settle a chance to a few in a thousand, where
 * counting them would leave one in a hundred open.
 */
export function runClasses(
  { load, wantedAmps, thermalVolts, classes, seed, scatter, joints }: ClassesRun,
  drawSource: (draw: ClassDraw) => DrawnSource,
): ClassesOutcome {
  const random = randomStream(seed);
  const amps = new Float64Array(classes);
  const volts = new Float64Array(classes);
  const enoughAmps = wantedAmps * (1 - ROUNDING_SHARE);
  const neededVolts = loadVolts(load, enoughAmps, thermalVolts);
  const badJoints = badJointsOf(scatter, joints, classes, random);
  let sum = 0;
  for (let index = 0; index < classes; index += 1) {
    const drawn = drawSource({ random, jointOhms: badJoints() });
    const spreadVolts = Math.sqrt(drawn.emfVariance);
    const marginVolts = drawn.emfVolts - enoughAmps * drawn.resistanceOhms - neededVolts;
    sum += shareAbove(marginVolts, spreadVolts);
    const emfVolts = drawn.emfVolts + spreadVolts * random.normal();
    const current = loadAmps({ ...drawn, emfVolts }, load, thermalVolts);
    amps[index] = current;
    volts[index] = emfVolts - current * drawn.resistanceOhms;
  }
  return { classes, chance: sum / classes, sortedAmps: amps.sort(), sortedVolts: volts.sort() };
}

/** Share of a normal distribution above zero. */
function shareAbove(mean: number, deviation: number): number {
  if (deviation === 0) return mean >= 0 ? 1 : 0;
  return normalShareBelow(mean / deviation);
}

/** Value below which a share of sorted values lies. */
export function quantile(sorted: Float64Array, share: number): number {
  const last = sorted.length - 1;
  const at = Math.min(last, Math.max(0, Math.round(share * last)));
  return sorted[at] ?? 0;
}

function scatteredSource(
  { cell, cellsInSeries, strings, emfSpreadVolts }: ClassesInput,
  scatter: Scatter,
  { random, jointOhms }: ClassDraw,
): DrawnSource {
  const spread = emfSpreadVolts ?? scatter.emfShare * cell.emfVolts;
  // The volts of a string are a sum of independent normals: their variances add.
  const emfVolts = cellsInSeries * cell.emfVolts;
  const emfVariance = cellsInSeries * spread ** 2;
  return sideBySideOf(strings, () => {
    let ohms = 0;
    for (let index = 0; index < cellsInSeries; index += 1) {
      ohms += cell.resistanceOhms * Math.exp(scatter.resistanceLog * random.normal());
    }
    // n cells have n + 1 clip joints, counting the two ends.
    for (let joint = 0; joint <= cellsInSeries; joint += 1) ohms += jointOhms();
    return { emfVolts, emfVariance, resistanceOhms: ohms };
  });
}

/** So many drawn strings side by side, by Millman's theorem, which is linear in their volts. */
export function sideBySideOf(
  strings: number,
  drawString: (index: number) => DrawnSource,
): DrawnSource {
  let siemens = 0;
  let shortAmps = 0;
  let shortVariance = 0;
  for (let index = 0; index < strings; index += 1) {
    const { emfVolts, emfVariance, resistanceOhms } = drawString(index);
    siemens += 1 / resistanceOhms;
    shortAmps += emfVolts / resistanceOhms;
    shortVariance += emfVariance / resistanceOhms ** 2;
  }
  return {
    emfVolts: shortAmps / siemens,
    emfVariance: shortVariance / siemens ** 2,
    resistanceOhms: 1 / siemens,
  };
}

function loadAmps(source: TheveninSource, load: Load, thermalVolts: number): number {
  const { emfVolts, resistanceOhms } = source;
  if (load.kind === 'led') {
    return ledAmpsOnThevenin(emfVolts, resistanceOhms, load.led, thermalVolts);
  }
  if (load.kind === 'resistor') return Math.max(0, emfVolts / (resistanceOhms + load.ohms));
  const point = operatingPoint(theveninCurve(source), load, thermalVolts);
  return point.status === 'solved' ? point.amps : 0;
}
