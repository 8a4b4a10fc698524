import type { CellFault } from '../circuit/faults/batterySpec';
import { FAULT_DEFAULTS } from '../circuit/faults/batterySpec';
import { isPlainGrid } from './desk';
import {
  cellsIn,
  PLAIN_CELL,
  type DeskArrangement,
  type DeskCell,
  type DeskItem,
} from './deskSchema';
import { LONGEST_STRING, MAX_CELLS } from './limits';

/** Where a cell stands: its string and its place there, and within a group its string and place there. All from 0. */
export interface DeskPlace {
  readonly string: number;
  readonly item: number;
  readonly within: { readonly string: number; readonly cell: number } | null;
}

export type FaultKind = CellFault['kind'];
type Strings = DeskArrangement['strings'];

/** A fault of a kind, as strong as it usually is. */
export function usualFault(kind: FaultKind): CellFault {
  switch (kind) {
    case 'poor-contact':
      return { kind, ohms: FAULT_DEFAULTS.poorContactOhms };
    case 'weaker':
      return { kind, share: FAULT_DEFAULTS.weakerShare };
    case 'dry':
      return { kind, factor: FAULT_DEFAULTS.dryFactor };
    case 'shorted':
      return { kind, ohms: FAULT_DEFAULTS.shortedOhms };
    case 'rim-leak':
      return { kind, ohms: FAULT_DEFAULTS.rimLeakOhms };
    case 'drip':
      return { kind, over: FAULT_DEFAULTS.dripOver, ohms: FAULT_DEFAULTS.dripOhms };
    case 'reversed':
    case 'open':
    case 'same-metal':
      return { kind };
  }
}

/** A grid of the plan's cells as laid out by hand. */
export function laidOutGrid(cellsInSeries: number, strings: number): DeskArrangement {
  return {
    kind: 'desk',
    strings: Array.from({ length: strings }, () =>
      Array.from({ length: cellsInSeries }, () => PLAIN_CELL),
    ),
    loadReversed: false,
  };
}

/** A battery with nothing wrong, as text: equal where it is the same battery. */
export function meantBy(
  battery: DeskArrangement | { readonly cellsInSeries: number; readonly strings: number },
): string {
  const desk =
    'kind' in battery
      ? withFaultsRemoved(battery)
      : laidOutGrid(battery.cellsInSeries, battery.strings);
  return JSON.stringify(desk.strings);
}

/** A battery laid out by hand that is a plain grid after all. */
export function asGrid({
  strings,
  loadReversed,
}: DeskArrangement): { cellsInSeries: number; strings: number } | null {
  return loadReversed || !isPlainGrid(strings)
    ? null
    : { cellsInSeries: strings[0]?.length ?? 0, strings: strings.length };
}

export function cellAt(
  desk: DeskArrangement,
  { string, item, within }: DeskPlace,
): DeskCell | null {
  const found = desk.strings[string]?.[item];
  if (found === undefined) return null;
  if (found.kind === 'cell') return within === null ? found : null;
  return within === null ? null : (found.strings[within.string]?.[within.cell] ?? null);
}

/** The desk with one cell changed. */
export function withCell(
  desk: DeskArrangement,
  place: DeskPlace,
  change: (cell: DeskCell) => DeskCell,
): DeskArrangement {
  return withItem(desk, place, (item) => {
    if (item.kind === 'cell') return [change(item)];
    const { within } = place;
    if (within === null) return [item];
    const strings = item.strings.map((cells, s) =>
      cells.map((cell, c) => (s === within.string && c === within.cell ? change(cell) : cell)),
    );
    return [{ ...item, strings }];
  });
}

/** Puts a fault on a cell, or takes it off. */
export function withFaultToggled(
  desk: DeskArrangement,
  place: DeskPlace,
  kind: FaultKind,
): DeskArrangement {
  return withCell(desk, place, (cell) => ({
    ...cell,
    faults: cell.faults.some((fault) => fault.kind === kind)
      ? cell.faults.filter((fault) => fault.kind !== kind)
      : [...cell.faults, usualFault(kind)],
  }));
}

/** How much weaker a cell is that is weaker already. */
export function withShare(desk: DeskArrangement, place: DeskPlace, share: number): DeskArrangement {
  return withCell(desk, place, (cell) => ({
    ...cell,
    faults: cell.faults.map((fault) => (fault.kind === 'weaker' ? { ...fault, share } : fault)),
  }));
}

/** Everything wrong taken off. */
export function withFaultsRemoved(desk: DeskArrangement): DeskArrangement {
  const sound = (cell: DeskCell): DeskCell => ({ ...cell, faults: [], sharedBody: null });
  return {
    ...desk,
    loadReversed: false,
    strings: desk.strings.map((items) =>
      items.map((item) =>
        item.kind === 'cell'
          ? sound(item)
          : { ...item, strings: item.strings.map((cells) => cells.map(sound)) },
      ),
    ),
  };
}

/** All cells of a string in one body, or each in its own again. */
export function withSharedBody(desk: DeskArrangement, string: number): DeskArrangement {
  const items = desk.strings[string] ?? [];
  const shared = items.every((item) => item.kind === 'group' || item.sharedBody !== null);
  const sharedBody = shared ? null : `body ${string + 1}`;
  return {
    ...desk,
    strings: desk.strings.map((one, index) =>
      index === string
        ? one.map((item) => (item.kind === 'cell' ? { ...item, sharedBody } : item))
        : one,
    ),
  };
}

/**
 * Takes a cell (or a whole group) away; empty strings and groups of one string go with it. Unchanged where nothing
 * would be left.
 */
export function withoutCell(desk: DeskArrangement, place: DeskPlace): DeskArrangement {
  const { within } = place;
  const left = tidy(
    withItem(desk, place, (item) => {
      if (item.kind === 'cell' || within === null) return [];
      const strings = item.strings.map((cells, s) =>
        s === within.string ? cells.filter((_, c) => c !== within.cell) : cells,
      );
      return ungrouped(strings.filter((cells) => cells.length > 0));
    }),
  );
  return cellsIn(left.strings) === 0 ? desk : left;
}

/** Puts a cell beside another one, so that both share the current; starts a group where there is none. */
export function withCellBeside(desk: DeskArrangement, place: DeskPlace): DeskArrangement {
  if (cellsIn(desk.strings) >= MAX_CELLS) return desk;
  return withItem(desk, place, (item) =>
    item.kind === 'cell'
      ? [{ kind: 'group', strings: [[item], [{ ...item, faults: [] }]] }]
      : [{ ...item, strings: [...item.strings, [PLAIN_CELL]] }],
  );
}

/** Puts a plain cell after another one in the same string. */
export function withCellAfter(desk: DeskArrangement, place: DeskPlace): DeskArrangement {
  const items = desk.strings[place.string] ?? [];
  if (cellsIn(desk.strings) >= MAX_CELLS || items.length >= LONGEST_STRING) return desk;
  const { within } = place;
  return withItem(desk, place, (item) => {
    if (item.kind === 'cell' || within === null) return [item, PLAIN_CELL];
    const strings = item.strings.map((cells, s) =>
      s === within.string
        ? [...cells.slice(0, within.cell + 1), PLAIN_CELL, ...cells.slice(within.cell + 1)]
        : cells,
    );
    return [{ ...item, strings }];
  });
}

/** Moves an item (a cell, or a whole group) to stand before another place, in its own string or in another one. */
export function withItemMoved(
  desk: DeskArrangement,
  from: Pick<DeskPlace, 'string' | 'item'>,
  to: Pick<DeskPlace, 'string' | 'item'>,
): DeskArrangement {
  const moved = desk.strings[from.string]?.[from.item];
  if (moved === undefined) return desk;
  const full = (desk.strings[to.string]?.length ?? 0) >= LONGEST_STRING;
  if (from.string !== to.string && full) return desk;
  const strings = desk.strings.map((items) => [...items]);
  strings[from.string]?.splice(from.item, 1);
  if (to.string >= strings.length) strings.push([moved]);
  else strings[to.string]?.splice(to.item, 0, moved);
  return tidy({ ...desk, strings });
}

/** Every string one cell longer or shorter, at its + end. */
export function withStringsOfLength(desk: DeskArrangement, change: 1 | -1): DeskArrangement {
  const strings = desk.strings.map((items) =>
    change === 1
      ? items.length < LONGEST_STRING
        ? [...items, PLAIN_CELL]
        : items
      : items.length > 1
        ? items.slice(0, -1)
        : items,
  );
  return cellsIn(strings) > MAX_CELLS ? desk : { ...desk, strings };
}

/** One string more, as long as the first and sound, or one less. */
export function withStringCount(desk: DeskArrangement, change: 1 | -1): DeskArrangement {
  const length = desk.strings[0]?.length ?? 1;
  const strings =
    change === 1
      ? [...desk.strings, Array.from({ length }, () => PLAIN_CELL)]
      : desk.strings.slice(0, Math.max(1, desk.strings.length - 1));
  return cellsIn(strings) > MAX_CELLS ? desk : { ...desk, strings };
}

function withItem(
  desk: DeskArrangement,
  { string, item }: Pick<DeskPlace, 'string' | 'item'>,
  change: (item: DeskItem) => DeskItem[],
): DeskArrangement {
  return {
    ...desk,
    strings: desk.strings.map((items, s) =>
      s === string ? items.flatMap((one, i) => (i === item ? change(one) : [one])) : items,
    ),
  };
}

/** A group of one string is that string. */
function ungrouped(strings: DeskCell[][]): DeskItem[] {
  const [only] = strings;
  return strings.length === 1 && only !== undefined ? only : [{ kind: 'group', strings }];
}

function tidy(desk: DeskArrangement): DeskArrangement {
  const strings: Strings = desk.strings.filter((items) => items.length > 0);
  return { ...desk, strings };
}
