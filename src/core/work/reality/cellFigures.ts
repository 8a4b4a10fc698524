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
import { maxPower } from '../../physics/cell/maxPower';
import { DEFAULT_UTILISATION } from '../../physics/cell/potentials';
import type { CellLook } from '../../physics/recipes/recipe';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { CupboardState } from '../../records/cupboard/cupboardSchema';
import { priceOfBill } from '../parts/priceOfBill';

/** One cell with everything that a wish may be calculated in. */
export interface CellFigures {
  readonly name: string;
  readonly plural: string;
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
): CellFigures {
  const { recipe, body, model } = cell;
  const minusElectrodes = minusElectrodesOf(cell);
  const shortAmps = cellAmpsAt(model, 0);
  const power = maxPower(model);
  return {
    // A pile's body is its separator: there the cell itself is counted.
    name: recipe.look === 'fruit' ? body.name : 'cell',
    plural: recipe.look === 'fruit' ? body.plural : 'cells',
    model,
    emfVolts: model.emfVolts,
    shortAmps,
    mostWatts: power.watts,
    bestVolts: power.volts,
    coulombs: DEFAULT_UTILISATION * metalCoulombsOf(cell),
    kilograms:
      Math.max(foodGramsOf(cell), waterOf(cell).waterGrams) / 1000 +
      METALS_KILOGRAMS * minusElectrodes,
    price: priceOfBill(piecesOfCell(withPairs(cell, 1)), cupboard)?.all ?? null,
    squareMetres: TABLE_ROOM[recipe.look],
    linear: isLinearCell(model),
    origin: `One cell: ${originWords(cell)}.`,
  };
}
