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
  | { readonly kind: 'same-metal' }
  /** Wet rims: a film outside the cell joins what is below it to what is above it. */
  | { readonly kind: 'rim-leak'; readonly ohms: number }
  /** A drip from below this cell to above the cell so many further on in the same string. */
  | { readonly kind: 'drip'; readonly over: number; readonly ohms: number };

export const FAULT_DEFAULTS = {
  /** Metals that touch inside a fruit, ohms (common practice, no source). */
  shortedOhms: 0.5,
  /** A clip on paint or corrosion, ohms (from memory). */
  poorContactOhms: 5000,
  /** Drying multiplies the resistance 5 to 50 times (common practice, no source). */
  dryFactor: 20,
  /** A wet rim between neighbours in a pile, ohms (from memory). */
  rimLeakOhms: 2000,
  /** Layers that a drip runs past. */
  dripOver: 2,
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

/** Strings side by side that stand in another string in place of one cell. */
export interface SpecGroup {
  readonly strings: readonly (readonly SpecItem[])[];
}

export type SpecItem = SpecCell | SpecGroup;

/** A battery with everything that may be wrong with it: strings side by side of cells (or groups) in series. */
export interface BatterySpec {
  readonly strings: readonly (readonly SpecItem[])[];
}
