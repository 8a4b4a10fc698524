import type { FaultKind } from '../../physics/desk/deskEdits';

/** Faults that a drill may hide: those that the probes can tell apart. */
export const DRILL_FAULTS = [
  'reversed',
  'open',
  'shorted',
  'poor-contact',
  'dry',
  'same-metal',
] as const satisfies readonly FaultKind[];
export type DrillFault = (typeof DRILL_FAULTS)[number];

/** What a level has to measure with; `changes`: a lead joins the ends or is lifted. */
export const DRILL_MEANS = ['volts', 'current', 'changes'] as const;
export type DrillMeans = (typeof DRILL_MEANS)[number];

export interface DrillLevel {
  readonly level: number;
  readonly name: string;
  /** What may be hidden, as a sentence. */
  readonly promise: string;
  readonly strings: number;
  readonly cells: number;
  readonly faults: readonly DrillFault[];
  readonly means: readonly DrillMeans[];
  /** Every string has a fault; otherwise at most one has, or none. */
  readonly each: boolean;
}

export const DRILL_LEVELS: readonly DrillLevel[] = [
  {
    level: 1,
    name: 'One cell backwards',
    promise: 'One of four cells may be the wrong way round, or all is well.',
    strings: 1,
    cells: 4,
    faults: ['reversed'],
    means: ['volts'],
    each: false,
  },
  {
    level: 2,
    name: 'A step is missing',
    promise: 'A cell may be backwards, off its lead, or its metals may touch. Or all is well.',
    strings: 1,
    cells: 5,
    faults: ['reversed', 'open', 'shorted'],
    means: ['volts', 'current'],
    each: false,
  },
  {
    level: 3,
    name: 'Right volts, little current',
    promise: 'A clip may sit badly or a cell may be dry, or two metals be the same or touch.',
    strings: 1,
    cells: 5,
    faults: ['poor-contact', 'dry', 'same-metal', 'shorted'],
    means: DRILL_MEANS,
    each: false,
  },
  {
    level: 4,
    name: 'Two strings, one fault',
    promise: 'Two strings that are to be joined. At most one of them has a fault, of any kind.',
    strings: 2,
    cells: 4,
    faults: DRILL_FAULTS,
    means: DRILL_MEANS,
    each: false,
  },
  {
    level: 5,
    name: 'Two faults in two strings',
    promise: 'Each of the two strings has one fault, of any kind.',
    strings: 2,
    cells: 4,
    faults: DRILL_FAULTS,
    means: DRILL_MEANS,
    each: true,
  },
];

export const FIRST_LEVEL = 1;
export const LAST_LEVEL = DRILL_LEVELS.length;

export function drillLevel(level: number): DrillLevel {
  const found = DRILL_LEVELS.find((one) => one.level === level);
  if (found === undefined) throw new Error(`there is no level ${level}`);
  return found;
}

/** What a fault is called when it is named. */
export const DRILL_FAULT_NAMES: Readonly<Record<DrillFault, string>> = {
  reversed: 'the wrong way round',
  open: 'the lead to the next one has no contact',
  shorted: 'its metals touch',
  'poor-contact': 'a poor contact in the lead to the next one',
  dry: 'dry',
  'same-metal': 'the same metal on both sides',
};
