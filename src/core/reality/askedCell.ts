import { cellAmpsAt } from '../chemistry/cellAmpsAt';
import { isLinearCell, terminalVoltage, type CellModel } from '../chemistry/cellModel';
import { familyOf } from '../chemistry/families';
import { mostWatts } from '../chemistry/mostWatts';
import { DEFAULT_UTILISATION } from '../chemistry/potentials';
import type { CellLook } from '../chemistry/recipe';
import type { PlannedCell } from '../plan/cellOfPlan';
import { billOfCell } from '../preparation/bills';
import { entryOf, type CupboardState } from '../preparation/cupboardSchema';

/** One cell with everything that a wish may be reckoned in. */
export interface AskedCell {
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
  readonly price: number;
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

export function askedCell(
  { recipe, body, model, origin }: PlannedCell,
  cupboard: Pick<CupboardState, 'entries'>,
): AskedCell {
  const { supplies } = familyOf(recipe.family);
  const shortAmps = cellAmpsAt(model, 0);
  const price = billOfCell(recipe, body.id, 1).reduce((sum, { part, amount }) => {
    const { pack, packPrice } = entryOf(cupboard, part);
    return sum + (amount / pack) * packPrice;
  }, 0);
  const watts = mostWatts(model);
  return {
    // A pile's body is its separator: there the cell itself is counted.
    name: recipe.look === 'fruit' ? body.name : 'cell',
    plural: recipe.look === 'fruit' ? body.plural : 'cells',
    model,
    emfVolts: model.emfVolts,
    shortAmps,
    mostWatts: watts,
    bestVolts: voltsAtWatts(model, shortAmps, watts),
    coulombs: DEFAULT_UTILISATION * supplies.metalCoulombs,
    kilograms: Math.max(supplies.foodGrams, supplies.waterGrams) / 1000 + METALS_KILOGRAMS,
    price,
    squareMetres: TABLE_ROOM[recipe.look],
    linear: isLinearCell(model),
    origin:
      origin === 'own'
        ? 'One cell: your own readings.'
        : `One cell: typical values (${recipe.typical.source}).`,
  };
}

const STEPS = 400;

/** Volts at which the cell gives its greatest power; half of the open-circuit volts for a straight line. */
function voltsAtWatts(model: CellModel, shortAmps: number, watts: number): number {
  if (isLinearCell(model)) return model.emfVolts / 2;
  let best = model.emfVolts / 2;
  let off = Infinity;
  for (let step = 1; step < STEPS; step += 1) {
    const amps = (shortAmps * step) / STEPS;
    const volts = terminalVoltage(model, amps);
    const gap = Math.abs(volts * amps - watts);
    if (gap < off) {
      off = gap;
      best = volts;
    }
  }
  return best;
}
