import { aboutTime, formatMinutes } from '../../units';
import { END_WORDS } from './endWords';
import { gridsFor } from './gridsFor';
import type { GridWish } from './gridWish';
import { oneSigmaWeakCell } from './oneSigmaWeakCell';
import { longestString } from './planGrids';
import { hasPrices, whatLacks } from './plannerSupply';
import type { FamilyLimit, PlannerFamily, PlannerInput, Wiring } from './plannerTypes';

/**
 * Why a family gives nothing: what it would take without limits decides.
 * @param wiringsWith the wirings that work within other limits
 */
export function limitOf(
  family: PlannerFamily,
  input: PlannerInput,
  wish: GridWish,
  wiringsWith: (limits: PlannerInput) => readonly Wiring[],
): FamilyLimit {
  const longest = longestString(wish.use.fresh.emfVolts);
  const ends = wish.use.endsAt(longest, 0);
  if (ends.seconds < wish.use.seconds) {
    return {
      family,
      limit: 'time',
      explanation: `${family.name}: ${END_WORDS[ends.by]} after about ${aboutTime(ends.seconds)}; ${formatMinutes(input.minutes)} are wanted.`,
    };
  }
  const weak = gridsFor(oneSigmaWeakCell(wish.use.after(longest)), input.need, { longest });
  if (weak.length === 0) {
    return {
      family,
      limit: 'volts',
      explanation: `${family.name}: strings short enough for a class never reach the voltage.`,
    };
  }
  const fewest = Math.min(...weak.map(({ cells }) => cells));
  const { stock, mostPrice, mostCells, supply } = input;
  const free = {
    ...input,
    stock: { bodies: null, pairs: null },
    supply: { ...supply, have: null },
    mostPrice: null,
  };
  const [least] = wiringsWith(free);
  if (least === undefined) {
    return {
      family,
      limit: 'amps',
      explanation: `${family.name}: the current takes at least ${fewest} cells; ${mostCells} is the most.`,
    };
  }
  const stocked = stock.bodies !== null || stock.pairs !== null || supply.have !== null;
  return stocked && (mostPrice === null || wiringsWith({ ...free, mostPrice }).length > 0)
    ? {
        family,
        limit: 'stock',
        explanation: `${family.name}: ${whatLacks(least, input)}.`,
      }
    : {
        family,
        limit: 'price',
        explanation: hasPrices(least, input)
          ? `${family.name}: every wiring that works costs more than set.`
          : `${family.name}: price unknown; set it in the cupboard.`,
      };
}
