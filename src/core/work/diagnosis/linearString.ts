import {
  batteryParts,
  BATTERY_MINUS,
  BATTERY_PLUS,
  nodeAfter,
  plusMetal,
  type BatteryPart,
  type CellRef,
} from '../../physics/circuit/faults/batteryNetwork';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import type { SpecItem } from '../../physics/circuit/faults/batterySpec';
import { SparseLdl } from '../../physics/circuit/sparse/sparseLdl';

/** A reading as a value and its slopes: how much it changes with each cell's volts and resistance. */
export interface ValueWithSlopes {
  readonly value: number;
  /** By number of the cell: change per relative change of its open-circuit volts, and per e-fold of its resistance. */
  readonly byVolts: Float64Array;
  readonly byResistance: Float64Array;
  /** Resistance that the meter sees between its probes, ohms. */
  readonly ohms: number;
}

/** One deviation of what two pieces of one metal still give: they read up to 30 mV either way (common practice, no source). */
const ONE_METAL_VOLTS = 0.015;

/** Stands among the names of cells for what is no cell: a contact, a leak, metals that touch. */
export const FAULT_OHMS = 'fault';

interface SourceBranch {
  /** Number of the cell that it belongs to; −1: none. */
  readonly cell: number;
  readonly minus: number;
  readonly plus: number;
  readonly emfVolts: number;
  /** Volts that it may have although it should have none. */
  readonly strayVolts: number;
  readonly ohms: number;
}

/**
 * One string of straight cells with everything that is wrong with it, solved once; every voltage in it then comes with
 * its slopes from one more solve (adjoint network method: S. W. Director and R. A. Rohrer, IEEE Trans. Circuit Theory
 * 16 (1969) 318).
 */
export class LinearString {
  /** Names of its cells by their number. */
  readonly cells: string[] = [];
  private readonly items: readonly SpecItem[];
  private readonly nodes = new Map<string, number>();
  private readonly branches: SourceBranch[];
  private readonly ldl: SparseLdl;
  private readonly nodeVolts: Float64Array;

  /**
   * @param endsOhms what joins the ends of the string; `null`: nothing.
   * @param firstPlace place in its string of the first of the items: readings name cells by it.
   */
  constructor(items: readonly SpecItem[], endsOhms: number | null, firstPlace = 1) {
    this.items = items;
    const parts = batteryParts({ strings: [items] });
    const alias = new Map(
      parts.flatMap(({ component: one }) =>
        one.type === 'ammeter' ? [[one.b, one.a] as const] : [],
      ),
    );
    this.branches = parts.flatMap((one) => this.branchOf(one, alias, firstPlace));
    if (endsOhms !== null) {
      this.branches.push({
        cell: -1,
        minus: this.node(BATTERY_MINUS, alias),
        plus: this.node(BATTERY_PLUS, alias),
        emfVolts: 0,
        strayVolts: 0,
        ohms: endsOhms,
      });
    }
    const unknowns = this.nodes.size;
    const pairs = this.branches
      .filter(({ minus, plus }) => minus >= 0 && plus >= 0 && minus !== plus)
      .map(({ minus, plus }) => [minus, plus] as const);
    this.ldl = new SparseLdl(unknowns, pairs);
    const right = new Float64Array(unknowns);
    for (const { minus, plus, emfVolts, ohms } of this.branches) {
      if (minus === plus) continue;
      const siemens = 1 / ohms;
      if (plus >= 0) {
        this.ldl.add(this.ldl.slot(plus, plus), siemens);
        right[plus] = right[plus]! + emfVolts * siemens;
      }
      if (minus >= 0) {
        this.ldl.add(this.ldl.slot(minus, minus), siemens);
        right[minus] = right[minus]! - emfVolts * siemens;
      }
      if (plus >= 0 && minus >= 0) this.ldl.add(this.ldl.slot(plus, minus), -siemens);
    }
    if (this.ldl.factor() >= 0) throw new Error('a string always hangs together');
    this.ldl.solve(right);
    this.nodeVolts = right;
  }

  /**
   * Volts between the − metal of one place and the + metal of another, counted from 1 at the − end.
   * @param beyond to what the lead from that + metal goes to: the next − metal, or the end of the string.
   * @param turned place whose + metal is its lower one.
   */
  volts(from: number, to: number, beyond = false, turned: number | null = null): ValueWithSlopes {
    const right = new Float64Array(this.nodeVolts.length);
    const spec = { strings: [this.items] };
    const below = (place: number): string => nodeAfter(spec, 1, place - 1);
    const above = (place: number): string => plusMetal(spec, 1, place);
    const upper = this.tap(beyond ? nodeAfter(spec, 1, to) : to === turned ? below(to) : above(to));
    const lower = this.tap(from === turned ? above(from) : below(from));
    if (upper >= 0) right[upper] = 1;
    if (lower >= 0) right[lower] = right[lower]! - 1;
    const value = this.at(this.nodeVolts, upper) - this.at(this.nodeVolts, lower);
    this.ldl.solve(right);
    const byVolts = new Float64Array(this.cells.length);
    const byResistance = new Float64Array(this.cells.length);
    for (const { cell, minus, plus, emfVolts, strayVolts, ohms } of this.branches) {
      if (cell < 0) continue;
      const adjointAmps = (this.at(right, plus) - this.at(right, minus)) / ohms;
      const drop = emfVolts - (this.at(this.nodeVolts, plus) - this.at(this.nodeVolts, minus));
      byVolts[cell] =
        byVolts[cell]! + adjointAmps * (emfVolts + strayVolts / CLASS_SCATTER.emfShare);
      byResistance[cell] = byResistance[cell]! - adjointAmps * drop;
    }
    const ohms = this.at(right, upper) - this.at(right, lower);
    return { value, byVolts, byResistance, ohms };
  }

  /** Resistance between the ends of the string, its last lead among it, and its slope by each cell's resistance, ohms per e-fold. */
  resistance(): { readonly ohms: number; readonly byResistance: Float64Array } {
    const right = new Float64Array(this.nodeVolts.length);
    const upper = this.tap(BATTERY_PLUS);
    right[upper] = 1;
    this.ldl.solve(right);
    const byResistance = new Float64Array(this.cells.length);
    for (const { cell, minus, plus, ohms } of this.branches) {
      if (cell < 0) continue;
      const across = this.at(right, plus) - this.at(right, minus);
      byResistance[cell] = byResistance[cell]! + (across * across) / ohms;
    }
    return { ohms: right[upper]!, byResistance };
  }

  private cellNumber(name: string): number {
    const known = this.cells.indexOf(name);
    return known >= 0 ? known : this.cells.push(name) - 1;
  }

  private at(values: Float64Array, node: number): number {
    return node < 0 ? 0 : values[node]!;
  }

  private tap(name: string): number {
    return name === BATTERY_MINUS ? -1 : this.nodes.get(name)!;
  }

  /** Index of a node; −1 for the − end. */
  private node(name: string, alias: ReadonlyMap<string, string>): number {
    const own = alias.get(name) ?? name;
    if (own !== name) return this.node(own, alias);
    if (own === BATTERY_MINUS) return -1;
    const known = this.nodes.get(own);
    if (known !== undefined) return known;
    this.nodes.set(own, this.nodes.size);
    return this.nodes.size - 1;
  }

  private branchOf(
    { component, cell }: BatteryPart,
    alias: ReadonlyMap<string, string>,
    firstPlace: number,
  ): SourceBranch[] {
    const owner = this.cellNumber(cell === null ? FAULT_OHMS : keyOf(cell, firstPlace));
    if (component.type === 'cell') {
      const { emfVolts, resistanceOhms: ohms } = component;
      const minus = this.node(component.minus, alias);
      const plus = this.node(component.plus, alias);
      const strayVolts = cell !== null && this.isOneMetal(cell) ? ONE_METAL_VOLTS : 0;
      return [{ cell: owner, minus, plus, emfVolts, strayVolts, ohms }];
    }
    if (component.type !== 'resistor') return [];
    const minus = this.node(component.a, alias);
    const plus = this.node(component.b, alias);
    const { resistanceOhms: ohms } = component;
    return [{ cell: owner, minus, plus, emfVolts: 0, strayVolts: 0, ohms }];
  }

  private isOneMetal({ item, within }: CellRef): boolean {
    const place = this.items[item - 1];
    if (place === undefined) return false;
    const cell =
      'strings' in place && within !== null
        ? place.strings[within.string - 1]?.[within.cell - 1]
        : place;
    return (
      cell !== undefined &&
      !('strings' in cell) &&
      cell.faults.some(({ kind }) => kind === 'same-metal')
    );
  }
}

/** Equal for the parts of one cell, whichever of its string's cells are looked at. */
function keyOf({ item, within }: CellRef, firstPlace: number): string {
  const place = item + firstPlace - 1;
  return within === null ? String(place) : `${place}.${within.string}.${within.cell}`;
}
