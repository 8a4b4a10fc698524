import type { FruitColours } from '../../recipes/bodies';
import type { Piece } from '../../recipes/pieces';
import { colour, ellipse, path, rect, type Shape } from './shape';

const SOME_FRUIT: FruitColours = {
  skin: '#D9A404',
  flesh: '#F6DE63',
  heart: '#FBF1B8',
  seeds: false,
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

function skinned({ flesh, skin }: FruitColours) {
  return { fill: colour(flesh), stroke: colour(skin), strokeWidth: 3.5 };
}

/** A ring of dashes: one shape instead of fourteen, for sixty fruit on a desk. */
function seeds(cy: number, rx: number, ry: number): Shape {
  return ellipse(0, cy, rx, ry, { stroke: SEED, strokeWidth: 3.2, dash: [1.8, 4.15] });
}

function wholeShapes(look: FruitColours): Shape[] {
  return [
    ellipse(0, 0, 29, 23, skinned(look)),
    ellipse(0, 0, 9.5, 7, { fill: colour(look.heart) }),
    ...(look.seeds ? [seeds(0, 15, 11.5)] : []),
  ];
}

/** Lying on its skin, the cut face up. */
function halfShapes(look: FruitColours): Shape[] {
  return [
    path('M-30 -6 Q-28 23 0 23 Q28 23 30 -6 Z', { fill: colour(look.skin), grey: 0.8 }),
    ellipse(0, -6, 29, 11, { ...skinned(look), strokeWidth: 2 }),
    ellipse(0, -6, 9, 3.4, { fill: colour(look.heart) }),
    ...(look.seeds ? [seeds(-6, 15, 5.6)] : []),
  ];
}
