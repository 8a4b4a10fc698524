import type { CellModel } from '../cell/cellModel';
import { lossOf, type CellLoss } from './lossTable';
import type { Scatter } from './scatter';

/** A battery as strings side by side, each of cells and groups of strings in series. */
export type BatteryShape = readonly (readonly ShapeItem[])[];
export type ShapeItem = CellModel | { readonly strings: readonly (readonly CellModel[])[] };

/** A grid: so many equal cells in series, such strings side by side. */
export interface EqualCells {
  readonly cell: CellModel;
  readonly cellsInSeries: number;
  readonly strings: number;
}

/** Equal cells in a grid. */
export function gridShape(cell: CellModel, cellsInSeries: number, strings: number): BatteryShape {
  const string = new Array<CellModel>(cellsInSeries).fill(cell);
  return new Array<readonly CellModel[]>(strings).fill(string);
}

/** A battery at a current: its volts, how they fall with the current, and how they scatter. */
export interface Tangent {
  readonly volts: number;
  readonly ohms: number;
  /** Variance of the volts, volts squared, from the open-circuit volts of the cells. */
  readonly variance: number;
  /** What the volts grow by if all cells have twice their open-circuit volts: how they follow the level of the class. */
  readonly perLevel: number;
}

const { abs } = Math;

/** Share by which a string's current may change while its curve and the line that touches it are the same for us (0.2 mV). */
const TANGENT_SHARE = 0.12;

/** Equal cells that stand one after the other in a string. */
interface Run {
  readonly loss: CellLoss;
  /** Place of the first among all cells. */
  readonly at: number;
  count: number;
}

interface DrawnString extends Tangent {
  readonly runs: readonly Run[];
  readonly groups: readonly (readonly DrawnString[])[];
  /** Of its own cells, without those in groups. */
  readonly emfVolts: number;
  readonly cellVariance: number;
  readonly joints: number;
  readonly straight: boolean;
  jointOhms: number;
  /** Where it stands. */
  amps: number;
  volts: number;
  ohms: number;
  variance: number;
  perLevel: number;
}

/**
 * One class's battery: each cell with so many times the usual resistance, which scales its whole curve along the current
 * axis, films and reactions too, and joints that may be bad. Its open-circuit volts are left as normal distributions.
 */
export class DrawnBattery {
  /** Number of cells and of clip joints. */
  readonly cells: number;
  readonly joints: number;
  private readonly strings: DrawnString[];
  private readonly all: DrawnString[] = [];
  private factors: Float64Array = new Float64Array(0);
  private from = 0;
  private level = 1;

  constructor(shape: BatteryShape, scatter: Scatter) {
    let cells = 0;
    const stringOf = (items: readonly ShapeItem[]): DrawnString => {
      const runs: Run[] = [];
      const groups: DrawnString[][] = [];
      let emfVolts = 0;
      let cellVariance = 0;
      for (const item of items) {
        if ('strings' in item) {
          groups.push(item.strings.map(stringOf));
          continue;
        }
        const loss = lossOf(item);
        const last = runs.at(-1);
        if (last?.loss === loss && last.at + last.count === cells) last.count += 1;
        else runs.push({ loss, at: cells, count: 1 });
        cells += 1;
        emfVolts += item.emfVolts;
        cellVariance += (scatter.emfShare * item.emfVolts) ** 2;
      }
      const string: DrawnString = {
        runs,
        groups,
        emfVolts,
        cellVariance,
        // n items in a string have n + 1 clip joints, counting the two ends; so have the strings of a group.
        joints: items.length + 1,
        straight:
          runs.every(({ loss }) => loss.straight) && groups.flat().every((one) => one.straight),
        jointOhms: 0,
        amps: 0,
        volts: 0,
        ohms: 0,
        variance: 0,
        perLevel: 0,
      };
      this.all.push(string);
      return string;
    };
    this.strings = shape.map(stringOf);
    this.cells = cells;
    this.joints = this.all.reduce((sum, { joints }) => sum + joints, 0);
  }

  /**
   * Another class: factors of its cells from a place on, and what the next so many joints add.
   * @param level how many times the expected resistance an average cell of the class has.
   */
  draw(
    factors: Float64Array,
    from: number,
    level: number,
    ohmsOfJoints: (joints: number) => number,
  ): void {
    this.factors = factors;
    this.from = from;
    this.level = level;
    for (const string of this.all) string.jointOhms = ohmsOfJoints(string.joints);
  }

  /** The battery while it gives a current in amperes. */
  at(amps: number): Tangent {
    return this.sideBySide(this.strings, amps);
  }

  /** Strings share the current as their curves bid: by Millman's theorem on the lines that touch them, taken twice. */
  private sideBySide(strings: readonly DrawnString[], amps: number): Tangent {
    const [only] = strings;
    if (only !== undefined && strings.length === 1) return this.moveTo(only, amps);
    for (const string of strings) this.moveTo(string, amps / strings.length);
    const first = tangentOfStrings(strings, amps);
    if (strings.every(({ straight }) => straight)) return first;
    let moved = false;
    for (const string of strings) {
      const change = (string.volts - first.volts) / string.ohms;
      if (abs(change) <= TANGENT_SHARE * abs(string.amps)) continue;
      this.moveTo(string, string.amps + change);
      moved = true;
    }
    return moved ? tangentOfStrings(strings, amps) : first;
  }

  /** A string while it gives a current. */
  private moveTo(string: DrawnString, amps: number): DrawnString {
    let volts = string.emfVolts - string.jointOhms * amps;
    let ohms = string.jointOhms;
    let variance = string.cellVariance;
    let perLevel = string.emfVolts;
    for (const { loss, at, count } of string.runs) {
      loss.ofCells(this.factors, this.from + at, count, this.level, amps);
      volts -= loss.volts;
      ohms += loss.ohms;
    }
    for (const strings of string.groups) {
      const group = this.sideBySide(strings, amps);
      volts += group.volts;
      ohms += group.ohms;
      variance += group.variance;
      perLevel += group.perLevel;
    }
    string.amps = amps;
    string.volts = volts;
    string.ohms = ohms;
    string.variance = variance;
    string.perLevel = perLevel;
    return string;
  }
}

/** Strings with their currents moved so that they stand at one voltage and give so much together. */
function tangentOfStrings(strings: readonly DrawnString[], amps: number): Tangent {
  let siemens = 0;
  let shortAmps = 0;
  let shortVariance = 0;
  let shortPerLevel = 0;
  for (const string of strings) {
    siemens += 1 / string.ohms;
    shortAmps += string.amps + string.volts / string.ohms;
    shortVariance += string.variance / string.ohms ** 2;
    shortPerLevel += string.perLevel / string.ohms;
  }
  return {
    volts: (shortAmps - amps) / siemens,
    ohms: 1 / siemens,
    variance: shortVariance / siemens ** 2,
    perLevel: shortPerLevel / siemens,
  };
}
