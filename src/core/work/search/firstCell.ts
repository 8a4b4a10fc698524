import { CELL_SPREAD, type CellReading, narrowedBelief } from '../../physics/readings/cellBelief';
import { cellBelieved } from '../../physics/readings/plannedCell';
import {
  suitableCurrentRange,
  type CurrentRange,
  type ShuntOhms,
} from '../../physics/instruments/meter';
import { shareOfOnePair } from '../../physics/recipes/cellBuild';
import type { Recipe } from '../../physics/recipes/recipe';
import { formatAmps } from '../../units';
import { PLANNING_DEFAULTS, planGrids } from './planGrids';
import { chanceOfGrid, type Grid, type GridRequirement } from './searchGrids';

/** One cell of a class is seldom stronger than so many deviations. */
const STRONG_DEVIATIONS = 2;
/** So many times weaker than the expected cell is looked at. */
const MOST_WEAKER = 16;
/** Rows begin where they do to this share. */
const NEAR = 0.01;
/** A row that covers less than this share of the currents is left out. */
const NO_ROW_SHARE = 0.95;

/** The same question about cells of a class of which some read so many amperes in the mean, shorted at once after connecting. */
function askedAfter(asked: GridRequirement, shortAmps: number, cells: number): GridRequirement {
  const reading = { shortAmps, openVolts: null };
  const belief = narrowedBelief(asked.cell.belief, new Array<CellReading>(cells).fill(reading));
  return { ...asked, cell: cellBelieved(asked.cell, belief) };
}

/** One row of the table: with such a first cell, so much is built. */
export interface FirstCellRow {
  /** Least short-circuit current of the first cell with all the metal in its body, amperes. */
  readonly fromAmps: number;
  /** The same as the hand meter shows it on the range that suits it. */
  readonly fromMeterAmps: number;
  readonly range: CurrentRange;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly cells: number;
  /** Pairs of metal in each. */
  readonly pairs: number;
}

const MOST_ROWS = 6;

/**
 * What to build once the first cell was read, or several were (their mean, as logarithms), strongest first: each row is what is
 * suggested with that reading. The stronger the cell, the less is built, so a row begins where its suggestion stops being enough.
 */
export function firstCellTable(
  asked: GridRequirement,
  shunts: ShuntOhms,
  cellsRead = 1,
): FirstCellRow[] {
  const { recommendedFrom } = PLANNING_DEFAULTS;
  const { shortAmps, openVolts, level } = asked.cell.belief;
  const onePair = shareOfOnePair(asked.cell);
  const oneCell = Math.hypot(level.ampsLog, CELL_SPREAD.ampsLog);
  const suggestedAt = (amps: number): Grid | null => {
    const plan = planGrids(askedAfter(asked, amps, cellsRead));
    return plan.status === 'possible' && plan.suggested.chance >= recommendedFrom
      ? plan.suggested
      : null;
  };
  const least = shortAmps / MOST_WEAKER;
  const rows: FirstCellRow[] = [];
  for (
    let at = shortAmps * Math.exp(STRONG_DEVIATIONS * oneCell);
    at > least && rows.length < MOST_ROWS;
  ) {
    const grid = suggestedAt(at);
    if (grid === null) {
      // So strong a cell eats its metal too soon, or so weak a one would take too many.
      if (rows.length > 0) break;
      at /= 2;
      continue;
    }
    const begun = at;
    let [low, high] = [least, begun];
    while (high / low > 1 + NEAR) {
      const middle = Math.sqrt(low * high);
      const does =
        chanceOfGrid(askedAfter(asked, middle, cellsRead), grid, recommendedFrom) >=
        recommendedFrom;
      if (does) high = middle;
      else low = middle;
    }
    at = low;
    // Where a weaker cell hardly makes a difference it is no row of its own: the next one covers it.
    if (high > NO_ROW_SHARE * begun) continue;
    const { cellsInSeries, strings, cells } = grid;
    const fromAmps = high / onePair;
    const range = suitableCurrentRange(fromAmps, shunts);
    const fromMeterAmps = openVolts / (openVolts / fromAmps + shunts[range]);
    const { pairs } = asked.cell.size;
    rows.push({ fromAmps, fromMeterAmps, range, cellsInSeries, strings, cells, pairs });
  }
  return rows;
}

/** Which readings a row is for: “0.6 mA and more”, “0.31 mA to 0.6 mA”. */
export function rangeOfRow(rows: readonly FirstCellRow[], index: number): string {
  const from = formatAmps(roundedUp(rows[index]?.fromMeterAmps ?? 0));
  const above = rows[index - 1];
  return above === undefined
    ? `${from} and more`
    : `${from} to ${formatAmps(roundedUp(above.fromMeterAmps))}`;
}

/** Head of the column of what all groups need: `lemons for 6 groups`. */
export function bodiesFor(bodies: string, groups: number): string {
  return groups === 1 ? bodies : `${bodies} for ${groups} groups`;
}

/** What a first cell asks for that reads less than every row. */
export function belowAllRows({ morePairs, plus }: Pick<Recipe, 'morePairs' | 'plus'>): string {
  return morePairs ? `more ${plus.material} in each` : 'larger metals, or another kind of cell';
}

/** The row for a first cell that reads so many amperes; `null` where it is too weak for all of them. */
export function rowFor(rows: readonly FirstCellRow[], amps: number): FirstCellRow | null {
  return rows.find(({ fromMeterAmps }) => amps >= fromMeterAmps) ?? null;
}

/** Two figures, never less than what is needed. */
export function roundedUp(amps: number): number {
  if (!(amps > 0)) return 0;
  const digit = 10 ** (Math.floor(Math.log10(amps)) - 1);
  return Math.ceil(amps / digit - 1e-9) * digit;
}
