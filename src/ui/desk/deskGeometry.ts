import type { CellLook } from '@/core/chemistry/recipe';

/** Where everything stands in the desk picture, in drawing units (about a pixel each at 1280 px). */
export interface DeskGeometry {
  readonly width: number;
  readonly height: number;
  readonly leftBusX: number;
  readonly rightBusX: number;
  /** Middle of each cell along its string. */
  readonly cellX: readonly number[];
  readonly spacing: number;
  /** Size of a cell against the full drawing. */
  readonly scale: number;
  readonly rows: readonly DeskRow[];
  readonly loadX: number;
  readonly loadY: number;
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

/** A pile's layers touch; all other cells stand apart and are joined by leads. */
type Standing = 'apart' | 'touching';

export function standingOf(look: CellLook): Standing {
  return look === 'pile' ? 'touching' : 'apart';
}

const WIDTH = 700;
const LEFT_BUS = 58;
const LOAD_WIDTH = 132;
const SIDE = 34;
const WIDEST_SPACING: Readonly<Record<Standing, number>> = { apart: 118, touching: 66 };
/** Spacing at which a cell is drawn at full size. */
const FULL_SPACING: Readonly<Record<Standing, number>> = { apart: 104, touching: 40 };
/** Closer than this the picture grows wider instead, and scrolls. */
const NARROWEST_SPACING: Readonly<Record<Standing, number>> = { apart: 34, touching: 20 };
const MOST_ROWS = 5;
const ROW_HEIGHT = 68;
const STAIRS_HEIGHT = 100;

export function deskGeometry(look: CellLook, cellsInSeries: number, strings: number): DeskGeometry {
  const standing = standingOf(look);
  const room = WIDTH - LOAD_WIDTH - LEFT_BUS - 2 * SIDE;
  const spacing = Math.min(
    WIDEST_SPACING[standing],
    Math.max(NARROWEST_SPACING[standing], room / Math.max(1, cellsInSeries - 0.4)),
  );
  const scale = Math.min(1, spacing / FULL_SPACING[standing]);
  const firstX = LEFT_BUS + SIDE + (standing === 'touching' ? spacing / 2 : 24 * scale);
  const cellX = Array.from({ length: cellsInSeries }, (_, index) => firstX + index * spacing);
  const lastX = cellX.at(-1) ?? firstX;
  const rightBusX = lastX + SIDE + (standing === 'touching' ? spacing / 2 : 24 * scale);
  const rowHeight = ROW_HEIGHT * Math.max(0.7, scale);
  const rows = rowsOf(strings).map((row, index) => ({ ...row, y: 44 + index * rowHeight }));
  const lastY = rows.at(-1)?.y ?? 44;
  const loadY = Math.max((44 + lastY) / 2, 66);
  const returnY = Math.max(lastY + 34, loadY + 56);
  const stairsTop = returnY + 36;
  const stairsBase = stairsTop + STAIRS_HEIGHT;
  return {
    width: Math.max(WIDTH, rightBusX + LOAD_WIDTH),
    height: stairsBase + 14,
    leftBusX: LEFT_BUS,
    rightBusX,
    cellX,
    spacing,
    scale,
    rows,
    loadX: rightBusX + 76,
    loadY,
    returnY,
    stairsTop,
    stairsBase,
  };
}

function rowsOf(strings: number): Omit<DeskRow, 'y'>[] {
  const row = (string: number) => ({ string, label: `${string}` });
  if (strings <= MOST_ROWS) return Array.from({ length: strings }, (_, index) => row(index + 1));
  const first = MOST_ROWS - 2;
  return [
    ...Array.from({ length: first }, (_, index) => row(index + 1)),
    { string: null, label: `${strings - first - 1} more alike` },
    row(strings),
  ];
}
