import { cellAmpsAt, type CellModel, leakyCell } from '../cell/cellModel';
import { cellInWarmth, type ElectrodeSize } from '../cell/scaleCell';
import {
  cellBuild,
  type CellBuild,
  typicalCell,
  typicalModel,
  withPairs,
} from '../recipes/cellBuild';
import type { Piece } from '../recipes/pieces';
import { bodyOf } from '../recipes/recipe';
import {
  beliefBeforeReading,
  type CellBelief,
  type CellReading,
  narrowedBelief,
  stretchedCell,
} from './cellBelief';
import type { OwnCell } from './ownCell';
import type { SchoolFigures } from './schoolFigures';

/** One cell, finished: how it is built, its curve, and where its figures come from. */
export interface PlannedCell extends CellBuild {
  /** An average cell of the class, as it is at once after connecting, at the warmth of the room: the belief’s median. */
  readonly model: CellModel;
  /** How surely it is so. */
  readonly belief: CellBelief;
  /** `typical`: the recipe's usual values; `school`: what its lessons have read; `own`: the educator's readings. */
  readonly origin: 'typical' | 'school' | 'own';
  /** What the school has read of such cells; `null`: nothing, or not asked. */
  readonly school: SchoolFigures | null;
  /** What the educator's readings came to; `null` where nothing was read. */
  readonly own: OwnCell | null;
  /** Further cells of the lesson that were read. */
  readonly trials: readonly CellReading[];
  /** Warmth of the room that the model is for. */
  readonly celsius: number;
}

type Known = Pick<PlannedCell, 'own' | 'school' | 'trials'>;
const NOTHING_READ: Known = { own: null, school: null, trials: [] };

/**
 * What is believed of a cell, as a curve: the recipe's typical one, moved to the belief's median. Own readings narrow what the
 * school or the recipe tells; doubtful ones wait until the educator keeps or mends them. All are of cells at room temperature.
 */
export function plannedCell(
  build: CellBuild,
  celsius: number,
  { own, school, trials }: Known = NOTHING_READ,
): PlannedCell {
  const belief = narrowedBelief(beliefBeforeReading(build, school), readingsOf({ own, trials }));
  const origin = belief.cellsRead > 0 ? 'own' : school === null ? 'typical' : 'school';
  return {
    ...build,
    ...curveOf(build, belief, celsius),
    belief,
    origin,
    school,
    own,
    trials,
    celsius,
  };
}

/** All cells of the lesson that were read and count. */
export function readingsOf({ own, trials }: Pick<PlannedCell, 'own' | 'trials'>): CellReading[] {
  return own?.status === 'used'
    ? [{ shortAmps: cellAmpsAt(own.model, 0), openVolts: own.model.emfVolts }, ...trials]
    : [...trials];
}

/** The same cell, believed to be otherwise. */
export function cellBelieved(cell: PlannedCell, belief: CellBelief): PlannedCell {
  return { ...cell, ...curveOf(cell, belief, cell.celsius), belief };
}

function curveOf(
  build: CellBuild,
  belief: CellBelief,
  celsius: number,
): Pick<PlannedCell, 'model'> {
  const typical = typicalCell(build);
  const onePair = typicalModel(withPairs(build, 1));
  const model = stretchedCell(
    typical.model,
    belief.openVolts / onePair.emfVolts,
    belief.shortAmps / cellAmpsAt(onePair, 0),
  );
  // One cell that was read alone had no neighbour to leak to: the pile's rims come on top.
  const inStack =
    build.recipe.look === 'pile' ? leakyCell(model, build.overhangMillimetres) : model;
  return { model: cellInWarmth(inStack, typical.electrolyteShare, celsius) };
}

/** The same cell with metals of another size or number. */
export function cellOfSize(cell: PlannedCell, size: ElectrodeSize): PlannedCell {
  return plannedCell({ ...cell, size }, cell.celsius, cell);
}

/** The same cell in a body that is cut otherwise. */
export function cellInPiece(cell: PlannedCell, piece: Piece): PlannedCell {
  const { recipe, body, size, overhangMillimetres } = cell;
  if (piece === cell.piece) return cell;
  const whole = bodyOf(recipe, body.id);
  const build = cellBuild(recipe, whole, { piece, size, overhangMillimetres });
  return plannedCell(build, cell.celsius, cell);
}

/** The same cell with so many whole pairs in its body. */
export function cellWithPairs(cell: PlannedCell, pairs: number): PlannedCell {
  const { size } = withPairs(cell, pairs);
  const { extraPlus, extraMinus } = cell.size;
  const same = cell.size.pairs === pairs && extraPlus + extraMinus === 0;
  return same ? cell : cellOfSize(cell, size);
}
