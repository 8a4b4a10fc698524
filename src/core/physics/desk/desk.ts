import type { CellModel } from '../chemistry/cellModel';
import type { Piece } from '../chemistry/pieces';
import type { CellBody, Recipe } from '../chemistry/recipe';
import { bodyOf, RECIPES } from '../chemistry/recipes';
import { placeName } from '../circuit/faults/batteryNetwork';
import type { BatterySpec, CellFault, SpecCell, SpecItem } from '../circuit/faults/batterySpec';
import { usualCell, type PlannedCell } from '../chemistry/plannedCell';
import { PLAIN_CELL, type DeskArrangement, type DeskCell, type DeskItem } from './deskSchema';

/** A cell as it stands on the desk. */
export interface StandingCell {
  readonly kind: 'cell';
  /** `string 1 cell 2`: its place, which is also the name of its component in the network. */
  readonly name: string;
  readonly recipe: Recipe;
  readonly body: CellBody;
  /** How the fruit or root is cut. */
  readonly piece: Piece;
  readonly model: CellModel;
  /** − electrodes in its body: metal that dissolves. */
  readonly minusElectrodes: number;
  readonly faults: readonly CellFault[];
  readonly sharedBody: string | null;
}

export interface StandingGroup {
  readonly kind: 'group';
  readonly name: string;
  readonly strings: readonly (readonly StandingCell[])[];
}

export type StandingItem = StandingCell | StandingGroup;

/** The battery as it stands on the desk, with everything that may be wrong with it. */
export interface Desk {
  readonly strings: readonly (readonly StandingItem[])[];
  readonly loadReversed: boolean;
  /** Nothing but equal sound cells, all strings equally long: what the short formulas are for, whichever way round the load is. */
  readonly plainGrid: boolean;
}

/** Equal cells of the plan in a grid. */
export function gridDesk(cell: PlannedCell, cellsInSeries: number, strings: number): Desk {
  return {
    strings: Array.from({ length: strings }, (_, index) =>
      Array.from({ length: cellsInSeries }, (_cell, place) =>
        standing(PLAIN_CELL, cell, placeName(index + 1, place + 1)),
      ),
    ),
    loadReversed: false,
    plainGrid: true,
  };
}

/** The battery that was laid out by hand. */
export function deskOf({ strings, loadReversed }: DeskArrangement, cell: PlannedCell): Desk {
  return {
    strings: strings.map((items, index) =>
      items.map((item, place) => standingItem(item, cell, placeName(index + 1, place + 1))),
    ),
    loadReversed,
    plainGrid: isPlainGrid(strings),
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

function standing(deskCell: DeskCell, planned: PlannedCell, name: string): StandingCell {
  const { mix, faults, sharedBody } = deskCell;
  const { recipe, body, piece, model, minusElectrodes } =
    mix === null ? planned : mixed(mix, planned);
  return { kind: 'cell', name, recipe, body, piece, model, minusElectrodes, faults, sharedBody };
}

/** A typical cell of another recipe, in the same room. */
function mixed(mix: NonNullable<DeskCell['mix']>, { celsius }: PlannedCell): PlannedCell {
  const recipe = RECIPES[mix.recipe];
  return usualCell(recipe, bodyOf(recipe, mix.body), celsius);
}

/** The same battery with other curves in its cells; equal cells in strings of one length stay the same cell. */
export function withModels(
  desk: Desk,
  modelOf: (cell: StandingCell, cellsInString: number) => CellModel,
): Desk {
  const known = new Map<string, CellModel>();
  const kinds = new Map<CellModel, number>();
  const changed = (cell: StandingCell, cells: number): StandingCell => {
    if (!kinds.has(cell.model)) kinds.set(cell.model, kinds.size);
    const key = `${kinds.get(cell.model)} ${cell.recipe.family} ${cell.body.id} ${cell.piece} ${cell.minusElectrodes} ${cells}`;
    const model = known.get(key) ?? modelOf(cell, cells);
    known.set(key, model);
    return { ...cell, model };
  };
  return {
    ...desk,
    strings: desk.strings.map((items) =>
      items.map((item) =>
        item.kind === 'cell'
          ? changed(item, items.length)
          : {
              ...item,
              strings: item.strings.map((cells) => cells.map((one) => changed(one, cells.length))),
            },
      ),
    ),
  };
}

/** All cells, in the order in which they stand. */
export function cellsOf({ strings }: Pick<Desk, 'strings'>): StandingCell[] {
  return strings.flatMap((items) =>
    items.flatMap((item) => (item.kind === 'cell' ? [item] : item.strings.flat())),
  );
}

/** Number of things wrong on the desk. */
export function faultCount(desk: Desk): number {
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
  const sound = (cell: StandingCell): StandingCell => ({ ...cell, faults: [], sharedBody: null });
  const strings = desk.strings.map((items) =>
    items.map((item) =>
      item.kind === 'cell'
        ? sound(item)
        : { ...item, strings: item.strings.map((cells) => cells.map(sound)) },
    ),
  );
  return { strings, loadReversed: false, plainGrid: isGridOfOneCell(strings) };
}

/** Strings of one length of the same cell. */
function isGridOfOneCell(strings: Desk['strings']): boolean {
  const [first] = strings[0] ?? [];
  const length = strings[0]?.length;
  return strings.every(
    (items) =>
      items.length === length &&
      items.every(
        (item) => item.kind === 'cell' && first?.kind === 'cell' && item.model === first.model,
      ),
  );
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
