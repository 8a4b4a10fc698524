import type { CellFault } from '@/core/physics/circuit/faults/batterySpec';

interface FaultMarksProps {
  readonly faults: readonly CellFault[];
  readonly sharedBody: string | null;
}

const RED = 'var(--mui-palette-error-main)';

/** What is wrong with a cell, drawn on it around its middle. */
export function FaultMarks({ faults, sharedBody }: FaultMarksProps) {
  if (faults.length === 0 && sharedBody === null) return null;
  return (
    <g fill="none" stroke={RED} strokeWidth="2.2" strokeLinecap="round">
      {sharedBody === null ? null : (
        <ellipse rx="42" ry="26" strokeDasharray="5 4" strokeWidth="1.6" />
      )}
      {faults.map(({ kind }) => (
        <path key={kind} d={MARKS[kind]} />
      ))}
    </g>
  );
}

/** A small sign for each fault, over the drawing of a cell of full size. */
const MARKS: Readonly<Record<CellFault['kind'], string>> = {
  // Two arrows round each other.
  reversed: 'M-11 -12 a14 14 0 0 1 22 0 m0 -6 v6 h-6 M11 12 a14 14 0 0 1 -22 0 m0 6 v-6 h6',
  // A gap in the lead at the + side.
  open: 'M26 -38 l10 12 M36 -38 l-10 12',
  // A zigzag at the + side.
  'poor-contact': 'M24 -36 l4 6 l4 -8 l4 8 l4 -6',
  // An arrow down.
  weaker: 'M0 -8 V14 M-6 8 l6 6 l6 -6',
  // Cracks.
  dry: 'M-10 6 l5 -7 l4 6 l6 -9 M0 16 l4 -6 l5 4',
  // A bridge between the electrodes.
  shorted: 'M-21 -8 L21 -8 M-4 -13 l4 5 l-4 5',
  // An equals sign.
  'same-metal': 'M-8 -3 h16 M-8 4 h16',
  // A film round the rim.
  'rim-leak': 'M-20 20 q10 8 20 0 q10 -8 20 0',
  // Drops down the side.
  drip: 'M-14 18 v8 M0 20 v10 M14 18 v8',
};
