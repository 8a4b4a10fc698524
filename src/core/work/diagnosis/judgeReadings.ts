import { formatVolts } from '../../units';

/** A reading of the stairs: volts across the first cells of a string, or the first cell's current. */
export type BenchReading =
  | { readonly kind: 'open-circuit'; readonly cells: number; readonly volts: number }
  | { readonly kind: 'short-circuit'; readonly amps: number };

/** A row of the bench table: what to read, what is expected, what was read and what that means. */
export interface BenchRow {
  readonly kind: BenchReading['kind'];
  /** Cells 1 to this one lie between the probes. */
  readonly cells: number;
  readonly label: string;
  /** Volts or amperes. */
  readonly expected: number;
  /** One standard deviation of ordinary scatter, same unit. */
  readonly scatter: number;
  readonly read: number | null;
  /** Change from the reading one cell before, volts; `null` where one of the two is missing. */
  readonly step: number | null;
  /** Volts that the last cell's step falls short of one cell; `null` where it does not or is not known. */
  readonly missing: number | null;
  readonly meaning: ReadingMeaning | null;
}

export interface ReadingMeaning {
  readonly code:
    | 'as-planned'
    | 'within-scatter'
    | 'no-contact'
    | 'adds-nothing'
    | 'subtracts'
    | 'small-step'
    | 'large-step'
    | 'not-believable'
    | 'low'
    | 'high';
  readonly fine: boolean;
  readonly wording: string;
}

/** One place of a string, a cell or a group of cells side by side. */
export interface BenchPlace {
  /** Open-circuit volts that it should add. */
  readonly emfVolts: number;
  /** Most volts that its metals can give. */
  readonly ceilingVolts: number;
}

export interface BenchInput {
  /** The string's places from its − end. */
  readonly places: readonly BenchPlace[];
  /** Current that the first cell should read through the meter, amperes. */
  readonly shortAmps: number;
  readonly readings: readonly BenchReading[];
  /** Scatter of one cell: share of the volts, and of the logarithm of the current. */
  readonly voltsShare: number;
  readonly ampsLog: number;
}

/** Steps as a share of one cell's volts (common practice, no source). */
const STEP_LIMITS = { subtractsBelow: -0.5, nothingBelow: 0.25, smallBelow: 0.75, largeFrom: 1.3 };
/** A whole string that reads less than this share of one cell lets nothing through (common practice, no source). */
const NOTHING_THROUGH = 0.12;
/** Readings within one standard deviation count as planned, within this many as ordinary scatter. */
const ORDINARY_DEVIATIONS = 2.5;

/** The bench table of one string: cell 1 open, cell 1 current, then one row for each further cell. */
export function benchRows(input: BenchInput): BenchRow[] {
  const rows: BenchRow[] = [];
  for (let cells = 1; cells <= input.places.length; cells += 1) {
    rows.push(openRow(input, cells));
    if (cells === 1) rows.push(shortRow(input));
  }
  return rows;
}

function openRow(input: BenchInput, cells: number): BenchRow {
  const read = openReading(input, cells);
  const before = cells === 1 ? 0 : openReading(input, cells - 1);
  const step = read === null || before === null ? null : read - before;
  const places = input.places.slice(0, cells);
  const own = places.at(-1)?.emfVolts ?? 0;
  const expected = places.reduce((sum, { emfVolts }) => sum + emfVolts, 0);
  const scatter = input.voltsShare * Math.hypot(...places.map(({ emfVolts }) => emfVolts));
  return {
    kind: 'open-circuit',
    cells,
    label: cells === 1 ? 'cell 1, nothing connected' : `cells 1–${cells}, nothing connected`,
    expected,
    scatter,
    read,
    step,
    missing: step === null || step >= own ? null : own - step,
    meaning:
      read === null ? null : meaningOfVolts(places, { read, before, step, expected, scatter }),
  };
}

function openReading(input: BenchInput, cells: number): number | null {
  const found = input.readings.find((one) => one.kind === 'open-circuit' && one.cells === cells);
  return found?.kind === 'open-circuit' ? found.volts : null;
}

interface VoltsRead {
  readonly read: number;
  /** Volts with one cell less; `null` where they were not read. */
  readonly before: number | null;
  readonly step: number | null;
  readonly expected: number;
  readonly scatter: number;
}

function meaningOfVolts(
  places: readonly BenchPlace[],
  { read, before, step, expected, scatter }: VoltsRead,
): ReadingMeaning {
  const cells = places.length;
  const ceiling = places.reduce((sum, { ceilingVolts }) => sum + ceilingVolts, 0);
  if (read > ceiling) {
    return wrong(
      'not-believable',
      `more than ${cells === 1 ? 'one cell' : `${cells} cells`} can give (${formatVolts(ceiling)})`,
    );
  }
  const own = places.at(-1)?.emfVolts ?? 1;
  if (Math.abs(read) < NOTHING_THROUGH * own) {
    const still = cells > 1 && before !== null && before / own < NOTHING_THROUGH;
    return wrong('no-contact', `${still ? 'still ' : ''}nothing comes through`);
  }
  const wrongStep = step === null ? null : meaningOfStep(cells, step / own);
  if (wrongStep !== null) return wrongStep;
  return meaningOfDeviation((read - expected) / scatter);
}

/** What a step does to the volts; why it does so is for the fault finder to say. */
function meaningOfStep(cell: number, share: number): ReadingMeaning | null {
  if (share < STEP_LIMITS.subtractsBelow)
    return wrong('subtracts', `cell ${cell} takes volts away`);
  if (share < STEP_LIMITS.nothingBelow) return wrong('adds-nothing', `cell ${cell} adds nothing`);
  if (share < STEP_LIMITS.smallBelow) return wrong('small-step', `cell ${cell} adds too little`);
  if (share > STEP_LIMITS.largeFrom) return wrong('large-step', `cell ${cell} adds too much`);
  return null;
}

function shortRow(input: BenchInput): BenchRow {
  const found = input.readings.find((one) => one.kind === 'short-circuit');
  const read = found?.kind === 'short-circuit' ? found.amps : null;
  const { shortAmps, ampsLog } = input;
  return {
    kind: 'short-circuit',
    cells: 1,
    label: 'cell 1, current',
    expected: shortAmps,
    scatter: shortAmps * ampsLog,
    read,
    step: null,
    missing: null,
    meaning: read === null ? null : meaningOfAmps(read, shortAmps, ampsLog),
  };
}

function meaningOfAmps(read: number, expected: number, ampsLog: number): ReadingMeaning {
  if (read <= 0) return wrong('low', 'no current');
  return meaningOfDeviation(Math.log(read / expected) / ampsLog);
}

/** Where a reading lies in ordinary scatter, in standard deviations. */
export function meaningOfDeviation(deviations: number): ReadingMeaning {
  if (Math.abs(deviations) <= 1) return fine('as-planned', 'as planned');
  if (Math.abs(deviations) <= ORDINARY_DEVIATIONS) return fine('within-scatter', 'within scatter');
  return deviations < 0
    ? wrong('low', 'lower than expected')
    : wrong('high', 'higher than expected');
}

function fine(code: ReadingMeaning['code'], wording: string): ReadingMeaning {
  return { code, fine: true, wording };
}

function wrong(code: ReadingMeaning['code'], wording: string): ReadingMeaning {
  return { code, fine: false, wording };
}
