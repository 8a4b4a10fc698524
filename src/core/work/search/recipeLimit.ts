import { aboutTime, formatMinutes } from '../../units';
import { missingWords } from '../parts/missingWords';
import { missingParts } from '../parts/partStock';
import { priceOfBill } from '../parts/priceOfBill';
import { endAtRest } from './batteryInTime';
import { billOfWiring } from './billOfWiring';
import { END_WORDS } from './endWords';
import { longestString } from './planGrids';
import type { PlannedWiring, PlannerInput, RecipeLimit } from './plannerTypes';
import { gridsFor, modelAtEnd, weakCell, secondsOf, type GridRequirement } from './searchGrids';

/**
 * Why a kind of cell gives nothing: what it would take without limits decides.
 * @param wiringsWith the wirings that work within other limits
 */
export function whyNone(
  asked: GridRequirement,
  input: PlannerInput,
  wiringsWith: (limits: PlannerInput) => readonly PlannedWiring[],
): RecipeLimit {
  const { recipe } = asked.cell;
  const because = (limit: RecipeLimit['limit'], why: string): RecipeLimit => ({
    recipe,
    limit,
    explanation: `${recipe.name}: ${why}`,
  });
  const longest = longestString(asked.cell.model.emfVolts);
  const ends = endAtRest(asked.cell, asked.running, longest);
  if (ends.seconds < secondsOf(asked)) {
    return because(
      'time',
      `${END_WORDS[ends.by]} after about ${aboutTime(ends.seconds)}; ${formatMinutes(asked.minutes)} are wanted.`,
    );
  }
  const weak = gridsFor(weakCell(modelAtEnd(asked, longest), asked.cell.belief.level), asked.need, {
    longest,
  });
  if (weak.length === 0) {
    return because('volts', 'strings short enough for a class never reach the voltage.');
  }
  const fewest = Math.min(...weak.map(({ cells }) => cells));
  const { mostPrice, mostCells, supply } = input;
  const free = { ...input, supply: { ...supply, have: null }, mostPrice: null };
  const [least] = wiringsWith(free);
  if (least === undefined) {
    return because('amps', `the current takes at least ${fewest} cells; ${mostCells} is the most.`);
  }
  const { cellsInSeries, strings } = least;
  const all = billOfWiring(least, supply.load);
  if (
    supply.have !== null &&
    (mostPrice === null || wiringsWith({ ...free, mostPrice }).length > 0)
  ) {
    const missing = missingWords(missingParts(all, supply.have));
    return because('stock', `${missing} missing for ${cellsInSeries} × ${strings}.`);
  }
  return priceOfBill(all, supply.prices) === null
    ? because('price', 'price unknown; set it in the cupboard.')
    : because('price', 'every wiring that works costs more than set.');
}
