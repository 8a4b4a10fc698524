import { cellAmpsAt, type CellModel } from '../../physics/cell/cellModel';
import type { Spread } from '../../physics/readings/cellBelief';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { MEDIAN_MARGIN } from '../../physics/chance/mostChance';
import { gridDesk } from '../../physics/desk/desk';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import { endBefore, modelAfter } from './batteryInTime';
import { chanceInTime } from './chanceInTime';
import { onStrongClass, type BatteryRequirement } from './loadLimits';

/** Equal cells, so many in series, such strings side by side. */
export interface Grid {
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly cells: number;
}

/** What is asked of a grid of equal cells. */
export interface GridRequirement extends BatteryRequirement {
  readonly cell: PlannedCell;
  /** Most strings of a length that the parts are enough for; nothing said: what is missing is bought. */
  readonly mostStrings?: ((cellsInSeries: number) => number) | undefined;
}

/** A wiring that meets a requirement. */
export interface GridCandidate extends Grid {
  /** Share of simulated classes in which it works for the whole time. */
  readonly chance: number;
}

export interface GridLimits {
  /** Longest string. */
  readonly longest: number;
  readonly mostCells: number;
  /** Share of classes in which a wiring must work. */
  readonly leastChance: number;
  /** How many wirings are wanted, fewest cells first. */
  readonly wanted: number;
}

/**
 * Wirings that meet a wish: for each length of string the least number of strings that works in enough classes, fewest cells
 * first. Lengths are taken up in the order of what they need at the very least, so that those which cannot be among the
 * wanted ones are never simulated.
 */
export function searchGrids(asked: GridRequirement, limits: GridLimits): GridCandidate[] {
  const { longest, mostCells, leastChance, wanted } = limits;
  const { mostStrings = () => Infinity } = asked;
  const atLeast = lengthsOf(asked, longest)
    .filter(({ cells }) => cells <= mostCells)
    .sort((a, b) => a.cells - b.cells || a.cellsInSeries - b.cellsInSeries);
  const found: GridCandidate[] = [];
  for (const { cellsInSeries, strings: least, cells } of atLeast) {
    const bound = found[wanted - 1]?.cells ?? mostCells;
    if (cells > bound) break;
    const most = Math.min(Math.floor(bound / cellsInSeries), mostStrings(cellsInSeries));
    const one = fewestStrings(asked, cellsInSeries, least, most, leastChance);
    if (one === null) continue;
    found.push(one);
    found.sort((a, b) => a.cells - b.cells || a.strings - b.strings);
  }
  return found.slice(0, wanted);
}

/** What each length of string needs at the very least: the typical battery must give what is wanted. */
function lengthsOf(asked: GridRequirement, longest: number): Grid[] {
  const { need } = asked;
  const grids: Grid[] = [];
  for (let cellsInSeries = 1; cellsInSeries <= longest; cellsInSeries += 1) {
    const amps = cellAmpsAt(modelAtEnd(asked, cellsInSeries), need.volts / cellsInSeries);
    if (!(amps > 0)) continue;
    const strings = Math.max(1, Math.ceil(need.amps / (MEDIAN_MARGIN * amps)));
    grids.push({ cellsInSeries, strings, cells: cellsInSeries * strings });
  }
  return grids;
}

function fewestStrings(
  asked: GridRequirement,
  cellsInSeries: number,
  least: number,
  most: number,
  leastChance: number,
): GridCandidate | null {
  if (least > most) return null;
  const chances = new Map<number, number>();
  const works = (strings: number): boolean => {
    const chance = chanceOfGrid(asked, { cellsInSeries, strings }, leastChance);
    chances.set(strings, chance);
    return chance >= leastChance;
  };
  const strings = leastThat(works, guessOf(asked, cellsInSeries), least, most);
  if (strings === null) return null;
  const chance = chances.get(strings) ?? 0;
  return { cellsInSeries, strings, cells: cellsInSeries * strings, chance };
}

/** Share of classes in which a grid works for the whole time; 0 where it is less than is asked, or ends before. */
export function chanceOfGrid(
  asked: GridRequirement,
  { cellsInSeries, strings }: Pick<Grid, 'cellsInSeries' | 'strings'>,
  leastChance: number,
): number {
  const desk = gridDesk(asked.cell, cellsInSeries, strings);
  const { need } = onStrongClass(desk, asked);
  const chance = chanceInTime(secondsOf(asked), desk, need, asked.running, undefined, leastChance);
  const fails = chance < leastChance || endBefore(secondsOf(asked), desk, need, asked.running);
  return fails ? 0 : chance;
}

/** A class that is one deviation short is about what nine in ten still reach. */
function guessOf(asked: GridRequirement, cellsInSeries: number): number {
  const length = { shortest: cellsInSeries, longest: cellsInSeries };
  const weak = weakCell(modelAtEnd(asked, cellsInSeries), asked.cell.belief.level);
  return gridsFor(weak, asked.need, length)[0]?.strings ?? Infinity;
}

/** The cell after the wanted time, in strings of a length. */
export function modelAtEnd(asked: GridRequirement, cellsInSeries: number): CellModel {
  return modelAfter(asked.cell, asked.running, cellsInSeries, secondsOf(asked));
}

/** How long it must run. */
export function secondsOf({ minutes }: Pick<BatteryRequirement, 'minutes'>): number {
  return 60 * minutes;
}

/** Least whole number from `least` to `most` with which something works, sought from a guess on; `null` where none does. */
function leastThat(
  works: (count: number) => boolean,
  guess: number,
  least: number,
  most: number,
): number | null {
  let at = Math.min(most, Math.max(least, guess));
  if (works(at)) {
    while (at > least && works(at - 1)) at -= 1;
    return at;
  }
  let fails = at;
  for (let step = 1; ; step *= 2) {
    if (fails >= most) return null;
    at = Math.min(most, fails + step);
    if (works(at)) break;
    fails = at;
  }
  while (at - fails > 1) {
    const middle = Math.floor((at + fails) / 2);
    if (works(middle)) at = middle;
    else fails = middle;
  }
  return at;
}

/** Which lengths of string are tried. */
export interface GridLengths {
  readonly shortest?: number;
  readonly longest: number;
  readonly step?: number;
}

/** A share of a string that rounding may cost. */
const ROUNDING_SHARE = 1e-12;

/**
 * For each length of string the least number of strings that give `amps` at `volts`; lengths that do not reach the
 * volts are left out. The one search for the fewest cells: whoever needs a margin hands over a weaker cell.
 */
export function gridsFor(
  cell: CellModel,
  { volts, amps }: { readonly volts: number; readonly amps: number },
  { shortest = 1, longest, step = 1 }: GridLengths,
): Grid[] {
  const grids: Grid[] = [];
  for (let cellsInSeries = shortest; cellsInSeries <= longest; cellsInSeries += step) {
    const stringAmps = cellAmpsAt(cell, volts / cellsInSeries);
    if (!(stringAmps > 0)) continue;
    const strings = Math.max(1, Math.ceil((amps / stringAmps) * (1 - ROUNDING_SHARE)));
    grids.push({ cellsInSeries, strings, cells: cellsInSeries * strings });
  }
  return grids;
}

/** So many deviations short a class's level is what nineteen of twenty still reach. */
const LEVEL_DEVIATIONS = 1.645;

/** A cell one standard deviation short in volts, in resistance and in what its reactions give, of a class whose level is low. */
export function weakCell(cell: CellModel, level: Spread): CellModel {
  const weaker = (1 + CLASS_SCATTER.resistanceLog) * Math.exp(LEVEL_DEVIATIONS * level.ampsLog);
  return {
    ...cell,
    emfVolts: cell.emfVolts * (1 - CLASS_SCATTER.emfShare),
    resistanceOhms: cell.resistanceOhms * weaker,
    activation:
      cell.activation === undefined
        ? undefined
        : { ...cell.activation, exchangeAmps: cell.activation.exchangeAmps / weaker },
    limitingAmps: cell.limitingAmps === undefined ? undefined : cell.limitingAmps / weaker,
  };
}
