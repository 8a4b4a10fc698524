import type { Spread } from '../../physics/readings/cellBelief';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { SpecItem } from '../../physics/circuit/faults/batterySpec';
import { FAULT_OHMS, type LinearString } from './linearString';
import type { NominalBattery } from './nominalBattery';

/** Sizes of faults lie between those that are tried: half a step of their grid, as a logarithm. */
const FAULT_SIZE_LOG = 0.2;

/** Everything that scatters in a battery, numbered: what all cells have in common, then volts and resistance of each. */
export class ScatterSources {
  readonly count: number;
  /** Number of the source that the device’s make is: packs of one kind differ. */
  readonly load: number;
  private readonly level: Spread;
  /** By string and cell, in the order in which they were met. */
  private readonly sources: Map<string, number>[] = [];

  constructor({ strings, level }: Pick<NominalBattery, 'strings' | 'level'>) {
    this.level = level;
    const cells = strings.flat().reduce((sum, item) => sum + cellsOf(item), 0);
    this.load = 2 + 2 * (cells + strings.length);
    this.count = this.load + 1;
  }

  /** How every source of scatter moves a reading: readings of the same cell move together. */
  spreadOf(
    string: number,
    { cells }: LinearString,
    byVolts: Float64Array | null,
    byResistance: Float64Array,
    factor: number,
  ): Float64Array {
    const spread = new Float64Array(this.count);
    const { voltsShare, ampsLog } = this.level;
    let volts = 0;
    let ohms = 0;
    for (let cell = 0; cell < cells.length; cell += 1) {
      const source = this.source(string, cells[cell]!);
      const volt = byVolts?.[cell] ?? 0;
      const ohm = byResistance[cell]!;
      if (cells[cell] === FAULT_OHMS) {
        spread[source] = ohm * FAULT_SIZE_LOG * factor;
        continue;
      }
      spread[source] = volt * CLASS_SCATTER.emfShare * factor;
      spread[source + 1] = ohm * CLASS_SCATTER.resistanceLog * factor;
      volts += volt;
      ohms += ohm;
    }
    spread[0] = volts * voltsShare * factor;
    spread[1] = ohms * ampsLog * factor;
    return spread;
  }

  /** Number of the volts of a cell among the sources; its resistance is the next one. The first two are all cells’. */
  private source(string: number, cell: string): number {
    const ofString = this.sources[string] ?? new Map<string, number>();
    this.sources[string] = ofString;
    const known = ofString.get(cell);
    if (known !== undefined) return known;
    const next = 2 + 2 * this.sources.reduce((sum, { size }) => sum + size, 0);
    ofString.set(cell, next);
    return next;
  }
}

function cellsOf(item: SpecItem): number {
  return 'strings' in item ? item.strings.flat().reduce((sum, one) => sum + cellsOf(one), 0) : 1;
}
