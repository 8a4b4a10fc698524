import { type CellModel, leakyCell } from '../cell/cellModel';
import { cellInWarmth, type ElectrodeSize } from '../cell/scaleCell';
import {
  cellBuild,
  type CellBuild,
  typicalCell,
  typicalModel,
  withElectrodesOf,
  withPairs,
} from '../recipes/cellBuild';
import type { OwnCell } from './ownCell';
import { stretchedCell, type SchoolFigures } from './schoolFigures';

/** One cell, finished: how it is built, its curve, and where its figures come from. */
export interface PlannedCell extends CellBuild {
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
}

type Known = Pick<PlannedCell, 'own' | 'school'>;
const NOTHING_READ: Known = { own: null, school: null };

/**
 * Own readings beat what the school has read of such cells, and that beats the recipe's typical values; doubtful ones wait
 * until the educator keeps or mends them. All of them are of cells at room temperature.
 */
export function plannedCell(
  build: CellBuild,
  celsius: number,
  { own, school }: Known = NOTHING_READ,
): PlannedCell {
  const used = own?.status === 'used';
  const typical = typicalCell(build);
  const model = used
    ? withElectrodesOf(build, own.model)
    : school === null
      ? typical.model
      : stretchedCell(typical.model, typicalModel(cellBuild(build.recipe, build.body)), school);
  // One cell that was read alone had no neighbour to leak to: the pile's rims come on top.
  const inStack =
    build.recipe.look === 'pile' ? leakyCell(model, build.overhangMillimetres) : model;
  return {
    ...build,
    model: cellInWarmth(inStack, typical.electrolyteShare, celsius),
    origin: used ? 'own' : school === null ? 'typical' : 'school',
    school,
    own,
    celsius,
  };
}

/** The same cell with metals of another size or number. */
export function cellOfSize(cell: PlannedCell, size: ElectrodeSize): PlannedCell {
  return plannedCell({ ...cell, size }, cell.celsius, cell);
}

/** The same cell with so many whole pairs in its body. */
export function cellWithPairs(cell: PlannedCell, pairs: number): PlannedCell {
  const { size } = withPairs(cell, pairs);
  const { extraPlus, extraMinus } = cell.size;
  const same = cell.size.pairs === pairs && extraPlus + extraMinus === 0;
  return same ? cell : cellOfSize(cell, size);
}
