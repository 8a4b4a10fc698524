import { ROOM_CELSIUS } from '../../constants';
import { cellInWarmth } from './cellInWarmth';
import { familyCell } from './families';
import { geometryOf, type ElectrodeSize } from './electrodeSize';
import type { CellModel } from './cellModel';
import type { OwnCell } from './ownCell';
import { sizeInPiece, type Piece } from './pieces';
import type { SchoolFigures } from './schoolFigures';
import type { CellBody, Recipe } from './recipe';
import { resistanceParts, type CellChemistry, type CellGeometry } from './scaleCell';

/** The plan's one cell, and where its figures come from. */
export interface PlannedCell {
  readonly recipe: Recipe;
  /** By the name of its piece where it is cut. */
  readonly body: CellBody;
  /** How the fruit or root is cut. */
  readonly piece: Piece;
  /** As it is at once after connecting, at the warmth of the room. */
  readonly model: CellModel;
  /** `typical`: the recipe's usual values; `school`: what its lessons have read; `own`: the educator's readings. */
  readonly origin: 'typical' | 'school' | 'own';
  /** What the school has read of such cells; `null`: nothing, or not asked. */
  readonly school: SchoolFigures | null;
  /** What the educator's readings came to; `null` where nothing was read. */
  readonly own: OwnCell | null;
  /** Warmth of the room that the model is for. */
  readonly celsius: number;
  /** Whole electrode pairs in one body. */
  readonly pairs: number;
  /** − electrodes in one body: metal that dissolves. */
  readonly minusElectrodes: number;
}

/** A typical cell of the recipe's usual size in a room of so many degrees. */
export function usualCell(recipe: Recipe, body: CellBody, celsius = ROOM_CELSIUS): PlannedCell {
  const model = typicalCell(recipe, body);
  return {
    recipe,
    body,
    piece: 'whole',
    model: cellInWarmth(model, electrolyteShareOf(recipe, body), celsius),
    origin: 'typical',
    school: null,
    own: null,
    celsius,
    pairs: 1,
    minusElectrodes: 1,
  };
}

/** One cell with this body, of the recipe's usual size or another, from the recipe's physics. */
export function typicalCell(
  recipe: Recipe,
  body: CellBody,
  size: ElectrodeSize | null = null,
  piece: Piece = 'whole',
): CellModel {
  return familyCell({
    chemistry: chemistryWith(recipe, body),
    geometry: geometryWith(recipe, size, piece),
  });
}

/** The size as the cell model takes it, as deep as a piece is; `null`: the recipe's usual one. */
export function geometryWith(
  recipe: Recipe,
  size: ElectrodeSize | null,
  piece: Piece = 'whole',
): CellGeometry {
  const { geometry } = recipe.physics;
  const wanted = size ?? recipe.usualSize;
  const fitting = sizeInPiece(wanted, piece);
  return size === null && fitting === wanted ? geometry : geometryOf(fitting, geometry.contactOhms);
}

/** Share of such a cell's resistance that belongs to the electrolyte; the rest is the reactions'. */
export function electrolyteShareOf(
  recipe: Recipe,
  body: CellBody,
  size: ElectrodeSize | null = null,
  piece: Piece = 'whole',
): number {
  const parts = resistanceParts(chemistryWith(recipe, body), geometryWith(recipe, size, piece));
  const electrolyte = parts.electrolyteOhms + parts.contactOhms;
  return electrolyte / (electrolyte + parts.reactionOhms);
}

/** Resistance of a body with all of its electrodes against that of one pair in it, 1 and below. */
export function shareOfOnePair(recipe: Recipe, body: CellBody, size: ElectrodeSize | null): number {
  if (size === null) return 1;
  const { pairs, extraPlus, extraMinus } = size;
  if (pairs === 1 && extraPlus === 0 && extraMinus === 0) return 1;
  const chemistry = chemistryWith(recipe, body);
  const ohmsOf = (one: ElectrodeSize): number => {
    const parts = resistanceParts(chemistry, geometryWith(recipe, one));
    return parts.electrolyteOhms + parts.reactionOhms + parts.contactOhms;
  };
  return ohmsOf(size) / ohmsOf({ ...size, pairs: 1, extraPlus: 0, extraMinus: 0 });
}

/** The recipe's chemistry with what is known of this body. */
export function chemistryWith(recipe: Recipe, body: CellBody): CellChemistry {
  const { chemistry } = recipe.physics;
  const { openVolts, resistivityShare = 1, reactionShare = 1 } = body;
  const { curve } = chemistry;
  return {
    ...chemistry,
    emfVolts: openVolts ?? chemistry.emfVolts,
    resistivityOhmMetres: chemistry.resistivityOhmMetres * resistivityShare,
    reactionOhmSquareMetres: chemistry.reactionOhmSquareMetres * reactionShare,
    curve:
      curve === null
        ? null
        : {
            ...curve,
            exchangeAmpsPerSquareMetre: curve.exchangeAmpsPerSquareMetre / reactionShare,
            limitingAmpsPerSquareMetre: curve.limitingAmpsPerSquareMetre / reactionShare,
          },
  };
}
