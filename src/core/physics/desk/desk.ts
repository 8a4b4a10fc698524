import type { CellModel } from '../cell/cellModel';
import { placeName } from '../circuit/faults/batteryNetwork';
import type { BatterySpec, CellFault, SpecCell, SpecItem } from '../circuit/faults/batterySpec';
import { plannedCell, type PlannedCell } from '../readings/plannedCell';
import { cellBuild } from '../recipes/cellBuild';
import { bodyOf } from '../recipes/recipe';
import { RECIPES } from '../recipes/recipes';
import { PLAIN_CELL, type DeskArrangement, type DeskCell, type DeskItem } from './deskSchema';

/** A cell as it stands on the desk. */
export interface StandingCell extends PlannedCell {
  readonly kind: 'cell';
  /** `string 1 cell 2`: its place, which is also the name of its component in the network. */
  readonly name: string;
  readonly faults: readonly CellFault[];
  readonly sharedBody: string | null;
}

export interface StandingGroup {
  readonly kind: 'group';
  readonly name: string;
  readonly strings: readonly (readonly StandingCell[])[];
}

export type StandingItem = StandingCell | StandingGroup;

/** Equal sound cells, so many in series, such strings side by side: what the short formulas are for. */
export interface EqualCells {
  readonly cell: PlannedCell;
  readonly cellsInSeries: number;
  readonly strings: number;
}

/** The battery as it stands on the desk, with everything that may be wrong with it. */
export interface Desk {
  readonly strings: readonly (readonly StandingItem[])[];
  readonly loadReversed: boolean;
  /** Where it is nothing but equal sound cells, whichever way round the load is; `null` for any other battery. */
  readonly grid: EqualCells | null;
}

/** Equal cells in a grid; where each of them stands is worked out once that is asked. */
export function gridDesk(
  cell: PlannedCell,
  cellsInSeries: number,
  strings: number,
  loadReversed = false,
): Desk {
  let standingStrings: Desk['strings'] | null = null;
  return {
    grid: { cell, cellsInSeries, strings },
    loadReversed,
    get strings() {
      standingStrings ??= Array.from({ length: strings }, (_, index) =>
        Array.from({ length: cellsInSeries }, (_cell, place) =>
          standing(PLAIN_CELL, cell, placeName(index + 1, place + 1)),
        ),
      );
      return standingStrings;
    },
  };
}

/** The battery that was laid out by hand. */
export function deskOf({ strings, loadReversed }: DeskArrangement, cell: PlannedCell): Desk {
  if (isPlainGrid(strings)) {
    return gridDesk(cell, strings[0]?.length ?? 0, strings.length, loadReversed);
  }
  return {
    strings: strings.map((items, index) =>
      items.map((item, place) => standingItem(item, cell, placeName(index + 1, place + 1))),
    ),
    loadReversed,
    grid: null,
  };
}

/** Nothing but sound cells of the plan in strings of one length. */
export function isPlainGrid(strings: DeskArrangement['strings']): boolean {
  const length = strings[0]?.length ?? 0;
  return strings.every(
    (items) =>
      items.length === length &&
      items.every(
        (item) =>
          item.kind === 'cell' &&
          item.mix === null &&
          item.faults.length === 0 &&
          item.sharedBody === null,
      ),
  );
}

function standingItem(item: DeskItem, cell: PlannedCell, name: string): StandingItem {
  if (item.kind === 'cell') return standing(item, cell, name);
  return {
    kind: 'group',
    name,
    strings: item.strings.map((cells, index) =>
      cells.map((one, place) => standing(one, cell, placeName(index + 1, place + 1, name))),
    ),
  };
}

function standing(
  { mix, faults, sharedBody }: DeskCell,
  planned: PlannedCell,
  name: string,
): StandingCell {
  const cell = mix === null ? planned : mixed(mix, planned);
  return { ...cell, kind: 'cell', name, faults, sharedBody };
}

/** A typical cell of another recipe, in the same room. */
function mixed(mix: NonNullable<DeskCell['mix']>, { celsius }: PlannedCell): PlannedCell {
  const recipe = RECIPES[mix.recipe];
  return plannedCell(cellBuild(recipe, bodyOf(recipe, mix.body)), celsius);
}

/** The same battery with every cell changed, those of groups too. */
function withEveryCell(
  strings: Desk['strings'],
  change: (cell: StandingCell, cellsInString: number) => StandingCell,
): Desk['strings'] {
  return strings.map((items) =>
    items.map((item) =>
      item.kind === 'cell'
        ? change(item, items.length)
        : {
            ...item,
            strings: item.strings.map((cells) => cells.map((one) => change(one, cells.length))),
          },
    ),
  );
}

/** The same battery with other curves in its cells; equal cells in strings of one length stay the same cell. */
export function withModels(
  desk: Desk,
  modelOf: (cell: PlannedCell, cellsInString: number) => CellModel,
): Desk {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    const changed = { ...cell, model: modelOf(cell, cellsInSeries) };
    return gridDesk(changed, cellsInSeries, strings, desk.loadReversed);
  }
  const models = new Map<string, CellModel>();
  const kinds = new Map<CellModel, number>();
  const strings = withEveryCell(desk.strings, (cell, cells) => {
    const { recipe, body, piece, size } = cell;
    if (!kinds.has(cell.model)) kinds.set(cell.model, kinds.size);
    const key = `${kinds.get(cell.model)} ${recipe.id} ${body.id} ${piece} ${size.pairs} ${size.extraMinus} ${cells}`;
    const model = models.get(key) ?? modelOf(cell, cells);
    models.set(key, model);
    return { ...cell, model };
  });
  return { ...desk, strings };
}

/** All cells, in the order in which they stand. */
export function cellsOf({ strings }: Pick<Desk, 'strings'>): StandingCell[] {
  return strings.flatMap((items) =>
    items.flatMap((item) => (item.kind === 'cell' ? [item] : item.strings.flat())),
  );
}

/** Number of things wrong on the desk. */
export function faultCount(desk: Desk): number {
  if (desk.grid !== null) return desk.loadReversed ? 1 : 0;
  const bodies = new Set(
    cellsOf(desk).flatMap(({ sharedBody }) => (sharedBody === null ? [] : [sharedBody])),
  );
  return (
    cellsOf(desk).reduce((sum, { faults }) => sum + faults.length, 0) +
    bodies.size +
    (desk.loadReversed ? 1 : 0)
  );
}

/** The same battery with nothing wrong. */
export function withoutFaults(desk: Desk): Desk {
  if (desk.grid !== null) return desk.loadReversed ? gridOf(desk.grid) : desk;
  const strings = withEveryCell(desk.strings, (cell) => ({
    ...cell,
    faults: [],
    sharedBody: null,
  }));
  const [first] = strings[0] ?? [];
  const cellsInSeries = strings[0]?.length ?? 0;
  const isGrid =
    first?.kind === 'cell' &&
    strings.every(
      (items) =>
        items.length === cellsInSeries &&
        items.every((item) => item.kind === 'cell' && item.model === first.model),
    );
  return isGrid
    ? gridDesk(first, cellsInSeries, strings.length)
    : { strings, loadReversed: false, grid: null };
}

function gridOf({ cell, cellsInSeries, strings }: EqualCells): Desk {
  return gridDesk(cell, cellsInSeries, strings);
}

/** The battery as the network builder takes it. */
export function specOf({ strings }: Pick<Desk, 'strings'>): BatterySpec {
  return { strings: strings.map((items) => items.map(specItem)) };
}

function specItem(item: StandingItem): SpecItem {
  return item.kind === 'cell'
    ? specCell(item)
    : { strings: item.strings.map((cells) => cells.map(specCell)) };
}

function specCell({ model, faults, sharedBody }: StandingCell): SpecCell {
  return { cell: model, faults, body: sharedBody };
}

/** A group is calculated by its shortest string, so many times as large. */
export function shortestOf<Item>(strings: readonly (readonly Item[])[]): readonly Item[] {
  return strings.reduce((least, one) => (one.length < least.length ? one : least));
}
