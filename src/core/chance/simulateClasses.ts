import type { LinearSource } from '../circuit/battery/reduceBattery';
import type { Load } from '../circuit/load/load';
import { linearCurve, ledAmpsOnLinearSource, operatingPoint } from '../circuit/operatingPoint';
import { randomStream, type RandomStream } from './random';
import { CLASS_SCATTER, type Scatter } from './scatter';

export interface ClassesInput {
  readonly cell: LinearSource;
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
  /** How many of the classes reached the wanted current. */
  readonly working: number;
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
  return runClasses(input, (random) => scatteredSource(input, scatter, random));
}

/** What every simulation of classes needs, whatever the battery. */
export type ClassesRun = Pick<
  ClassesInput,
  'load' | 'wantedAmps' | 'thermalVolts' | 'classes' | 'seed'
>;

/** So many classes, each with a battery of its own drawn by `drawSource`. */
export function runClasses(
  { load, wantedAmps, thermalVolts, classes, seed }: ClassesRun,
  drawSource: (random: RandomStream) => LinearSource,
): ClassesOutcome {
  const random = randomStream(seed);
  const amps = new Float64Array(classes);
  const volts = new Float64Array(classes);
  let working = 0;
  for (let index = 0; index < classes; index += 1) {
    const source = drawSource(random);
    const current = loadAmps(source, load, thermalVolts);
    amps[index] = current;
    volts[index] = source.emfVolts - current * source.resistanceOhms;
    if (current >= wantedAmps * (1 - ROUNDING_SHARE)) working += 1;
  }
  return { classes, working, sortedAmps: amps.sort(), sortedVolts: volts.sort() };
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
  random: RandomStream,
): LinearSource {
  const spread = emfSpreadVolts ?? scatter.emfShare * cell.emfVolts;
  let siemens = 0;
  let shortAmps = 0;
  for (let string = 0; string < strings; string += 1) {
    // The volts of a string are a sum of independent normals, which is one normal with √m times the spread.
    const emfVolts =
      cellsInSeries * cell.emfVolts + spread * Math.sqrt(cellsInSeries) * random.normal();
    let ohms = 0;
    for (let index = 0; index < cellsInSeries; index += 1) {
      ohms += cell.resistanceOhms * Math.exp(scatter.resistanceLog * random.normal());
    }
    // n cells have n + 1 clip joints, counting the two ends.
    for (let joint = 0; joint <= cellsInSeries; joint += 1) ohms += jointOhms(scatter, random);
    siemens += 1 / ohms;
    shortAmps += emfVolts / ohms;
  }
  return { emfVolts: shortAmps / siemens, resistanceOhms: 1 / siemens };
}

/** Ohms that one joint adds: mostly none. */
export function jointOhms(scatter: Scatter, random: RandomStream): number {
  if (random.uniform() >= scatter.badJointChance) return 0;
  const { badJointLeastOhms, badJointMostOhms } = scatter;
  return badJointLeastOhms * (badJointMostOhms / badJointLeastOhms) ** random.uniform();
}

function loadAmps(source: LinearSource, load: Load, thermalVolts: number): number {
  const { emfVolts, resistanceOhms } = source;
  if (load.kind === 'led') {
    return ledAmpsOnLinearSource(emfVolts, resistanceOhms, load.led, thermalVolts);
  }
  if (load.kind === 'resistor') return Math.max(0, emfVolts / (resistanceOhms + load.ohms));
  const point = operatingPoint(linearCurve(source), load, thermalVolts);
  return point.status === 'solved' ? point.amps : 0;
}
