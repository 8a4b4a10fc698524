import type { ElectrodeSize } from './electrodeSize';
import type { CellBody } from './recipe';

/** How a fruit or root is cut: every piece is a body of its own. */
export const PIECES = ['whole', 'half', 'quarter', 'slice', 'stick'] as const;
export type Piece = (typeof PIECES)[number];

export interface PieceFacts {
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
    share: 1,
    deepestMillimetres: null,
    mostPairs: 10,
    cutFaces: 0,
    peeled: false,
    cuts: 0,
  },
  half: {
    share: 1 / 2,
    deepestMillimetres: 30,
    mostPairs: 4,
    cutFaces: 1,
    peeled: false,
    cuts: 1,
  },
  quarter: {
    share: 1 / 4,
    deepestMillimetres: 25,
    mostPairs: 2,
    cutFaces: 1,
    peeled: false,
    cuts: 2,
  },
  slice: {
    share: 1 / 6,
    deepestMillimetres: 10,
    mostPairs: 1,
    cutFaces: 2,
    peeled: false,
    cuts: 5,
  },
  stick: {
    share: 1 / 8,
    deepestMillimetres: 15,
    mostPairs: 1,
    cutFaces: 0,
    peeled: true,
    cuts: 6,
  },
};

/** A fruit is cut into halves, quarters and slices; a root into sticks too. Berries and pieces stay what they are. */
const FRUIT_PIECES: readonly Piece[] = ['whole', 'half', 'quarter', 'slice'];
const PIECES_OF_BODY: Readonly<Partial<Record<string, readonly Piece[]>>> = {
  kiwi: FRUIT_PIECES,
  lemon: FRUIT_PIECES,
  apple: FRUIT_PIECES,
  'green-tomato': FRUIT_PIECES,
  potato: PIECES,
  'boiled-potato': FRUIT_PIECES,
  'sweet-potato': PIECES,
  swede: PIECES,
  carrot: ['whole', 'half', 'slice', 'stick'],
  beetroot: PIECES,
};

/** How a body may be cut; a body that was added to an own recipe of fruit as any fruit. */
export function piecesOf(bodyId: string, look: string): readonly Piece[] {
  if (look !== 'fruit') return ['whole'];
  return PIECES_OF_BODY[bodyId] ?? (bodyId.startsWith('own-') ? FRUIT_PIECES : ['whole']);
}

/** The piece that counts: the chosen one where the body can be cut so. */
export function pieceOf(piece: Piece, bodyId: string, look: string): Piece {
  return piecesOf(bodyId, look).includes(piece) ? piece : 'whole';
}

const NAMES: Readonly<Record<Exclude<Piece, 'whole'>, readonly [one: string, many: string]>> = {
  half: ['half', 'halves'],
  quarter: ['quarter', 'quarters'],
  slice: ['slice', 'slices'],
  stick: ['stick', 'sticks'],
};

/** What people call the pieces. */
export const PIECE_NAMES: Readonly<Record<Piece, string>> = {
  whole: 'whole',
  half: 'halves',
  quarter: 'quarters',
  slice: 'slices',
  stick: 'sticks',
};

/** The body by the name of its piece: `kiwi half`, `kiwi halves`. */
export function bodyInPieces(body: CellBody, piece: Piece): CellBody {
  if (piece === 'whole') return body;
  const [one, many] = NAMES[piece];
  return {
    ...body,
    name: `${body.name} ${one}`,
    plural: `${body.name} ${many}`,
    prepare: `An adult cuts each ${body.name} into ${many}, on a board.`,
  };
}

/** The size of the metals as they go into a piece. */
export function sizeInPiece(size: ElectrodeSize, piece: Piece): ElectrodeSize {
  const { deepestMillimetres } = PIECE_FACTS[piece];
  return deepestMillimetres === null || size.depthMillimetres <= deepestMillimetres
    ? size
    : { ...size, depthMillimetres: deepestMillimetres };
}
