import { deviationsBelow } from '../../numeric/normalShare';
import { cellAmpsAt, parallelCells } from '../../physics/cell/cellModel';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { type Desk, gridDesk } from '../../physics/desk/desk';
import { MAX_CELLS } from '../../physics/desk/limits';
import { loadOnDesk } from '../../physics/desk/solveDesk';
import { formatAmps } from '../../units';
import { CHANCE_DEFAULTS, chanceInTime, deskAfter, usualRun, type ClassRun } from './batteryInTime';
import { onStrongClass } from './loadLimits';
import { PLANNING_DEFAULTS } from './planGrids';
import { secondsOf, type GridRequirement } from './searchGrids';

/** So many times stronger or weaker than the typical cell is looked at. */
const MOST_SCALE = 64;
/** A chance so little above the wanted one, or a bracket so narrow, is near enough. */
const NEAR = { chance: 2e-3, logScale: 5e-3 } as const;
const MAX_STEPS = 14;
/** Chances beyond these tell little about how far it still is. */
const TELLING = { least: 2e-3, most: 1 - 2e-3 } as const;

/**
 * Least current of one cell, shorted at once after connecting, with which a wiring still works in enough classes, amperes: the
 * cell's whole curve is scaled along its current axis. `null` where no cell is strong enough. The chance, as deviations of a
 * normal distribution, is nearly a straight line against the logarithm of the scale, along which the search goes.
 */
export function leastShortAmps(
  asked: GridRequirement,
  cellsInSeries: number,
  strings: number,
): number | null {
  const desk = gridDesk(asked.cell, cellsInSeries, strings);
  const { need } = onStrongClass(desk, asked);
  const { amps } = loadOnDesk(deskAfter(desk, asked.running, secondsOf(asked)), need.load);
  // Into a load that holds its volts the current grows with the cells; a class needs something to spare.
  const from = amps > 0 ? (SPARE * need.amps) / amps : 1;
  const glance = scaleThatDoes(asked, cellsInSeries, strings, from, GLANCE);
  const scale =
    glance === null
      ? null
      : scaleThatDoes(asked, cellsInSeries, strings, glance, usualRun(cellsInSeries * strings));
  return scale === null ? null : cellAmpsAt(asked.cell.model, 0) * scale;
}

/** The same for a battery as it is meant; `null` too where a cell was measured, or the cells are not alike. */
export function leastFirstCell(asked: GridRequirement, { grid }: Desk): number | null {
  return asked.cell.origin === 'own' || grid === null
    ? null
    : leastShortAmps(asked, grid.cellsInSeries, grid.strings);
}

const SPARE = 1.25;
/** A few classes show about where it lies. */
const GLANCE = { classes: 80, seed: CHANCE_DEFAULTS.seed } as const;

function scaleThatDoes(
  asked: GridRequirement,
  cellsInSeries: number,
  strings: number,
  from: number,
  run: ClassRun,
): number | null {
  const { recommendedFrom } = PLANNING_DEFAULTS;
  const goal = deviationsBelow(recommendedFrom);
  let [low, high] = [-Math.log(MOST_SCALE), Math.log(MOST_SCALE)];
  let best: number | null = null;
  let at = Math.min(high, Math.max(low, Math.log(from)));
  let slope = Math.sqrt(cellsInSeries * strings) / CLASS_SCATTER.resistanceLog;
  let before: { readonly at: number; readonly deviations: number } | null = null;
  for (let step = 0; step < MAX_STEPS && high - low > NEAR.logScale; step += 1) {
    const scale = Math.exp(at);
    const cell = { ...asked.cell, model: parallelCells(asked.cell.model, scale) };
    const desk = gridDesk(cell, cellsInSeries, strings);
    const { need } = onStrongClass(desk, asked);
    const chance = chanceInTime(secondsOf(asked), desk, need, asked.running, run);
    if (chance >= recommendedFrom) {
      high = at;
      best = at;
      if (chance - recommendedFrom < NEAR.chance) break;
    } else low = at;
    const deviations = deviationsBelow(Math.min(TELLING.most, Math.max(TELLING.least, chance)));
    const measured = before === null ? 0 : (deviations - before.deviations) / (at - before.at);
    if (measured > 0) slope = measured;
    before = { at, deviations };
    const next = at + (goal - deviations) / slope + NEAR.logScale / 4;
    at = next > low && next < high ? next : (low + high) / 2;
  }
  return best === null ? null : Math.exp(best);
}

/** One row of the table: with such a first cell, so much is built. */
export interface FirstCellRow {
  /** Least short-circuit current of the first cell, amperes. */
  readonly fromAmps: number;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly cells: number;
}

const ROWS_WEAKER = 3;
const ROWS_STRONGER = 2;

/**
 * What to build once the first cell was read: strings of the same length, fewer of them where it is strong and more where it
 * is weak; strongest first.
 */
export function firstCellTable(
  asked: GridRequirement,
  cellsInSeries: number,
  strings: number,
): FirstCellRow[] {
  const counts: number[] = [];
  for (let count = strings - ROWS_STRONGER; count <= strings + ROWS_WEAKER; count += 1) {
    if (count >= 1 && count * cellsInSeries <= MAX_CELLS) counts.push(count);
  }
  const rows: FirstCellRow[] = [];
  for (const count of counts) {
    const fromAmps = leastShortAmps(asked, cellsInSeries, count);
    if (fromAmps === null) continue;
    // Where one string more would not help a weaker cell, it is no row of its own.
    const before = rows.at(-1);
    if (before !== undefined && fromAmps >= before.fromAmps * 0.97) continue;
    rows.push({ fromAmps, cellsInSeries, strings: count, cells: count * cellsInSeries });
  }
  return rows;
}

/** Which readings a row is for: “0.6 mA and more”, “0.31 mA to 0.6 mA”. */
export function rangeOfRow(rows: readonly FirstCellRow[], index: number): string {
  const from = formatAmps(roundedUp(rows[index]?.fromAmps ?? 0));
  const above = rows[index - 1];
  return above === undefined
    ? `${from} and more`
    : `${from} to ${formatAmps(roundedUp(above.fromAmps))}`;
}

/** The row for a first cell that reads so many amperes; `null` where it is too weak for all of them. */
export function rowFor(rows: readonly FirstCellRow[], amps: number): FirstCellRow | null {
  return rows.find(({ fromAmps }) => amps >= fromAmps) ?? null;
}

/** Two figures, never less than what is needed. */
export function roundedUp(amps: number): number {
  if (!(amps > 0)) return 0;
  const digit = 10 ** (Math.floor(Math.log10(amps)) - 1);
  return Math.ceil(amps / digit - 1e-9) * digit;
}
