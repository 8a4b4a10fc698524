import type { Desk, StandingCell, StandingItem } from './desk';
import type { DeskPlace } from './deskEdits';

/** Where everything stands in the desk picture, in drawing units (about a pixel each at 1280 px). */
export interface DeskGeometry {
  readonly layout: DeskLayout;
  readonly width: number;
  readonly height: number;
  readonly leftBusX: number;
  readonly rightBusX: number;
  /** Columns are this far apart. */
  readonly spacing: number;
  /** Size of a cell against the full drawing. */
  readonly scale: number;
  /** The layers of a pile touch: no leads between its cells. */
  readonly touching: boolean;
  readonly rows: readonly DeskRow[];
  readonly cells: readonly PlacedCell[];
  readonly leads: readonly Lead[];
  /** Signs of the ends of piles whose cells are too narrow for signs of their own. */
  readonly endSigns: readonly {
    readonly sign: '−' | '+';
    readonly x: number;
    readonly y: number;
  }[];
  /** Where groups part and join again. */
  readonly groupBuses: readonly {
    readonly x: number;
    readonly top: number;
    readonly bottom: number;
  }[];
  /** Middle of each item of each string: where its step begins in the stairs. */
  readonly stepsX: readonly (readonly number[])[];
  readonly loadX: number;
  readonly loadY: number;
  /** Where the + wire leaves the battery for the load. */
  readonly loadWireY: number;
  /** Where the wire from the load runs back under the strings. */
  readonly returnY: number;
  readonly stairsTop: number;
  readonly stairsBase: number;
}

export interface DeskRow {
  readonly y: number;
  /** Number of the string, from 1; `null` for the row that stands for several strings left out. */
  readonly string: number | null;
  readonly label: string;
}

export interface PlacedCell {
  readonly cell: StandingCell;
  readonly place: DeskPlace;
  readonly x: number;
  readonly y: number;
}

/** A lead between two terminals, at wire height. */
export interface Lead {
  readonly fromX: number;
  readonly toX: number;
  readonly y: number;
  readonly kind: 'link' | 'to-bus';
  readonly busY: number;
}

const LEFT_BUS = 58;
/** How the picture is laid out: the load beside the battery, or on a phone under it. */
const LAYOUTS = {
  wide: { width: 700, right: 132, side: 34, least: 1 },
  narrow: { width: 304, right: 18, side: 14, least: 0.6 },
} as const;
export type DeskLayout = keyof typeof LAYOUTS;
const SPACING = {
  apart: { widest: 118, full: 104, narrowest: 34 },
  touching: { widest: 66, full: 40, narrowest: 20 },
} as const;
/** A load under the battery leaves room for its figures above it, and a key of the stairs takes lines of its own. */
const LOAD_BELOW = 110;
const KEY_LINES = 42;
/** A pile's cells narrower than this have no signs of their own. */
const LEAST_SIGNED = 30;
const MAX_ROWS = 5;
const ROW_HEIGHT = 68;
const FIRST_ROW_Y = 44;
const STAIRS_HEIGHT = 100;
/** Half the distance between a cell's terminals at full size. */
const REACH = 21;
export const TERMINAL_LIFT = 23;

/** Columns that an item takes: a group as many as its longest string. */
export function columnsOf(item: StandingItem): number {
  return item.kind === 'cell' ? 1 : Math.max(...item.strings.map((cells) => cells.length));
}

/** Lines that a string takes: as many as its highest group. */
function linesOf(items: readonly StandingItem[]): number {
  return Math.max(1, ...items.map((item) => (item.kind === 'cell' ? 1 : item.strings.length)));
}

export function deskGeometry(
  { strings, grid }: Pick<Desk, 'strings' | 'grid'>,
  layout: DeskLayout = 'wide',
): DeskGeometry {
  const frame = LAYOUTS[layout];
  const touching = strings.every((items) =>
    items.every((item) => item.kind === 'cell' && item.recipe.look === 'pile'),
  );
  const limits = touching ? SPACING.touching : SPACING.apart;
  const columns = Math.max(
    ...strings.map((items) => items.reduce((sum, item) => sum + columnsOf(item), 0)),
  );
  const room = frame.width - frame.right - LEFT_BUS - 2 * frame.side;
  const spacing = Math.min(
    limits.widest,
    Math.max(
      frame.least * limits.narrowest,
      room / (touching ? columns : Math.max(1, columns - 0.4)),
    ),
  );
  const scale = Math.min(1, spacing / limits.full);
  const side = touching ? spacing / 2 : 24 * scale;
  const firstX = LEFT_BUS + frame.side + side;
  const beside = layout === 'wide';
  const lastX = firstX + (columns - 1) * spacing + side + frame.side;
  const rightBusX = beside ? lastX : Math.max(lastX, frame.width - frame.right);
  const rowHeight = ROW_HEIGHT * Math.max(0.7, scale);
  const rows = rowsOf(strings, grid !== null, rowHeight);
  const placed = rows.flatMap((row) =>
    row.string === null
      ? []
      : [
          placeString(strings[row.string - 1] ?? [], row.string - 1, row.y, {
            firstX,
            spacing,
            scale,
            rowHeight,
            touching,
            rightBusX,
          }),
        ],
  );
  const last = rows.at(-1);
  const lastLines = last?.string == null ? 1 : linesOf(strings[last.string - 1] ?? []);
  const lastY = (last?.y ?? FIRST_ROW_Y) + (lastLines - 1) * rowHeight;
  const loadY = beside ? Math.max((FIRST_ROW_Y + lastY) / 2, 66) : lastY + LOAD_BELOW;
  const [top, bottom] = [(rows[0]?.y ?? 0) - 16, (last?.y ?? 0) - 16];
  const loadWireY = beside ? Math.min(Math.max(loadY, top), bottom) : lastY + 32;
  const returnY = Math.max(lastY + 34, loadY + 56);
  const stairsTop = returnY + 36 + (beside ? 0 : KEY_LINES);
  return {
    layout,
    width: Math.max(frame.width, rightBusX + frame.right),
    height: stairsTop + STAIRS_HEIGHT + 14,
    leftBusX: LEFT_BUS,
    rightBusX,
    spacing,
    scale,
    touching,
    rows,
    cells: placed.flatMap(({ cells }) => cells),
    leads: placed.flatMap(({ leads }) => leads),
    endSigns:
      touching && spacing < LEAST_SIGNED
        ? placed.flatMap(({ cells }) => endSignsOf(cells, spacing / 3))
        : [],
    groupBuses: placed.flatMap(({ groupBuses }) => groupBuses),
    stepsX: strings.map((items) => stepsOf(items, firstX, spacing)),
    loadX: beside ? rightBusX + 76 : (LEFT_BUS + rightBusX) / 2,
    loadY,
    loadWireY,
    returnY,
    stairsTop,
    stairsBase: stairsTop + STAIRS_HEIGHT,
  };
}

function endSignsOf(cells: readonly PlacedCell[], layer: number): DeskGeometry['endSigns'] {
  const first = cells[0];
  const last = cells.at(-1);
  if (first === undefined || last === undefined) return [];
  return [
    { sign: '−', x: first.x - layer, y: first.y - 25 },
    { sign: '+', x: last.x + layer, y: last.y - 25 },
  ];
}

/** Middle of each item along its string. */
function stepsOf(items: readonly StandingItem[], firstX: number, spacing: number): number[] {
  let column = 0;
  return items.map((item) => {
    const middle = firstX + (column + (columnsOf(item) - 1) / 2) * spacing;
    column += columnsOf(item);
    return middle;
  });
}

interface Frame {
  readonly firstX: number;
  readonly spacing: number;
  readonly scale: number;
  readonly rowHeight: number;
  readonly touching: boolean;
  readonly rightBusX: number;
}

interface PlacedString {
  readonly cells: PlacedCell[];
  readonly leads: Lead[];
  readonly groupBuses: { x: number; top: number; bottom: number }[];
}

function placeString(
  items: readonly StandingItem[],
  string: number,
  y: number,
  frame: Frame,
): PlacedString {
  const { firstX, spacing, scale, rowHeight, touching, rightBusX } = frame;
  const placed: PlacedString = { cells: [], leads: [], groupBuses: [] };
  const reach = touching ? spacing / 2 : REACH * scale;
  const wireY = (lineY: number): number => (touching ? lineY : lineY - TERMINAL_LIFT * scale);
  const lead = (fromX: number, toX: number, lineY: number, kind: Lead['kind']): void => {
    if (kind === 'link' && touching) return;
    placed.leads.push({ fromX, toX, y: wireY(lineY), kind, busY: y - 16 });
  };
  /** End of the last thing on the line, where the next lead begins. */
  let from = LEFT_BUS;
  let fromBus = true;
  let column = 0;
  items.forEach((item, place) => {
    const width = columnsOf(item);
    const left = firstX + column * spacing;
    if (item.kind === 'cell') {
      placed.cells.push({ cell: item, place: { string, item: place, within: null }, x: left, y });
      lead(from, left - reach, y, fromBus ? 'to-bus' : 'link');
      from = left + reach;
    } else {
      const start = left - spacing / 2 + 4;
      const end = left + (width - 0.5) * spacing - 4;
      lead(from, start, y, fromBus ? 'to-bus' : 'link');
      item.strings.forEach((cells, line) => {
        const lineY = y + line * rowHeight;
        const offset = ((width - cells.length) / 2) * spacing;
        let at = start;
        cells.forEach((cell, index) => {
          const x = left + offset + index * spacing;
          placed.cells.push({
            cell,
            place: { string, item: place, within: { string: line, cell: index } },
            x,
            y: lineY,
          });
          placed.leads.push({ fromX: at, toX: x - reach, y: wireY(lineY), kind: 'link', busY: 0 });
          at = x + reach;
        });
        placed.leads.push({ fromX: at, toX: end, y: wireY(lineY), kind: 'link', busY: 0 });
      });
      const bottom = wireY(y + (item.strings.length - 1) * rowHeight);
      for (const x of [start, end]) placed.groupBuses.push({ x, top: wireY(y), bottom });
      from = end;
    }
    fromBus = false;
    column += width;
  });
  lead(rightBusX, from, y, 'to-bus');
  return placed;
}

function rowsOf(strings: Desk['strings'], isGrid: boolean, rowHeight: number): DeskRow[] {
  const count = strings.length;
  const row = (string: number): Omit<DeskRow, 'y'> => ({ string, label: `${string}` });
  const first = MAX_ROWS - 2;
  const shown =
    !isGrid || count <= MAX_ROWS
      ? strings.map((_, index) => row(index + 1))
      : [
          ...Array.from({ length: first }, (_, index) => row(index + 1)),
          { string: null, label: `${count - first - 1} more alike` },
          row(count),
        ];
  let y = FIRST_ROW_Y;
  return shown.map((one) => {
    const placed = { ...one, y };
    y += rowHeight * (one.string === null ? 1 : linesOf(strings[one.string - 1] ?? []));
    return placed;
  });
}

export interface DeskPoint {
  readonly x: number;
  readonly y: number;
}

/** How far left of a load the + wire comes down. */
const LOAD_SIDE = 46;

/**
 * The wires from the ends of the battery to the pins of its load, as paths.
 * @param pins from the middle of the load
 */
export function loadWires(
  { rightBusX, leftBusX, loadX, loadY, loadWireY, returnY, rows }: DeskGeometry,
  { plus, minus }: Record<'plus' | 'minus', readonly [x: number, y: number]>,
): { readonly plus: string; readonly minus: string; readonly resistor: DeskPoint } {
  const bottom = (rows.at(-1)?.y ?? 0) - 16;
  return {
    plus: `M${rightBusX} ${Math.min(loadWireY, bottom)} V${loadWireY} H${loadX - LOAD_SIDE} V${loadY + plus[1]} H${loadX + plus[0]}`,
    minus: `M${loadX + minus[0]} ${loadY + minus[1]} V${returnY} H${leftBusX} V${bottom}`,
    resistor: { x: (rightBusX + loadX - LOAD_SIDE) / 2, y: loadWireY },
  };
}
