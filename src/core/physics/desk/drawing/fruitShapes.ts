import type { Piece } from '../../chemistry/pieces';
import { colour, ellipse, path, rect, type Shape } from './shape';

interface FruitLook {
  readonly skin: string;
  readonly flesh: string;
  readonly heart: string;
  readonly seeds: boolean;
}

/** Natural colours of what the metals stick in; drawings, not roles, so they stay the same in every theme. */
const LEMON: FruitLook = { skin: '#D9A404', flesh: '#F6DE63', heart: '#FBF1B8', seeds: false };
const FRUIT: Readonly<Record<string, FruitLook>> = {
  kiwi: { skin: '#8A6A3B', flesh: '#A6C15A', heart: '#EEF0D2', seeds: true },
  lemon: LEMON,
  apple: { skin: '#B5382F', flesh: '#F3E7C0', heart: '#E6D49A', seeds: false },
  gooseberry: { skin: '#7C9440', flesh: '#C4D68A', heart: '#E1EBBE', seeds: false },
  'green-tomato': { skin: '#5E8A3C', flesh: '#A9CB7B', heart: '#D4E5B4', seeds: true },
  cucumber: { skin: '#3F6B35', flesh: '#CFE3B0', heart: '#E7F1D3', seeds: true },
  beetroot: { skin: '#5E1733', flesh: '#93264F', heart: '#B24A72', seeds: false },
  'sweet-potato': { skin: '#A4543A', flesh: '#EDA35B', heart: '#F4C08A', seeds: false },
  swede: { skin: '#7B5A6E', flesh: '#F0D9A0', heart: '#F6E8C4', seeds: false },
  carrot: { skin: '#C9601E', flesh: '#F08A3C', heart: '#F7B36F', seeds: false },
  'boiled-potato': { skin: '#B99458', flesh: '#F3E6BD', heart: '#FAF2D6', seeds: false },
  potato: { skin: '#A57C45', flesh: '#EBD9A2', heart: '#F3E7C0', seeds: false },
};

const SEED = colour('#2B2A20');

/** A fruit or a piece of one, centred on the origin, about 60 wide. */
export function fruitShapes(bodyId: string, piece: Piece): Shape[] {
  const look = FRUIT[bodyId] ?? LEMON;
  switch (piece) {
    case 'whole':
      return wholeShapes(look);
    case 'half':
      return halfShapes(look);
    case 'quarter':
      return [
        path('M-29 4 L0 -16 L29 4 Q24 21 0 23 Q-24 21 -29 4 Z', skinned(look)),
        path('M0 -15 L2 21', { stroke: colour(look.heart), strokeWidth: 3 }),
      ];
    case 'slice':
      return [
        ellipse(0, 6, 29, 15, { ...skinned(look), strokeWidth: 3 }),
        ellipse(0, 5, 9.5, 4.5, { fill: colour(look.heart) }),
        ...(look.seeds ? [seeds(5, 16, 8)] : []),
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

function skinned({ flesh, skin }: FruitLook) {
  return { fill: colour(flesh), stroke: colour(skin), strokeWidth: 3.5 };
}

/** A ring of dashes: one shape instead of fourteen, for sixty fruit on a desk. */
function seeds(cy: number, rx: number, ry: number): Shape {
  return ellipse(0, cy, rx, ry, { stroke: SEED, strokeWidth: 3.2, dash: [1.8, 4.15] });
}

function wholeShapes(look: FruitLook): Shape[] {
  return [
    ellipse(0, 0, 29, 23, skinned(look)),
    ellipse(0, 0, 9.5, 7, { fill: colour(look.heart) }),
    ...(look.seeds ? [seeds(0, 15, 11.5)] : []),
  ];
}

/** Lying on its skin, the cut face up. */
function halfShapes(look: FruitLook): Shape[] {
  return [
    path('M-30 -6 Q-28 23 0 23 Q28 23 30 -6 Z', { fill: colour(look.skin), grey: 0.8 }),
    ellipse(0, -6, 29, 11, { ...skinned(look), strokeWidth: 2 }),
    ellipse(0, -6, 9, 3.4, { fill: colour(look.heart) }),
    ...(look.seeds ? [seeds(-6, 15, 5.6)] : []),
  ];
}
