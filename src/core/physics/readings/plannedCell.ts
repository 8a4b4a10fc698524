import { cellAmpsAt, leakyCell, type CellModel } from '../cell/cellModel';
import { cellInWarmth, type ElectrodeSize } from '../cell/scaleCell';
import {
  cellBuild,
  electrolyteShareOf,
  shareOfOnePair,
  typicalModel,
  withPairs,
  type CellBuild,
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
  const model = used ? withElectrodes(own.model, build) : typicalOrSchools(school, build);
  // One cell that was read alone had no neighbour to leak to: the pile's rims come on top.
  const inStack =
    build.recipe.look === 'pile' ? leakyCell(model, build.overhangMillimetres) : model;
  return {
    ...build,
    model: cellInWarmth(inStack, electrolyteShareOf(build), celsius),
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

/** The recipe's cell of any size, as what the school has read of the usual one stretches it. */
function typicalOrSchools(school: SchoolFigures | null, build: CellBuild): CellModel {
  const model = typicalModel(build);
  if (school === null) return model;
  const usual = typicalModel(cellBuild(build.recipe, build.body));
  return stretchedCell(model, cellAmpsAt(usual, 0), school);
}

/** Readings are of one pair: more electrodes in the same body share its resistance as they would in a typical cell. */
function withElectrodes(model: CellModel, build: CellBuild): CellModel {
  const share = shareOfOnePair(build);
  if (share === 1) return model;
  const plus = build.size.pairs + build.size.extraPlus;
  const { activation, limitingAmps } = model;
  return {
    ...model,
    resistanceOhms: model.resistanceOhms * share,
    activation:
      activation === undefined
        ? undefined
        : { ...activation, exchangeAmps: activation.exchangeAmps * plus },
    limitingAmps: limitingAmps === undefined ? undefined : limitingAmps * plus,
  };
}
