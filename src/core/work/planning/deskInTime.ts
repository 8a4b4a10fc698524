import { familyOf } from '../../physics/chemistry/families';
import type { CellModel } from '../../physics/chemistry/cellModel';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import {
  withModels,
  withoutFaults,
  type Desk,
  type StandingCell,
  type StandingItem,
} from '../../physics/desk/desk';
import { cellAfter, type AgeingCell } from '../../physics/time/ageingCell';
import { ageingCell } from '../../physics/time/ageingOfFamily';
import { soakSecondsOf, wrapOf, type Running } from '../../records/plan/runningSchema';
import type { StringOnMetal } from '../../physics/chance/metalChance';
import { endOfCell, type CellEndsAt } from './cellInUse';

/** The battery after so many seconds of use, in closed form; nothing that is wrong on the desk changes. */
export function deskAfter(desk: Desk, running: Running, seconds: number): Desk {
  return withModels(desk, (cell, cellsInSeries) =>
    cellAfter(ageingOf(cell, cell.model, 1, running, cellsInSeries), seconds),
  );
}

/** When the first of the battery's cells ends while each string gives a steady current, amperes. */
export function endOfDesk(desk: Desk, running: Running, stringAmps: readonly number[]): CellEndsAt {
  let first: CellEndsAt = { seconds: Infinity, by: 'spoilt' };
  desk.strings.forEach((items, string) => {
    const amps = stringAmps[string] ?? 0;
    for (const item of items) {
      const cells = item.kind === 'cell' ? [item] : item.strings.flat();
      const share = item.kind === 'cell' ? 1 : item.strings.length;
      for (const cell of cells) {
        const ends = endOfCell(ageingOf(cell, cell.model, 1, running, items.length), amps / share);
        if (ends.seconds < first.seconds) first = ends;
      }
    }
  });
  return first;
}

/** The cells of a desk with what changes in them, string by string; a group counts as one cell of its summed size. */
export function agedStrings(desk: Desk, running: Running): AgeingCell[][] {
  return withoutFaults(desk).strings.map((items) =>
    items.flatMap((item) => agedItem(item, running, items.length)),
  );
}

/** The metal of each string over so many seconds: of the cell that has least of it. */
export function metalOfDesk(
  desk: Desk,
  running: Running,
  seconds: number,
  loadVolts: number,
): readonly Omit<StringOnMetal, 'meanAmps'>[] {
  return agedStrings(desk, running).map((cells) => {
    const least = cells.reduce((first, one) =>
      one.metalCoulombs < first.metalCoulombs ? one : first,
    );
    return {
      cells: cells.length,
      metalAmps: least.metalCoulombs / seconds,
      parasiticAmps: least.parasiticAmps,
      openVolts: cells.reduce((sum, { cell }) => sum + cell.emfVolts, 0),
      loadVolts,
    };
  });
}

function agedItem(item: StandingItem, running: Running, cellsInSeries: number): AgeingCell[] {
  if (item.kind === 'cell') return [ageingOf(item, item.model, 1, running, cellsInSeries)];
  const { length } = item.strings;
  return shortestOf(item.strings).map((cell) =>
    ageingOf(cell, sideBySide(cell.model, length), length, running, cellsInSeries),
  );
}

/** A group is calculated by its shortest string, so many times as large. */
export function shortestOf<Item>(strings: readonly (readonly Item[])[]): readonly Item[] {
  return strings.reduce((least, one) => (one.length < least.length ? one : least));
}

function ageingOf(
  { recipe, body, piece, minusElectrodes }: StandingCell,
  cell: CellModel,
  count: number,
  running: Running,
  cellsInSeries: number,
): AgeingCell {
  return ageingCell(cell, familyOf(recipe.family), {
    ...running,
    wrap: wrapOf(running, recipe),
    minusElectrodes: count * minusElectrodes,
    piece,
    liquid: body.liquid,
    soakSeconds: soakSecondsOf(running, recipe),
    cellsInSeries,
  });
}
