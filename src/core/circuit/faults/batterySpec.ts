import type { CellModel } from '../../chemistry/cellModel';

/** Something wrong with one cell or the joint before it. */
export type CellFault =
  /** Turned round in its string. */
  | { readonly kind: 'reversed' }
  /** No contact at its + end. */
  | { readonly kind: 'open' }
  /** Paint, dirt or a loose clip at its + end. */
  | { readonly kind: 'poor-contact'; readonly ohms: number }
  /** The electrolyte's resistance is so many times larger. */
  | { readonly kind: 'dry'; readonly factor: number }
  /** The electrodes touch. */
  | { readonly kind: 'shorted'; readonly ohms: number }
  /** The same metal on both sides. */
  | { readonly kind: 'same-metal' };

export const FAULT_DEFAULTS = {
  /** Metals that touch inside a fruit, ohms (common practice, no source). */
  shortedOhms: 0.5,
  /** A clip on paint or corrosion, ohms (from memory). */
  poorContactOhms: 5000,
  /** Drying multiplies the resistance 5 to 50 times (common practice, no source). */
  dryFactor: 20,
  /** A wet rim between neighbours in a pile, ohms (from memory). */
  rimLeakOhms: 2000,
  /** A drip over several layers, ohms (from memory). */
  dripOhms: 3000,
  /** What lies between the electrodes of one pair and the middle of a shared body, as a share of the cell. */
  bodyShare: 0.5,
} as const;

export interface SpecCell {
  readonly cell: CellModel;
  readonly faults: readonly CellFault[];
  /** Cells with the same name here stick in one body and share its electrolyte; `null` for a body of its own. */
  readonly body: string | null;
}

/** A conducting film outside the cells, from below one cell to above another of the same string (counted from 1). */
export interface Leak {
  readonly string: number;
  readonly fromCell: number;
  readonly toCell: number;
  readonly ohms: number;
}

/** A battery with everything that may be wrong with it: strings side by side of cells in series. */
export interface BatterySpec {
  readonly strings: readonly (readonly SpecCell[])[];
  readonly leaks: readonly Leak[];
}

/** Wet rims between all neighbours of a string: a leak over every single cell. */
export function rimLeaks(string: number, cells: number, ohms: number): Leak[] {
  return Array.from({ length: cells }, (_, index) => ({
    string,
    fromCell: index + 1,
    toCell: index + 1,
    ohms,
  }));
}

/** Conductance in siemens that a separator standing out by so many millimetres adds between neighbours. */
export function rimLeakSiemens(overhangMillimetres: number): number {
  // A film grows with the overhang; 1 mm all round leaks like the usual wet rim (from memory).
  return Math.max(0, overhangMillimetres) / FAULT_DEFAULTS.rimLeakOhms;
}
