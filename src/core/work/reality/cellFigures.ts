import {
  foodGramsOf,
  metalCoulombsOf,
  minusElectrodesOf,
  piecesOfCell,
  waterOf,
  withPairs,
} from '../../physics/recipes/cellBuild';
import { originWords } from '../../records/school/schoolWords';
import { cellAmpsAt, type CellModel, isLinearCell } from '../../physics/cell/cellModel';
import { type CautionId, cautionIdsOfBattery } from '../../physics/safety/cautions';
import { maxPower } from '../../physics/cell/maxPower';
import { DEFAULT_UTILISATION } from '../../physics/cell/potentials';
import type { CellLook } from '../../physics/recipes/recipe';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { USUAL_RUNNING, type Running } from '../../records/plan/runningSchema';
import { modelAfter } from '../search/batteryInTime';
import { priceOfBill } from '../parts/priceOfBill';

/** One cell with everything that a wish may be calculated in. */
export interface CellFigures {
  readonly name: string;
  readonly plural: string;
  readonly planned: PlannedCell;
  readonly running: Running;
  /** As it is after so many seconds at work. */
  readonly seconds: number;
  readonly model: CellModel;
  readonly emfVolts: number;
  readonly shortAmps: number;
  /** Most power that it gives, watts, and the volts at which it does. */
  readonly mostWatts: number;
  readonly bestVolts: number;
  /** Charge of the metal that does useful work, coulombs. */
  readonly coulombs: number;
  readonly kilograms: number;
  /** `null` where a price is not known. */
  readonly price: number | null;
  readonly squareMetres: number;
  readonly linear: boolean;
  /** Where its figures come from, as a sentence. */
  readonly origin: string;
}

/** What is warned of where so many of a cell stand together, besides what is asked for. */
export function withCautionsOf(
  asked: readonly CautionId[],
  { emfVolts, shortAmps }: Pick<CellFigures, 'emfVolts' | 'shortAmps'>,
  { inSeries, strings }: { readonly inSeries: number; readonly strings: number },
): CautionId[] {
  return [...asked, ...cautionIdsOfBattery(inSeries * emfVolts, strings * shortAmps)];
}

/** Room on a table that a cell takes with its leads, square metres (from memory). */
const TABLE_ROOM: Readonly<Record<CellLook, number>> = {
  fruit: 0.01,
  pile: 0.0015,
  cup: 0.01,
  sponge: 0.012,
  towel: 0.012,
  pouch: 0.008,
  rod: 0.006,
  vessels: 0.03,
};
/** A pair of metals, kilograms (from memory). */
const METALS_KILOGRAMS = 0.008;

export function cellFigures(
  cell: PlannedCell,
  cupboard: Pick<CupboardState, 'entries'>,
  running: Running = USUAL_RUNNING,
): CellFigures {
  const { recipe, body } = cell;
  const minusElectrodes = minusElectrodesOf(cell);
  return {
    planned: cell,
    running,
    // A pile's body is its separator: there the cell itself is counted.
    name: recipe.look === 'fruit' ? body.name : 'cell',
    plural: recipe.look === 'fruit' ? body.plural : 'cells',
    ...curveFigures(cell.model),
    seconds: 0,
    coulombs: DEFAULT_UTILISATION * metalCoulombsOf(cell),
    kilograms:
      Math.max(foodGramsOf(cell), waterOf(cell).waterGrams) / 1000 +
      METALS_KILOGRAMS * minusElectrodes,
    price: priceOfBill(piecesOfCell(withPairs(cell, 1)), cupboard)?.all ?? null,
    squareMetres: TABLE_ROOM[recipe.look],
    origin: `One cell: ${originWords(cell)}.`,
  };
}

/** The same cell after so many seconds at work: films have built up, water has gone. */
export function figuresAfter(cell: CellFigures, seconds: number): CellFigures {
  // How long a string becomes is not known yet: of a pile's cells one alone dries soonest.
  const model = modelAfter(cell.planned, cell.running, 1, seconds);
  return { ...cell, ...curveFigures(model), seconds };
}

function curveFigures(
  model: CellModel,
): Pick<CellFigures, 'model' | 'emfVolts' | 'shortAmps' | 'mostWatts' | 'bestVolts' | 'linear'> {
  const { watts, volts } = maxPower(model);
  return {
    model,
    emfVolts: model.emfVolts,
    shortAmps: cellAmpsAt(model, 0),
    mostWatts: watts,
    bestVolts: volts,
    linear: isLinearCell(model),
  };
}
