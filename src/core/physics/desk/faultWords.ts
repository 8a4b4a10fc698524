import { capital } from '../../words';
import type { CellLook } from '../recipes/recipe';
import { cellsOf, type Desk, type StandingCell } from './desk';
import type { FaultKind } from './deskEdits';

interface FaultWords {
  /** What is done to the cell. */
  readonly name: string;
  /** Why the result is what it is. */
  readonly reason: string;
}

/** Every fault in words: what it is, and what it does. */
export const FAULT_WORDS: Readonly<Record<FaultKind, FaultWords>> = {
  reversed: {
    name: 'turned round',
    reason:
      'It subtracts: its own volts count against the others, so the string loses two cells’ worth, and its resistance stays in the way.',
  },
  weaker: {
    name: 'weaker than the others',
    reason:
      'A poorer piece, less metal in the wet, or a film on it: its volts look right with nothing connected, but all the current of its string has to squeeze through it, so the whole string gives less.',
  },
  dry: {
    name: 'dry',
    reason:
      'Little water, few moving ions, a high resistance: the volts look fine with nothing connected and collapse as soon as current flows.',
  },
  'poor-contact': {
    name: 'poor contact',
    reason:
      'Paint, dirt or a loose clip: no loss with nothing connected, but under load the bad joint eats the volts.',
  },
  open: {
    name: 'no contact at all',
    reason:
      'One open joint stops the current of its whole string; other strings have to do without it.',
  },
  shorted: {
    name: 'metals touching',
    reason:
      'The cell drives its current round itself through the place where the metals touch: it adds nothing and eats itself up.',
  },
  'same-metal': {
    name: 'the same metal twice',
    reason: 'Both sides pull equally: no volts, only one more resistance in the string.',
  },
  'rim-leak': {
    name: 'wet rim',
    reason:
      'A film over the rim joins both sides of this layer: it drains itself and the pile loses volts, most of all under load.',
  },
  drip: {
    name: 'drip down the side',
    reason: 'A drip runs past several layers and drains all of them together.',
  },
};

export const SHARED_BODY_WORDS: FaultWords = {
  name: 'pairs in one body',
  reason:
    'One body of electrolyte is one cell: the liquid itself shorts the links between the pairs, so however many pairs are wired “in series”, they read about one cell. Pairs in one body only add up side by side.',
};

export const LOAD_REVERSED_WORDS: FaultWords = {
  name: 'LED turned round',
  reason: 'An LED lets current through one way only: its long leg (its own anode) belongs to +.',
};

/** Faults that a cell of this look can have. */
export function faultsFor(look: CellLook): FaultKind[] {
  const all = Object.keys(FAULT_WORDS) as FaultKind[];
  return look === 'pile' ? all : all.filter((kind) => kind !== 'rim-leak' && kind !== 'drip');
}

/** What is wrong on the desk and why it matters, one line for each. */
export function faultsWithReasons(
  desk: Desk,
): { readonly what: string; readonly reason: string }[] {
  const cells = cellsOf(desk);
  const lines = cells.flatMap(({ name, faults }) =>
    faults.map(({ kind }) => ({
      what: `${capital(name)}: ${FAULT_WORDS[kind].name}.`,
      reason: FAULT_WORDS[kind].reason,
    })),
  );
  const bodies = new Map<string, StandingCell[]>();
  for (const cell of cells) {
    if (cell.sharedBody === null) continue;
    bodies.set(cell.sharedBody, [...(bodies.get(cell.sharedBody) ?? []), cell]);
  }
  for (const shared of bodies.values()) {
    lines.push({
      what: `${shared.length} pairs in one ${shared[0]?.body.name ?? 'body'}.`,
      reason: SHARED_BODY_WORDS.reason,
    });
  }
  if (desk.loadReversed) {
    lines.push({
      what: `${capital(LOAD_REVERSED_WORDS.name)}.`,
      reason: LOAD_REVERSED_WORDS.reason,
    });
  }
  return lines;
}
