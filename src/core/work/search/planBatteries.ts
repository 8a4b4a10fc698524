import { ADULT_ONLY_ABOVE_VOLTS, ROOM_THERMAL_VOLTS } from '../../constants';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { isLedLoad, leastLedAmps } from '../../physics/circuit/load/load';
import { gridDesk } from '../../physics/desk/desk';
import { loadOnDesk } from '../../physics/desk/solveDesk';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import { billOfCells, foodGramsOf } from '../../physics/recipes/cellBuild';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { mergeBillLines, missingParts, timesFrom } from '../parts/partStock';
import { billOfLoad } from '../parts/partOfTarget';
import { priceOfBill } from '../parts/priceOfBill';
import { deskAfter, endAtRest, endOfBattery } from './batteryInTime';
import { chanceInTime } from './chanceInTime';
import { billOfWiring } from './billOfWiring';
import { onStrongClass, resistorOf } from './loadLimits';
import { longestString, PLANNING_DEFAULTS } from './planGrids';
import type {
  BatteryCandidate,
  Objective,
  Order,
  PlannedWiring,
  PlannerInput,
  PlannerOutcome,
  PlannerQuestion,
  RecipeLimit,
  Supply,
} from './plannerTypes';
import { whyNone } from './recipeLimit';
import { searchGrids, secondsOf, type GridRequirement } from './searchGrids';
import { MOST_PAIRS_SUGGESTED, waysToBuild } from './suggestion';
import { compareLeast } from './leastToBuy';
import { wiringReason } from './wiringReason';

/** No prices known, and enough of everything. */
const BOUGHT: Supply = { prices: { entries: {} }, have: null, load: [] };

export const PLANNER_DEFAULTS = {
  mostCells: 100,
  mostPairs: MOST_PAIRS_SUGGESTED,
  mayCut: true,
  mostCandidates: 12,
} as const;

/** Lengths of string that are followed up for each kind of cell and number of pairs. */
const WANTED_OF_EACH = 2;
/** One more where there is one kind only: three lengths for each number of pairs that the list has room for. */
const WANTED_ALONE = 3;

/** Rounding of prices that were added up. */
const ROUNDING = 1e-9;

/**
 * Batteries that meet a need for its whole time, over kinds of cells, lengths of string, strings side by side and pairs in one
 * body. Each wiring is the smallest of its length that works in nearly every class; then those that may do, and say so. What
 * cannot be done says why.
 */
export function planBatteries(question: PlannerQuestion): PlannerOutcome {
  const input: PlannerInput = { supply: BOUGHT, ...question };
  const found: Described[] = [];
  const impossible: RecipeLimit[] = [];
  for (const cell of input.cells) {
    const { recipe } = cell;
    if (recipe.restricted) {
      impossible.push({
        recipe,
        limit: 'restricted',
        explanation: `${recipe.name}: trained staff at the lecturer’s bench only; Grozer makes no class plan of it.`,
      });
      continue;
    }
    const wirings = wiringsOf(cell, input);
    if (wirings.length === 0) {
      impossible.push(
        whyNone(requirementFor(cell, input), input, (limits) => wiringsOf(cell, limits)),
      );
    } else found.push(...describedOf(wirings, input));
  }
  const facts = found.map((one) => one.facts);
  const order = orderOf(input.objective, facts);
  facts.sort(comparisonOf(order));
  return { candidates: facts.slice(0, input.mostCandidates), order, impossible };
}

type CellQuestion = Omit<PlannerQuestion, 'cells' | 'objective' | 'mostCandidates'>;

/** The best of one kind of cell, without the reasons why others do not do; `null`: none does. */
export function bestBattery(
  cell: PlannedCell,
  question: CellQuestion,
  order: Order,
): BatteryCandidate | null {
  return bestFirst(cell, question, 1, order)[0] ?? null;
}

/** Those of one kind of cell, fewest cells first: what each is, not from which first cell on it holds, and no reasons. */
export function batteriesOf(
  cell: PlannedCell,
  question: CellQuestion,
): readonly BatteryCandidate[] {
  return bestFirst(cell, question, WANTED_ALONE, 'fewest-cells');
}

function bestFirst(
  cell: PlannedCell,
  question: CellQuestion,
  wanted: number,
  order: Order,
): BatteryCandidate[] {
  const input: PlannerInput = {
    supply: BOUGHT,
    ...question,
    cells: [cell],
    objective: order,
    mostCandidates: wanted,
  };
  return describedOf(wiringsOf(cell, input, wanted), input)
    .map(({ facts }) => facts)
    .sort(comparisonOf(order));
}

interface Described {
  readonly wiring: PlannedWiring;
  readonly facts: BatteryCandidate;
}

/** What can be made within price and parts, its resistor among them. */
function describedOf(wirings: readonly PlannedWiring[], input: PlannerInput): Described[] {
  const { mostPrice, supply } = input;
  return wirings
    .map((wiring) => ({ wiring, facts: factsOf(wiring, input) }))
    .filter(({ facts: { price, bill } }) => {
      if (mostPrice !== null && (price === null || price > mostPrice * (1 + ROUNDING)))
        return false;
      return supply.have === null || missingParts(bill, supply.have).length === 0;
    });
}

function requirementFor(cell: PlannedCell, input: PlannerInput): GridRequirement {
  const { need, resistor, limit, minutes, running, supply } = input;
  const { have, load } = supply;
  return {
    cell,
    need,
    resistor,
    limit,
    minutes,
    running,
    mostStrings:
      have === null
        ? undefined
        : (cellsInSeries) =>
            timesFrom(have, billOfCells(cell, cellsInSeries), billOfLoad(load, false)),
  };
}

/** Recommended wirings within the limits, and smaller ones that may do. */
function wiringsOf(
  cell: PlannedCell,
  input: PlannerInput,
  wanted = input.cells.length === 1 ? WANTED_ALONE : WANTED_OF_EACH,
): PlannedWiring[] {
  const wirings: PlannedWiring[] = [];
  const { recommendedFrom, marginalFrom } = PLANNING_DEFAULTS;
  for (const built of waysToBuild(cell, input.mayCut ? null : cell.piece, input.mostPairs)) {
    const asked = requirementFor(built, input);
    const mostCells = mostCellsWithin(asked.cell, input);
    if (mostCells < 1) continue;
    const longest = Math.min(mostCells, longestString(asked.cell.model.emfVolts));
    if (endAtRest(asked.cell, asked.running, longest).seconds < secondsOf(asked)) continue;
    const limits = { longest, mostCells, wanted };
    const sure = searchGrids(asked, { ...limits, leastChance: recommendedFrom });
    const found =
      sure.length > 0 ? sure : searchGrids(asked, { ...limits, leastChance: marginalFrom });
    const fewer = sure
      .slice(0, 1)
      .map(({ cellsInSeries, strings }) => ({ cellsInSeries, strings: strings - 1 }))
      .filter(
        ({ cellsInSeries, strings }) =>
          strings > 0 && chanceOf(asked, cellsInSeries, strings) >= marginalFrom,
      );
    for (const { cellsInSeries, strings } of [...found, ...fewer]) {
      wirings.push({ asked, cellsInSeries, strings });
    }
  }
  return wirings;
}

function chanceOf(asked: GridRequirement, cellsInSeries: number, strings: number): number {
  const desk = gridDesk(asked.cell, cellsInSeries, strings);
  const { need } = onStrongClass(desk, asked);
  return chanceInTime(secondsOf(asked), desk, need, asked.running);
}

/** Most bodies that limits and price allow; none where a price is not known. */
function mostCellsWithin(
  cell: PlannedCell,
  { mostPrice, mostCells, supply }: PlannerInput,
): number {
  if (mostPrice === null) return mostCells;
  const cost = priceOfBill(billOfCells(cell, 1), supply.prices);
  if (cost === null) return 0;
  return cost.all === 0
    ? mostCells
    : Math.min(mostCells, Math.floor((mostPrice * (1 + ROUNDING)) / cost.all));
}

function factsOf(wiring: PlannedWiring, { supply }: PlannerInput): BatteryCandidate {
  const { asked, cellsInSeries, strings } = wiring;
  const { cell, running, minutes } = asked;
  const cells = cellsInSeries * strings;
  const desk = gridDesk(cell, cellsInSeries, strings);
  const { need } = onStrongClass(desk, asked);
  const seconds = secondsOf(asked);
  const first = loadOnDesk(desk, need.load);
  const end = loadOnDesk(deskAfter(desk, running, seconds), need.load);
  const openVolts = cellsInSeries * cell.model.emfVolts;
  const life = endOfBattery(desk, need, running);
  const chance = life.seconds < seconds ? 0 : chanceInTime(seconds, desk, need, running);
  const seriesResistorOhms = resistorOf(need);
  const bill = mergeBillLines([
    ...billOfWiring(wiring, supply.load),
    ...billOfLoad([], seriesResistorOhms !== null),
  ]);
  const bandOf = ({ amps, volts }: Pick<typeof first, 'amps' | 'volts'>): BrightnessBand | null =>
    isLedLoad(need.load)
      ? brightnessOf(leastLedAmps(need.load, amps, volts, ROOM_THERMAL_VOLTS))
      : null;
  const { pairs } = cell.size;
  return {
    cell,
    cellsInSeries,
    strings,
    pairsPerBody: pairs,
    cells,
    pairs: cells * pairs,
    openVolts,
    ...first,
    brightness: bandOf(first),
    atEnd: { minutes, ...end, brightness: bandOf(end) },
    chance,
    recommended: chance >= PLANNING_DEFAULTS.recommendedFrom,
    seriesResistorOhms,
    price: priceOfBill(bill, supply.prices)?.all ?? null,
    bill,
    foodGrams: cells * foodGramsOf(cell),
    hours: life.seconds / 3600,
    hoursEndBy: life.by,
    reasons: reasonsOf(wiring, need, openVolts),
  };
}

function reasonsOf(wiring: PlannedWiring, need: LoadRequirement, openVolts: number): string[] {
  const reasons = [wiringReason(wiring, { openVolts, need })];
  if (wiring.asked.cell.size.pairs > 1) {
    reasons.push('more metal in the same body: more current without more food');
  }
  if (openVolts > ADULT_ONLY_ABOVE_VOLTS) {
    reasons.push(`over ${ADULT_ONLY_ABOVE_VOLTS} V with nothing connected: adult only`);
  }
  return reasons;
}

/**
 * What really orders: the least to buy is the lowest price where all prices are known, else the fewest bodies; so is the lowest
 * price where none is known.
 */
export function orderOf(
  objective: Objective,
  candidates: readonly Pick<BatteryCandidate, 'price'>[],
): Order {
  const priced = candidates.filter(({ price }) => price !== null).length;
  switch (objective) {
    case 'least-to-buy':
      return priced === candidates.length ? 'lowest-cost' : 'fewest-cells';
    case 'lowest-cost':
      return priced > 0 ? 'lowest-cost' : 'fewest-cells';
    default:
      return objective;
  }
}

/** Order of candidates: recommended ones first, then by what is asked, then what takes least. */
export function comparisonOf(order: Order): (a: BatteryCandidate, b: BatteryCandidate) => number {
  const key = (candidate: BatteryCandidate): number => {
    switch (order) {
      case 'fewest-cells':
        return 0;
      case 'lowest-cost':
        // What has no price cannot be the cheapest.
        return candidate.price === null ? Infinity : Math.round(candidate.price / ROUNDING);
      case 'brightest':
        return -candidate.atEnd.amps;
      case 'longest':
        return -candidate.hours;
      case 'surest':
        return -candidate.chance;
      case 'least-waste':
        return candidate.foodGrams;
    }
  };
  return (a, b) =>
    Number(b.recommended) - Number(a.recommended) ||
    compareKeys(key(a), key(b)) ||
    compareLeast(a, b) ||
    b.chance - a.chance;
}

/** Two that have no end are as good as each other. */
function compareKeys(a: number, b: number): number {
  return a === b ? 0 : a - b;
}
