import { coinAreaSquareMetres, nailAreaSquareMetres, type CellGeometry } from './scaleCell';

const MILLIMETRE = 1e-3;

/** Two flat metals that face each other, millimetres. */
export function faces(
  widthMillimetres: number,
  depthMillimetres: number,
  gapMillimetres: number,
): CellGeometry {
  const area = widthMillimetres * depthMillimetres * MILLIMETRE ** 2;
  return geometry(area, gapMillimetres, null);
}

/** Two coins with a thin separator between them, millimetres. */
export function coins(diameterMillimetres: number): CellGeometry {
  return geometry(coinAreaSquareMetres(diameterMillimetres * MILLIMETRE), 0.5, null);
}

/** Two nails of 3 mm, 4 cm deep, 2 cm apart. */
export const NAILS = geometry(nailAreaSquareMetres(3e-3, 40e-3), 20, {
  radiusMetres: 1.5e-3,
  lengthMetres: 40e-3,
});

function geometry(
  areaSquareMetres: number,
  gapMillimetres: number,
  round: CellGeometry['round'],
): CellGeometry {
  return {
    areaSquareMetres,
    gapMetres: gapMillimetres * MILLIMETRE,
    round,
    contactOhms: 0,
    pairs: 1,
    extraPlus: 0,
    extraMinus: 0,
  };
}
