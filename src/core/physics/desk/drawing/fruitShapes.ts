import type { FruitColours, FruitForm } from '../../recipes/bodies';
import type { Piece } from '../../recipes/pieces';
import { colour, ellipse, path, rect, type Shape } from './shape';

const SOME_FRUIT: FruitColours = {
  form: 'kiwi',
  skin: '#D9A404',
  flesh: '#F6DE63',
  heart: '#FBF1B8',
};

const SEED = colour('#2B2A20');

/**
 * A fruit or a piece of one, centred on the origin, about 60 wide.
 * @param colours `null`: of an own recipe, whose colours nobody said.
 */
export function fruitShapes(colours: FruitColours | null, piece: Piece): Shape[] {
  const look = colours ?? SOME_FRUIT;
  switch (piece) {
    case 'whole':
      return wholeShapes(look);
    case 'half':
      // Lying on its skin, the cut face up.
      return [
        path('M-30 -6 Q-28 23 0 23 Q28 23 30 -6 Z', { fill: colour(look.skin), grey: 0.8 }),
        ellipse(0, -6, 29, 11, { ...skinned(look), strokeWidth: 2 }),
        ...face(look, -6, 27, 9),
      ];
    case 'quarter':
      return [
        path('M-29 4 L0 -16 L29 4 Q24 21 0 23 Q-24 21 -29 4 Z', skinned(look)),
        path('M0 -15 L2 21', { stroke: colour(look.heart), strokeWidth: 3 }),
      ];
    case 'slice':
      return [
        ellipse(0, 6, 29, 15, { ...skinned(look), strokeWidth: 3 }),
        ...face(look, 6, 26, 12.5),
      ];
    case 'stick':
      return [
        rect(-30, -6, 60, 22, {
          fill: colour(look.flesh),
          stroke: colour(look.skin),
          strokeWidth: 1.2,
          radius: 2,
        }),
        path('M-26 1 H26 M-26 9 H26', { stroke: colour(look.heart), strokeWidth: 2 }),
      ];
  }
}

function skinned({ flesh, skin }: FruitColours) {
  return { fill: colour(flesh), stroke: colour(skin), strokeWidth: 3.5 };
}

/** Outlines of what is drawn whole from its side or in section; the others are rounds. */
const OUTLINES: Readonly<Partial<Record<FruitForm, string>>> = {
  citrus: 'M-33 0 L-27 -5 Q-20 -22 0 -22 Q20 -22 27 -5 L33 0 L27 5 Q20 22 0 22 Q-20 22 -27 5 Z',
  apple:
    'M0 -16 Q9 -24 20 -20 Q32 -14 28 2 Q24 20 10 23 Q4 24 0 20 Q-4 24 -10 23 Q-24 20 -28 2 Q-32 -14 -20 -20 Q-9 -24 0 -16 Z',
  potato:
    'M-29 4 Q-32 -14 -14 -19 Q2 -24 18 -18 Q33 -12 29 4 Q27 19 8 20 Q-6 20 -14 22 Q-27 22 -29 4 Z',
  spindle: 'M-36 4 Q-22 -22 2 -20 Q22 -20 36 -4 Q22 22 0 21 Q-20 21 -36 4 Z',
  'round-root':
    'M-27 -2 Q-26 -21 0 -21 Q26 -21 27 -2 Q26 14 8 19 Q3 21 0 28 Q-3 21 -8 19 Q-26 14 -27 -2 Z',
  carrot: 'M-27 -14 Q-31 2 -26 17 Q6 16 38 5 Q10 -10 -27 -14 Z',
};

function wholeShapes(look: FruitColours): Shape[] {
  const outline = OUTLINES[look.form];
  const body =
    outline === undefined ? ellipse(0, 0, 29, 23, skinned(look)) : path(outline, skinned(look));
  const skin = { stroke: colour(look.skin), strokeWidth: 1.6 };
  const stalk = { stroke: colour('#5C7A3A'), strokeWidth: 2.4 };
  switch (look.form) {
    case 'potato':
      return [body, path('M-9 -9 q3 3 6 0 M7 -3 q3 3 6 0 M-13 12 q3 3 6 0 M5 13 q3 3 6 0', skin)];
    case 'spindle':
      return [body, path('M-24 1 Q-4 -10 12 -9 M-14 13 Q4 6 24 1', skin)];
    case 'round-root':
      return [
        body,
        path('M-5 -21 L-9 -31 M0 -21 V-32 M5 -21 L9 -31', stalk),
        path('M-25 -8 Q0 2 25 -8', skin),
      ];
    case 'carrot':
      return [
        body,
        path('M-28 -4 Q-38 -10 -40 -16 M-29 2 H-42 M-28 8 Q-36 12 -39 18', stalk),
        path('M-16 -11 q-2 5 -1 9 M-4 6 q-1 4 -2 8 M8 -5 q-2 4 -1 8', skin),
      ];
    case 'berry':
      return [
        body,
        path('M-29 0 H29 M-28 -3 Q0 -24 28 -3 M-28 3 Q0 24 28 3', { ...skin, strokeWidth: 1.1 }),
        path('M29 0 h6 m-3 -4 l3 4 l-3 4', stalk),
      ];
    case 'apple':
      return [
        body,
        path('M0 -15 Q1 -24 5 -29', { ...stalk, stroke: SEED }),
        ...face(look, 2, 26, 20),
      ];
    case 'citrus':
    case 'kiwi':
    case 'tomato':
    case 'cucumber':
    case 'rings':
      return [body, ...face(look, 0, 26, 20)];
  }
}

/** What a cut shows, on a face so large about (0, cy). */
function face({ form, skin, heart }: FruitColours, cy: number, rx: number, ry: number): Shape[] {
  const at = (x: number, y: number): string =>
    `${Math.round(10 * x * rx) / 10} ${Math.round(10 * (cy + y * ry)) / 10}`;
  const pale = { stroke: colour(heart), strokeWidth: 1.6 };
  const core = ellipse(0, cy, 0.36 * rx, 0.33 * ry, { fill: colour(heart) });
  switch (form) {
    case 'kiwi':
      return [core, seeds(cy, 0.58 * rx, 0.55 * ry)];
    case 'citrus':
      return [
        ellipse(0, cy, 0.86 * rx, 0.86 * ry, { ...pale, strokeWidth: 2.2 }),
        path(
          [0, 1, 2, 3]
            .map((turn) => (Math.PI * (turn + 0.5)) / 4)
            .map((angle) => [0.84 * Math.cos(angle), 0.84 * Math.sin(angle)] as const)
            .map(([x, y]) => `M${at(-x, -y)} L${at(x, y)}`)
            .join(' '),
          pale,
        ),
      ];
    case 'apple':
      return [
        path(
          `M${at(0, -0.6)} Q${at(0.5, -0.3)} ${at(0.28, 0.3)} Q${at(0.1, 0.6)} ${at(0, 0.6)} Q${at(-0.1, 0.6)} ${at(-0.28, 0.3)} Q${at(-0.5, -0.3)} ${at(0, -0.6)} Z`,
          { ...pale, stroke: colour(skin), strokeWidth: 1.2 },
        ),
        ...[-0.12, 0.12].map((x) =>
          ellipse(x * rx, cy + 0.08 * ry, 0.06 * rx, 0.18 * ry, { fill: SEED, grey: 0 }),
        ),
      ];
    case 'tomato':
      return [
        path(
          `M${at(0, 0)} L${at(0, -0.9)} M${at(0, 0)} L${at(0.8, 0.5)} M${at(0, 0)} L${at(-0.8, 0.5)}`,
          {
            ...pale,
            strokeWidth: 3,
          },
        ),
        seeds(cy, 0.55 * rx, 0.55 * ry),
      ];
    case 'cucumber':
      return [
        ellipse(0, cy, 0.7 * rx, 0.7 * ry, { ...pale, fill: colour(heart) }),
        seeds(cy, 0.4 * rx, 0.4 * ry),
      ];
    case 'carrot':
      return [core];
    case 'rings':
    case 'round-root':
      return [0.75, 0.5, 0.25].map((size) => ellipse(0, cy, size * rx, size * ry, pale));
    case 'berry':
    case 'potato':
    case 'spindle':
      return [];
  }
}

/** A ring of dashes: one shape instead of fourteen, for sixty fruit on a desk. */
function seeds(cy: number, rx: number, ry: number): Shape {
  return ellipse(0, cy, rx, ry, { stroke: SEED, strokeWidth: 3.2, dash: [1.8, 4.15] });
}
