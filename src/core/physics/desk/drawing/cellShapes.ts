import type { Material } from '../../cell/metals';
import type { Piece } from '../../recipes/pieces';
import type { CellLook } from '../../recipes/recipe';
import type { CellBuild } from '../../recipes/cellBuild';
import type { CellBody } from '../../recipes/bodies';
import { fruitShapes } from './fruitShapes';
import { CARD, colour, ellipse, path, rect, SOFT_INK, type Shape } from './shape';

/** What a cell looks like. */
export interface CellLooks {
  readonly look: CellLook;
  /** Colours of the fruit, or of the liquid in the cup. */
  readonly drawing: CellBody['drawing'];
  readonly piece: Piece;
  readonly plus: Material;
  readonly minus: Material;
  /** Electrodes of each kind in the one body. */
  readonly plusCount: number;
  readonly minusCount: number;
  /** Both metals are one coin, sanded on one face. */
  readonly oneCoin?: boolean;
}

/** How a cell is drawn; nothing said of its size: with one pair. */
export function looksOfCell({
  recipe,
  body,
  piece,
  size = recipe.usualSize,
}: Pick<CellBuild, 'recipe' | 'body' | 'piece'> & Partial<Pick<CellBuild, 'size'>>): CellLooks {
  const { look, plus, minus } = recipe;
  return {
    look,
    drawing: body.drawing,
    piece,
    plus: plus.material,
    minus: minus.material,
    plusCount: size.pairs + size.extraPlus,
    minusCount: size.pairs + size.extraMinus,
    oneCoin: recipe.parts.minus.some(({ part }) => part === 'coin-to-sand'),
  };
}

/** Places of the two terminals of a cell drawn at full size. */
export const TERMINAL_X = 21;
export const TERMINAL_Y = -29;

interface SignPlace {
  readonly x: number;
  readonly y: number;
}

/** Where the sign of + stands over its metal, its middle and its foot; − mirrored. */
export function signsAbove({ look }: CellLooks, spacing: number): SignPlace {
  return look === 'pile' ? { x: spacing / 3, y: -25 } : { x: TERMINAL_X, y: TERMINAL_Y - 5 };
}

/** The same beside the metals, where wires come from above. */
export function signsBeside({ look }: CellLooks, spacing: number): SignPlace {
  return look === 'pile' ? { x: 0.65 * spacing, y: 4 } : { x: TERMINAL_X + 11, y: TERMINAL_Y + 8 };
}

/**
 * One cell centred on the origin, − on the left and + on the right.
 * @param spacing width of one layer set of a pile
 */
export function cellShapes(cell: CellLooks, spacing: number): Shape[] {
  if (cell.look === 'pile') return pileShapes(cell, spacing);
  if (cell.look === 'rod') return rodShapes(cell);
  if (cell.look === 'sponge' && cell.plusCount + cell.minusCount === 2) return layeredShapes(cell);
  return [
    ...bodyShapes(cell),
    ...electrodes(-1, cell.minus, cell.minusCount, cell),
    ...electrodes(1, cell.plus, cell.plusCount, cell),
  ];
}

function bodyShapes({ look, drawing, piece, plus, minus }: CellLooks): Shape[] {
  switch (look) {
    case 'fruit':
      return fruitShapes(typeof drawing === 'object' ? drawing : null, piece);
    case 'cup':
      return cupShapes(typeof drawing === 'string' ? drawing : SOME_LIQUID);
    case 'sponge':
      return spongeShapes();
    case 'towel':
      return towelShapes();
    case 'pouch':
      return pouchShapes();
    case 'vessels':
      return vesselShapes(plus === minus);
    case 'rod':
    case 'pile':
      return [];
  }
}

/** How far an electrode reaches down. */
function foot({ look, piece }: CellLooks, side: -1 | 1): number {
  switch (look) {
    case 'towel':
      // The − metal is the foil itself, the + lies on the charcoal.
      return side < 0 ? 15 : 3;
    case 'vessels':
      return 16;
    case 'sponge':
    case 'pouch':
      return 12;
    default:
      // A slice is thin: the metal does not go deep.
      return piece === 'slice' || piece === 'stick' ? 7 : 4;
  }
}

/** Room of the electrodes of one side, from the terminal to the middle. */
const SIDE_ROOM = 19;
const ELECTRODE_WIDTH = 7;

/**
 * All electrodes of one side, the terminal outermost, with the leads that join like to like.
 * @param side −1 the left one, 1 the right one
 */
function electrodes(side: -1 | 1, metal: Material, count: number, cell: CellLooks): Shape[] {
  if (count === 1) return [electrode(side, metal, cell)];
  const apart = Math.min(ELECTRODE_WIDTH + 1, SIDE_ROOM / count);
  const width = Math.min(ELECTRODE_WIDTH, apart - 1);
  const painted = { fill: { metal }, stroke: CARD, strokeWidth: 0.6 };
  const xOf = (index: number): number => side * (TERMINAL_X - index * apart);
  const bottom = cell.look === 'cup' ? 15 : foot(cell, side);
  const places = Array.from({ length: count }, (_, index) => index);
  return [
    ...places.map((index) =>
      rect(xOf(index) - width / 2, TERMINAL_Y, width, bottom - TERMINAL_Y, painted),
    ),
    ...places
      .slice(1)
      .map((index) =>
        path(
          `M${xOf(index - 1)} ${TERMINAL_Y} q${(-side * apart) / 2} ${-JOIN_HEIGHT} ${-side * apart} 0`,
          { stroke: SOFT_INK, strokeWidth: 1.4 },
        ),
      ),
  ];
}

/** How high the leads that join like to like stand over the metals. */
const JOIN_HEIGHT = 7;

/** The one electrode of a side. */
function electrode(side: -1 | 1, metal: Material, cell: CellLooks): Shape {
  const painted = { fill: { metal }, stroke: CARD, strokeWidth: 0.8 };
  const x = side * TERMINAL_X;
  const half = ELECTRODE_WIDTH / 2;
  if (cell.look === 'cup') {
    // Along the slanting wall, down to the bottom.
    const bottom = side * 15;
    return path(
      `M${x - half} ${TERMINAL_Y} H${x + half} L${bottom + half} 17 H${bottom - half} Z`,
      painted,
    );
  }
  return rect(x - half, TERMINAL_Y, ELECTRODE_WIDTH, foot(cell, side) - TERMINAL_Y, painted);
}

/** The copper skin of a coin. */
const RIM = { fill: colour('#B87333'), grey: 0.55 };

function pileShapes({ plus, minus, oneCoin = false }: CellLooks, spacing: number): Shape[] {
  const layer = spacing / 3;
  const disc = (left: number, metal: Material): Shape =>
    rect(left, -20, layer, 40, { fill: { metal }, stroke: CARD, strokeWidth: 0.8, radius: 2 });
  return [
    disc(-1.5 * layer, minus),
    rect(-0.5 * layer, -18, layer, 36, {
      fill: colour('#E9DCC0'),
      stroke: colour('#B9A67C'),
      strokeWidth: 0.8,
      radius: 3,
    }),
    disc(0.5 * layer, plus),
    // The skin of the coin goes round its sanded core, and stands on the copper of the cell before.
    ...(oneCoin
      ? [rect(-1.5 * layer, -23, 0.9 * layer, 4, RIM), rect(-1.5 * layer, 19, 0.9 * layer, 4, RIM)]
      : []),
  ];
}

/** A liquid of an own recipe, whose colour nobody said. */
const SOME_LIQUID = '#E4D3A6';

/** A cup of liquid seen from the side. */
function cupShapes(liquid: string): Shape[] {
  return [
    path('M-25 -8 L25 -8 L20.5 22 L-20.5 22 Z', {
      fill: colour(liquid),
      grey: 0.92,
    }),
    path('M-29 -22 L29 -22 L21 24 L-21 24 Z', { stroke: SOFT_INK, strokeWidth: 1.8 }),
  ];
}

const HOLES: readonly (readonly [x: number, y: number, radius: number])[] = [
  [-14, 2, 2.4],
  [-4, 10, 1.8],
  [6, -1, 2.2],
  [14, 9, 2.6],
  [-10, 14, 1.6],
  [1, 4, 1.4],
];

/** A soaked sponge between its sheets: the − metal below, the + above and open to the air, each with a tab. */
function layeredShapes({ plus, minus }: CellLooks): Shape[] {
  const sheet = (metal: Material, d: string): Shape =>
    path(d, { fill: { metal }, stroke: CARD, strokeWidth: 0.8 });
  return [
    sheet(minus, 'M-24.5 -29 H-17.5 V-20 L-31 -7 V20 H28 V25 H-37 V-9 L-24.5 -21 Z'),
    ...spongeShapes(),
    sheet(plus, 'M17.5 -29 H24.5 V-13 H29 V-8 H-16 V-13 H17.5 Z'),
  ];
}

function spongeShapes(): Shape[] {
  return [
    rect(-30, -9, 60, 30, {
      fill: colour('#E8C766'),
      stroke: colour('#B28F2E'),
      strokeWidth: 1.6,
      radius: 7,
    }),
    ...HOLES.map(([x, y, radius]) =>
      ellipse(x, y, radius, radius, { fill: colour('#C9A33F'), grey: 0.75 }),
    ),
  ];
}

/** A wet towel between foil and charcoal, under a lid on spacers that lets the air in. */
function towelShapes(): Shape[] {
  return [
    path('M-14 -13 H15 M27 -13 H33', { stroke: SOFT_INK, strokeWidth: 2 }),
    path('M-10 -13 V2 M29 -13 V2', { stroke: SOFT_INK, strokeWidth: 1.4 }),
    rect(-14, 2, 44, 5, { fill: { metal: 'carbon' } }),
    rect(-16, 7, 47, 8, {
      fill: colour('#E9E2D2'),
      stroke: colour('#B9AE97'),
      strokeWidth: 0.8,
    }),
    rect(-30, 15, 61, 4, {
      fill: { metal: 'aluminium' },
      stroke: colour('#8B918F'),
      strokeWidth: 0.8,
    }),
  ];
}

/** A felt pouch, open at its carbon side. */
function pouchShapes(): Shape[] {
  return [
    path('M-28 -12 H22 V22 H-28 Z', {
      fill: colour('#D9CBB0'),
      stroke: colour('#9A8760'),
      strokeWidth: 1.6,
    }),
    path('M-21 -5 H15 M-21 4 H15 M-21 13 H15', {
      stroke: colour('#B7A47C'),
      strokeWidth: 1.2,
      dash: [3, 3],
    }),
    path('M26 -9 q4 4 0 8 q-4 4 0 8 q4 4 0 8', { stroke: SOFT_INK, strokeWidth: 1.4 }),
  ];
}

/** A carbon rod wound with wet towel and, over it, turns of ribbon. */
function rodShapes({ plus, minus }: CellLooks): Shape[] {
  return [
    rect(-30, -9, 60, 18, { fill: { metal: plus }, radius: 9 }),
    rect(-25, -11, 46, 22, {
      fill: colour('#E9E2D2'),
      stroke: colour('#B9AE97'),
      strokeWidth: 0.8,
      radius: 4,
    }),
    ...[-19, -10, -1, 8, 17].map((x) =>
      rect(x - 2, -12, 4.4, 24, {
        fill: { metal: minus },
        stroke: colour('#6E7673'),
        strokeWidth: 0.5,
        turned: 12,
      }),
    ),
    path('M-21 -13 V-29 M21 -9 V-29', { stroke: SOFT_INK, strokeWidth: 1.6 }),
  ];
}

/**
 * Two beakers of solution, joined by a bridge.
 * @param oneMetal the same salt in both, weak on the left and strong on the right: drawn by its dots
 */
function vesselShapes(oneMetal: boolean): Shape[] {
  const dot = (x: number, y: number): Shape => ellipse(x, y, 1.3, 1.3, { fill: SOFT_INK, grey: 0 });
  return [
    path('M-31 2 H-4 V22 H-31 Z', { fill: colour(oneMetal ? '#CBE1EE' : '#D9E2E6'), grey: 0.96 }),
    path('M4 2 H31 V22 H4 Z', { fill: colour('#7FB3D6'), grey: 0.85 }),
    path('M-31 -14 V22 H-4 V-14 M4 -14 V22 H31 V-14', { stroke: SOFT_INK, strokeWidth: 1.6 }),
    path('M-10 14 V-18 H10 V14', { stroke: colour('#C9B98F'), strokeWidth: 4.5 }),
    ...(oneMetal
      ? [dot(-15, 12), ...[15, 27].flatMap((x) => [5, 10, 15, 20].map((y) => dot(x, y)))]
      : []),
  ];
}
