import { coinAreaSquareMetres, nailAreaSquareMetres, type CellGeometry } from './scaleCell';

export const ELECTRODE_SHAPES = ['nail', 'strip', 'plate', 'coin', 'rod', 'foil'] as const;
export type ElectrodeShape = (typeof ELECTRODE_SHAPES)[number];

/** The size of one cell as an educator measures it, millimetres. */
export interface ElectrodeSize {
  readonly shape: ElectrodeShape;
  /** Diameter of nails, rods and coins, width of the flat ones. */
  readonly widthMillimetres: number;
  /** How deep the metal is in the wet; of no account for coins. */
  readonly depthMillimetres: number;
  readonly gapMillimetres: number;
  /** Pairs side by side in the same body. */
  readonly pairs: number;
  /** Single + and − electrodes in the same body beside the pairs. */
  readonly extraPlus: number;
  readonly extraMinus: number;
}

const METRES_PER_MILLIMETRE = 1e-3;

/** Wetted, facing area of one electrode in m²: the whole side of round ones, one side of flat ones. */
export function electrodeAreaSquareMetres(size: ElectrodeSize): number {
  const width = size.widthMillimetres * METRES_PER_MILLIMETRE;
  const depth = size.depthMillimetres * METRES_PER_MILLIMETRE;
  if (isRound(size)) return nailAreaSquareMetres(width, depth);
  return size.shape === 'coin' ? coinAreaSquareMetres(width) : width * depth;
}

/** Bars, between which the current spreads out, rather than faces. */
export function isRound({ shape }: Pick<ElectrodeSize, 'shape'>): boolean {
  return shape === 'nail' || shape === 'rod';
}

/** The size as the cell model takes it. */
export function geometryOf(size: ElectrodeSize, contactOhms: number): CellGeometry {
  return {
    areaSquareMetres: electrodeAreaSquareMetres(size),
    gapMetres: size.gapMillimetres * METRES_PER_MILLIMETRE,
    round: isRound(size)
      ? {
          radiusMetres: (size.widthMillimetres * METRES_PER_MILLIMETRE) / 2,
          lengthMetres: size.depthMillimetres * METRES_PER_MILLIMETRE,
        }
      : null,
    contactOhms,
    pairs: size.pairs,
    extraPlus: size.extraPlus,
    extraMinus: size.extraMinus,
  };
}
