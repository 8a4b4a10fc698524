import { deviationsBelow, shareAbove } from '../../numeric/normalShare';
import { theveninCurve, type TheveninSource } from '../circuit/battery/sourceCurve';
import { type Load, loadVolts, seriesOhms } from '../circuit/load/load';
import { operatingPoint } from '../circuit/operatingPoint';
import { ledAmpsOnThevenin } from '../circuit/load/led';
import { badJointsOf } from './badJoints';
import { type BatteryShape, DrawnBattery } from './drawnBattery';
import { randomStream } from './random';
import type { Spread } from '../readings/cellBelief';
import { CLASS_SCATTER, KNOWN_LEVEL, voltsDeviation, type Scatter } from './scatter';

export interface ClassesInput {
  /** The battery that is built, each of its cells with its whole curve. */
  readonly battery: BatteryShape;
  readonly load: Load;
  /** The battery works from this current on, amperes. */
  readonly wantedAmps: number;
  /** Current of the typical battery into the load, amperes: near it the classes' currents lie. */
  readonly typicalAmps: number;
  /** V_T of the load, volts. */
  readonly thermalVolts: number;
  readonly classes: number;
  readonly seed: number;
  /** How far the level of a class may lie from the battery’s cells; nothing said: it is known. */
  readonly level?: Spread;
  readonly scatter?: Scatter;
}

export interface ClassesOutcome {
  readonly classes: number;
  /** Expected share of classes that reach the wanted current. */
  readonly chance: number;
  /** Worked out when it is first asked for. */
  readonly gets: () => WhatClassesGet;
}

export interface WhatClassesGet {
  /** Current of each class in amperes, smallest first. */
  readonly sortedAmps: Float64Array;
  /** Volts across the load of each class, smallest first. */
  readonly sortedVolts: Float64Array;
}

/** Multiples of a root of a prime, without their whole part, lie evenly however many are taken (H. Weyl, Math. Ann. 77 (1916) 313). */
const EVEN_STEP = Math.sqrt(11) - 3;

/** A current that is short by rounding only still counts. */
const ROUNDING_SHARE = 1e-6;

/**
 * Share of classes whose battery gives at least the wanted current, every cell and joint with its own scatter. At the wanted
 * current each class's battery has a voltage, from the whole curves of its cells; its volts are a sum of independent normals,
 * so the share is the mean over the classes of P(V ≥ V_load) (conditional Monte Carlo), and the numbers of bad joints come as
 * often as the binomial distribution says (stratified, proportional allocation): both from S. Asmussen and P. W. Glynn,
 * Stochastic Simulation (2007), chapter V. So a few hundred classes settle a chance to a few in a thousand.
 * @param leastChance once it cannot be reached any more, no more classes are drawn, and the answer is some share below it.
 */
export function chanceOfClasses(input: Omit<ClassesInput, 'typicalAmps'>, leastChance = 0): number {
  const { load, wantedAmps, thermalVolts, classes } = input;
  const enoughAmps = wantedAmps * (1 - ROUNDING_SHARE);
  const neededVolts = loadVolts(load, enoughAmps, thermalVolts);
  const deviationOf = voltsDeviation(input);
  let sum = 0;
  let toCome = classes;
  for (const drawn of drawnClasses(input)) {
    const at = drawn.at(enoughAmps);
    sum += shareAbove(at.volts - neededVolts, deviationOf(at));
    toCome -= 1;
    if (sum + toCome < leastChance * classes) break;
  }
  return (sum + toCome) / classes;
}

/** The same with what each class's load gets. */
export function simulateClasses(input: ClassesInput): ClassesOutcome {
  let known: WhatClassesGet | null = null;
  return {
    classes: input.classes,
    chance: chanceOfClasses(input),
    gets: () => (known ??= whatClassesGet(input)),
  };
}

/** Near the typical current a battery is the line that touches its curve. */
function whatClassesGet(input: ClassesInput): WhatClassesGet {
  const { load, typicalAmps, thermalVolts, classes, seed } = input;
  const amps = new Float64Array(classes);
  const volts = new Float64Array(classes);
  const random = randomStream(seed + 2);
  const deviationOf = voltsDeviation(input);
  let index = 0;
  for (const drawn of drawnClasses(input)) {
    const at = drawn.at(typicalAmps);
    const emfVolts = at.volts + at.ohms * typicalAmps + deviationOf(at) * random.normal();
    const source = { emfVolts, resistanceOhms: at.ohms };
    const current = loadAmps(source, load, thermalVolts);
    amps[index] = current;
    volts[index] = emfVolts - current * at.ohms;
    index += 1;
  }
  return { sortedAmps: amps.sort(), sortedVolts: volts.sort() };
}

/** One battery after the other, always the same object. */
function* drawnClasses({
  battery,
  classes,
  seed,
  level = KNOWN_LEVEL,
  scatter = CLASS_SCATTER,
}: Pick<
  ClassesInput,
  'battery' | 'classes' | 'seed' | 'level' | 'scatter'
>): Generator<DrawnBattery> {
  const drawn = new DrawnBattery(battery, scatter);
  const factors = resistanceFactors(classes * drawn.cells, scatter.resistanceLog, seed);
  const badJoints = badJointsOf(scatter, drawn.joints, classes, randomStream(seed + 1));
  for (let index = 0; index < classes; index += 1) {
    // Levels come as often as the normal distribution says, in an order that goes with nothing else (stratified).
    const strong = level.ampsLog * deviationsBelow(((index + 1) * EVEN_STEP) % 1);
    drawn.draw(factors, index * drawn.cells, Math.exp(-strong), badJoints());
    yield drawn;
  }
}

function loadAmps(source: TheveninSource, load: Load, thermalVolts: number): number {
  const { emfVolts, resistanceOhms } = source;
  if (load.kind === 'led') {
    return ledAmpsOnThevenin(emfVolts, resistanceOhms + seriesOhms(load), load.led, thermalVolts);
  }
  if (load.kind === 'resistor') return Math.max(0, emfVolts / (resistanceOhms + load.ohms));
  const point = operatingPoint(theveninCurve(source), load, thermalVolts);
  return point.status === 'solved' ? point.amps : 0;
}

const drawnCache = new Map<string, Float64Array>();
const KEPT = 4;

/**
 * How many times the usual resistance each cell has, log-normal, from a seed. Drawn once and kept: the same classes are asked
 * about many times while a plan is made.
 */
export function resistanceFactors(
  count: number,
  resistanceLog: number,
  seed: number,
): Float64Array {
  const key = `${seed} ${resistanceLog}`;
  const known = drawnCache.get(key);
  if (known !== undefined && known.length >= count) return known;
  // From the beginning, so that a longer list begins like a shorter one.
  const random = randomStream(seed);
  const factors = new Float64Array(Math.max(count, 2 * (known?.length ?? 0)));
  for (let index = 0; index < factors.length; index += 1) {
    factors[index] = Math.exp(resistanceLog * random.normal());
  }
  if (drawnCache.size >= KEPT) drawnCache.clear();
  drawnCache.set(key, factors);
  return factors;
}
