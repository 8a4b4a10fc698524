import { parallelCells, type CellModel } from '../../cell/cellModel';

/** Something wrong with one cell, or with the lead from its + metal to the next. */
export type CellFault =
  /** Turned round in its string. */
  | { readonly kind: 'reversed' }
  /** The lead from its + metal has no contact. */
  | { readonly kind: 'open' }
  /** Paint, dirt or a loose clip on that lead. */
  | { readonly kind: 'poor-contact'; readonly ohms: number }
  /** Lets so much of its current through, 0 to 1: a poorer body, less metal in the wet, a film; its volts stay. */
  | { readonly kind: 'weaker'; readonly share: number }
  /** The electrolyte's resistance is so many times larger. */
  | { readonly kind: 'dry'; readonly factor: number }
  /** The electrodes touch. */
  | { readonly kind: 'shorted'; readonly ohms: number }
  /** The same metal on both sides; `volts`: what two pieces that are not quite alike still give. */
  | { readonly kind: 'same-metal'; readonly volts?: number }
  /** Wet rims: a film outside the cell joins what is below it to what is above it. */
  | { readonly kind: 'rim-leak'; readonly ohms: number }
  /** A drip from below this cell to above the cell so many further on in the same string. */
  | { readonly kind: 'drip'; readonly over: number; readonly ohms: number };

export const FAULT_DEFAULTS = {
  /** A cell that gives half of what the others do. */
  weakerShare: 0.5,
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
  /** What the lead from its + end to the next place adds, ohms; none: nothing. `Infinity`: it has no contact. */
  readonly leadOhms?: number;
}

export type SpecItem = SpecCell | SpecGroup;

/** A battery with everything that may be wrong with it: strings side by side of cells (or groups) in series. */
export interface BatterySpec {
  readonly strings: readonly (readonly SpecItem[])[];
}

/** What is wrong with a cell as resistances and signs, from the inside out: the one statement of what a fault does. */
export interface FaultyCell {
  /** The cell itself: weaker or dry, or without volts where both metals are the same. */
  readonly cell: CellModel;
  readonly isReversed: boolean;
  /** Metals that touch, across the cell, ohms; `Infinity` where none do. */
  readonly touchingOhms: number;
  /** In the lead from its + metal, ohms; `Infinity` where it is open. */
  readonly contactOhms: number;
  /** Films outside, which do not care how the cell itself is connected: from below it to above so many cells. */
  readonly leaks: readonly {
    readonly kind: 'rim' | 'drip';
    readonly over: number;
    readonly ohms: number;
  }[];
}

export function faultyCell({ cell, faults }: Pick<SpecCell, 'cell' | 'faults'>): FaultyCell {
  // Less of the whole curve along the current: film and reactions too.
  const share = faults.reduce(
    (left, fault) => (fault.kind === 'weaker' ? left * fault.share : left),
    1,
  );
  const whole = parallelCells(cell, share);
  let { emfVolts, resistanceOhms } = whole;
  let touchingOhms = Infinity;
  let contactOhms = 0;
  let isReversed = false;
  const leaks: FaultyCell['leaks'][number][] = [];
  for (const fault of faults) {
    switch (fault.kind) {
      case 'reversed':
        isReversed = true;
        break;
      case 'same-metal':
        emfVolts = fault.volts ?? 0;
        break;
      case 'weaker':
        break;
      case 'dry':
        resistanceOhms *= fault.factor;
        break;
      case 'shorted':
        touchingOhms = Math.min(touchingOhms, fault.ohms);
        break;
      case 'open':
        contactOhms = Infinity;
        break;
      case 'poor-contact':
        contactOhms += fault.ohms;
        break;
      case 'rim-leak':
        leaks.push({ kind: 'rim', over: 1, ohms: fault.ohms });
        break;
      case 'drip':
        leaks.push({ kind: 'drip', over: fault.over, ohms: fault.ohms });
        break;
    }
  }
  return {
    cell: { ...whole, emfVolts, resistanceOhms },
    isReversed,
    touchingOhms,
    contactOhms,
    leaks,
  };
}

/** An open joint leaks through air and damp wood; far above a voltmeter, so that a meter reads nothing. */
export const OPEN_JOINT_OHMS = 1e12;
