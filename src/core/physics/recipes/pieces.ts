import type { ElectrodeSize } from '../cell/scaleCell';

/** How a fruit or root is cut: every piece is a body of its own. */
export const PIECES = ['whole', 'half', 'quarter', 'slice', 'stick'] as const;
export type Piece = (typeof PIECES)[number];

export interface PieceFacts {
  /** What people call one and several of them. */
  readonly one: string;
  readonly many: string;
  /** Of the whole fruit: how much food and water is in one piece. */
  readonly share: number;
  /** How deep the metals go at most, millimetres; `null`: as deep as they are long. Sizes: from memory. */
  readonly deepestMillimetres: number | null;
  /** Electrode pairs that have room in it (from memory). */
  readonly mostPairs: number;
  /** Cut faces of the whole fruit's width that the air meets. */
  readonly cutFaces: number;
  /** Without skin all round. */
  readonly peeled: boolean;
  /** Cuts of the knife for one fruit. */
  readonly cuts: number;
}

export const PIECE_FACTS: Readonly<Record<Piece, PieceFacts>> = {
  whole: {
    one: 'whole',
    many: 'whole',
    share: 1,
    deepestMillimetres: null,
    mostPairs: 10,
    cutFaces: 0,
    peeled: false,
    cuts: 0,
  },
  half: {
    one: 'half',
    many: 'halves',
    share: 1 / 2,
    deepestMillimetres: 30,
    mostPairs: 4,
    cutFaces: 1,
    peeled: false,
    cuts: 1,
  },
  quarter: {
    one: 'quarter',
    many: 'quarters',
    share: 1 / 4,
    deepestMillimetres: 25,
    mostPairs: 2,
    cutFaces: 1,
    peeled: false,
    cuts: 2,
  },
  slice: {
    one: 'slice',
    many: 'slices',
    share: 1 / 6,
    deepestMillimetres: 10,
    mostPairs: 1,
    cutFaces: 2,
    peeled: false,
    cuts: 5,
  },
  stick: {
    one: 'stick',
    many: 'sticks',
    share: 1 / 8,
    deepestMillimetres: 15,
    mostPairs: 1,
    cutFaces: 0,
    peeled: true,
    cuts: 6,
  },
};

/** The size of the metals as they go into a piece. */
export function sizeInPiece(size: ElectrodeSize, piece: Piece): ElectrodeSize {
  const { deepestMillimetres } = PIECE_FACTS[piece];
  return deepestMillimetres === null || size.depthMillimetres <= deepestMillimetres
    ? size
    : { ...size, depthMillimetres: deepestMillimetres };
}
