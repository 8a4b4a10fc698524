import type { CellModel } from '../cell/cellModel';
import type { AgeingCell } from './ageingCell';

/** Equal strings side by side: they run down in the same way, so one of them is worked out. */
export interface GroupedString {
  /** Their places among all strings, from 0. */
  readonly members: readonly number[];
  readonly cells: readonly GroupedCell[];
  readonly curves: readonly GroupedCurve[];
}

/** Equal cells of a string. */
export interface GroupedCell {
  readonly ageing: AgeingCell;
  readonly times: number;
  /** Places in the string, from 0. */
  readonly places: readonly number[];
  /** Where its numbers begin in the state. */
  readonly at: number;
}

/** Cells of a string with the same curve, whatever became of them since. */
export interface GroupedCurve {
  readonly cell: CellModel;
  readonly soakSeconds: number | null;
  readonly times: number;
}

/**
 * Puts equal strings and equal cells together: twenty-four cells of a plain battery become one.
 * @param statesOfCell numbers that the state holds of each kind of cell.
 */
export function groupIdenticalCells(
  strings: readonly (readonly AgeingCell[])[],
  statesOfCell: number,
): GroupedString[] {
  const keyOf = keys();
  const byCells = new Map<string, number[]>();
  strings.forEach((cells, index) => {
    const key = cells.map(keyOf).join(' ');
    byCells.set(key, [...(byCells.get(key) ?? []), index]);
  });
  let at = 0;
  return [...byCells.values()].map((members) => {
    const cells = groupString(strings[members[0]!]!, keyOf, at, statesOfCell);
    at += statesOfCell * cells.length;
    return { members, cells, curves: curvesOf(cells) };
  });
}

function groupString(
  cells: readonly AgeingCell[],
  keyOf: (cell: AgeingCell) => string,
  start: number,
  statesOfCell: number,
): GroupedCell[] {
  const byKey = new Map<string, number[]>();
  cells.forEach((cell, place) => {
    byKey.set(keyOf(cell), [...(byKey.get(keyOf(cell)) ?? []), place]);
  });
  return [...byKey.values()].map((places, index) => ({
    ageing: cells[places[0]!]!,
    times: places.length,
    places,
    at: start + statesOfCell * index,
  }));
}

function curvesOf(cells: readonly GroupedCell[]): GroupedCurve[] {
  const byCurve = new Map<string, GroupedCurve>();
  for (const { ageing, times } of cells) {
    const { cell, soakSeconds } = ageing;
    const key = JSON.stringify([cell, soakSeconds]);
    byCurve.set(key, { cell, soakSeconds, times: times + (byCurve.get(key)?.times ?? 0) });
  }
  return [...byCurve.values()];
}

/** Short names for equal cells; objects seen before are not written out again. */
function keys(): (cell: AgeingCell) => string {
  const names = new Map<string, string>();
  const known = new Map<AgeingCell, string>();
  return (cell) => {
    const seen = known.get(cell);
    if (seen !== undefined) return seen;
    const written = JSON.stringify(cell);
    const name = names.get(written) ?? String(names.size);
    names.set(written, name);
    known.set(cell, name);
    return name;
  };
}
