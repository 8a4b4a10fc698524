import { cellAmpsAt } from '../../physics/chemistry/cellAmpsAt';
import { CHANCE_DEFAULTS } from './chanceOfGrid';
import { oneSigmaWeakCell } from './oneSigmaWeakCell';
import { chanceInUse, lastsInGrid, type GridWish } from './gridWish';
import { gridsFor, type Grid } from './gridsFor';

/** A wiring that meets the wish. */
export interface GridCandidate extends Grid {
  /** Share of simulated classes in which it works for the whole time. */
  readonly chance: number;
}

export interface GridLimits {
  /** Longest string. */
  readonly longest: number;
  readonly mostCells: number;
  /** Most strings of a length, where parts run out. */
  readonly mostStrings?: ((cellsInSeries: number) => number) | undefined;
  /** Share of classes in which a wiring must work. */
  readonly leastChance: number;
  /** How many wirings are wanted, fewest cells first. */
  readonly wanted: number;
}

/**
 * Side by side the conductances of scattered cells add up to a little more than the typical ones do, `exp(σ²/2)`: so much
 * less than the typical cell gives may still do in half of the classes.
 */
const MEDIAN_MARGIN = 1.06;

/**
 * Wirings that meet a wish: for each length of string the least number of strings that works in enough classes, fewest cells
 * first. Lengths are taken up in the order of what they need at the very least, so that those which cannot be among the
 * wanted ones are never simulated.
 */
export function searchGrids(wish: GridWish, limits: GridLimits): GridCandidate[] {
  const { longest, mostCells, mostStrings = () => Infinity, leastChance, wanted } = limits;
  const atLeast = lengthsOf(wish, longest)
    .filter(({ cells }) => cells <= mostCells)
    .sort((a, b) => a.cells - b.cells || a.cellsInSeries - b.cellsInSeries);
  const found: GridCandidate[] = [];
  for (const { cellsInSeries, strings: least, cells } of atLeast) {
    const bound = found[wanted - 1]?.cells ?? mostCells;
    if (cells > bound) break;
    const most = Math.min(Math.floor(bound / cellsInSeries), mostStrings(cellsInSeries));
    const one = fewestStrings(wish, cellsInSeries, least, most, leastChance);
    if (one === null) continue;
    found.push(one);
    found.sort((a, b) => a.cells - b.cells || b.chance - a.chance);
  }
  return found.slice(0, wanted);
}

/** What each length of string needs at the very least: the typical battery must give what is wanted. */
function lengthsOf({ use, need }: GridWish, longest: number): Grid[] {
  const grids: Grid[] = [];
  for (let cellsInSeries = 1; cellsInSeries <= longest; cellsInSeries += 1) {
    const amps = cellAmpsAt(use.after(cellsInSeries), need.volts / cellsInSeries);
    if (!(amps > 0)) continue;
    const strings = Math.max(1, Math.ceil(need.amps / (MEDIAN_MARGIN * amps)));
    grids.push({ cellsInSeries, strings, cells: cellsInSeries * strings });
  }
  return grids;
}

/** A few classes show what is far from enough; whatever comes near is worked out with all of them. */
const GLANCE = { classes: 60, seed: CHANCE_DEFAULTS.seed };
const FAR = 0.15;

function fewestStrings(
  wish: GridWish,
  cellsInSeries: number,
  least: number,
  most: number,
  leastChance: number,
): GridCandidate | null {
  if (least > most) return null;
  const chances = new Map<number, number>();
  const works = (strings: number): boolean => {
    const chanceOf = (run?: typeof GLANCE): number =>
      chanceInUse(wish, cellsInSeries, strings, run, leastChance);
    if (chanceOf(GLANCE) < leastChance - FAR) return false;
    const chance = chanceOf();
    chances.set(strings, chance);
    return chance >= leastChance && lastsInGrid(wish, cellsInSeries, strings);
  };
  const strings = leastThat(works, guessOf(wish, cellsInSeries), least, most);
  if (strings === null) return null;
  const chance = chances.get(strings) ?? 0;
  return { cellsInSeries, strings, cells: cellsInSeries * strings, chance };
}

/** A class that is one deviation short is about what nine in ten still reach. */
function guessOf({ use, need }: GridWish, cellsInSeries: number): number {
  const length = { shortest: cellsInSeries, longest: cellsInSeries };
  const weak = oneSigmaWeakCell(use.after(cellsInSeries));
  return gridsFor(weak, need, length)[0]?.strings ?? Infinity;
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
