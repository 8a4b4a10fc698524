import type { CellModel } from '../../physics/chemistry/cellModel';
import { leakyCell } from '../../physics/chemistry/leakyCell';
import { cellInWarmth } from '../../physics/chemistry/cellInWarmth';
import { familyCell } from '../../physics/chemistry/families';
import { RECIPES } from '../../physics/chemistry/recipes';
import { resistanceParts } from '../../physics/chemistry/scaleCell';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { ADULT_ONLY_ABOVE_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { wrapOf, type Running } from '../../records/plan/runningSchema';
import { comparisonOf } from './compareCandidates';
import { limitOf } from './familyLimit';
import {
  billOfWiring,
  canBeMade,
  cellsForPrice,
  mostStringsOf,
  recipeOfFamily,
} from './plannerSupply';
import type {
  BatteryCandidate,
  CandidateFacts,
  FamilyLimit,
  PlannerFamily,
  PlannerInput,
  PlannerOutcome,
  PlannerQuestion,
  PlannerWish,
  Supply,
  Wiring,
} from './plannerTypes';
import { cellInUse, type CellInUse } from './cellInUse';
import { leastShortAmps } from './firstCell';
import { chanceInUse, endOfGrid, momentsOfGrid, resistorOf, type GridWish } from './gridWish';
import { longestString, PLANNING_DEFAULTS } from './planGrids';
import { searchGrids } from './searchGrids';
import { PIECE_FACTS } from '../../physics/chemistry/pieces';
import { billOfLoad } from '../parts/billOfBattery';
import { joined } from '../parts/partStock';
import { priceOfBill } from '../parts/priceOfBill';
import { wiringReason } from './wiringReason';

/** No prices known, and enough of everything. */
const BOUGHT: Supply = { prices: { entries: {} }, have: null, load: null };

export const PLANNER_DEFAULTS = { mostCells: 100, mostPairs: 4, mostCandidates: 12 } as const;

/** Lengths of string that are followed up for each family and number of pairs. */
const WANTED_PER_FAMILY = 2;
/** One more where there is one family only: three lengths for each number of pairs that the list has room for. */
const WANTED_ALONE = 3;

/**
 * Batteries that meet a need for its whole time, over families, lengths of string, strings side by side and pairs in one body.
 * Each wiring is the smallest of its length that works in nearly every class; then those that may do, and say so. What cannot
 * be done says why.
 */
export function planBatteries(question: PlannerQuestion): PlannerOutcome {
  const input: PlannerInput = { supply: BOUGHT, ...question };
  const found: Described[] = [];
  const impossible: FamilyLimit[] = [];
  for (const family of input.families) {
    if (family.restricted) {
      impossible.push({
        family,
        limit: 'restricted',
        explanation: `${family.name}: trained staff at the lecturer’s bench only; Grozer makes no class plan of it.`,
      });
      continue;
    }
    const wirings = wiringsOf(family, input);
    if (wirings.length === 0) {
      impossible.push(
        limitOf(family, input, wishOf(family, 1, input), (limits) => wiringsOf(family, limits)),
      );
    } else found.push(...describedOf(wirings, input));
  }
  const compare = comparisonOf(input.objective);
  found.sort((a, b) => compare(a.facts, b.facts));
  return { candidates: found.slice(0, input.mostCandidates).map(withCondition), impossible };
}

type FamilyQuestion = Omit<PlannerQuestion, 'families' | 'objective' | 'mostCandidates'>;

/** The one with the fewest cells out of one family, without the reasons why others do not do; `null`: none does. */
export function fewestCells(
  family: PlannerFamily,
  question: FamilyQuestion,
): BatteryCandidate | null {
  const [best] = fewestFirst(family, question, 1);
  return best === undefined ? null : withCondition(best);
}

/** Those of one family, fewest cells first: what each is, not from which first cell on it holds, and no reasons. */
export function batteriesOf(
  family: PlannerFamily,
  question: FamilyQuestion,
): readonly CandidateFacts[] {
  return fewestFirst(family, question, WANTED_ALONE).map(({ facts }) => facts);
}

function fewestFirst(
  family: PlannerFamily,
  question: FamilyQuestion,
  wanted: number,
): readonly Described[] {
  const input: PlannerInput = {
    supply: BOUGHT,
    ...question,
    families: [family],
    objective: 'fewest-cells',
    mostCandidates: wanted,
  };
  const compare = comparisonOf('fewest-cells');
  return describedOf(wiringsOf(family, input, wanted), input).sort((a, b) =>
    compare(a.facts, b.facts),
  );
}

function describedOf(wirings: readonly Wiring[], input: PlannerInput): Described[] {
  return wirings
    .map((wiring) => ({ wiring, facts: factsOf(wiring, input) }))
    .filter(({ facts }) => canBeMade(facts, input));
}

interface Described {
  readonly wiring: Wiring;
  readonly facts: CandidateFacts;
}

function withCondition({ wiring, facts }: Described): BatteryCandidate {
  const { family, wish, cellsInSeries, strings } = wiring;
  const holdsFromShortAmps =
    family.measured === undefined ? leastShortAmps(wish, cellsInSeries, strings) : null;
  return { ...facts, holdsFromShortAmps };
}

/** The family's cell, or the measured one, with so many pairs in one body, in the room. */
function cellWith(family: PlannerFamily, pairs: number, celsius: number): CellModel {
  // A measured cell has been brought to the room's warmth by whoever hands it over.
  const overhang = family.made?.overhangMillimetres ?? 0;
  if (family.measured !== undefined) {
    return leakyCell(sideBySide(family.measured, pairs), overhang);
  }
  const { electrolyteOhms, contactOhms } = resistanceParts(family.chemistry, family.geometry);
  const share = (electrolyteOhms + contactOhms) / familyCell(family).resistanceOhms;
  return cellInWarmth(leakyCell(familyCell(family, { pairs }), overhang), share, celsius);
}

function wishOf(family: PlannerFamily, pairs: number, asked: PlannerWish): GridWish {
  const { need, resistor, limit, minutes, running } = asked;
  return { use: cellsInUse(family, pairs, minutes, running), need, resistor, limit };
}

/** Cells in time by family: every target and brightness that is asked of a family asks for the same ones. */
const known = new WeakMap<PlannerFamily, Map<string, CellInUse>>();

function cellsInUse(
  family: PlannerFamily,
  pairs: number,
  minutes: number,
  running: Running,
): CellInUse {
  const ofFamily = known.get(family) ?? new Map<string, CellInUse>();
  known.set(family, ofFamily);
  const { wrap, humidity, celsius } = running;
  const key = `${pairs} ${minutes} ${wrap ?? ''} ${humidity} ${celsius}`;
  const found = ofFamily.get(key);
  if (found !== undefined) return found;
  const made = cellInUse(cellWith(family, pairs, celsius), {
    ...running,
    family,
    piece: family.made?.piece ?? 'whole',
    liquid: family.liquid,
    wrap: wrapOf(running, RECIPES[recipeOfFamily(family.id)]),
    minusElectrodes: pairs,
    seconds: 60 * minutes,
  });
  ofFamily.set(key, made);
  return made;
}

/** Recommended wirings within the limits, and smaller ones that may do. */
function wiringsOf(
  family: PlannerFamily,
  input: PlannerInput,
  wanted = input.families.length === 1 ? WANTED_ALONE : WANTED_PER_FAMILY,
): Wiring[] {
  const wirings: Wiring[] = [];
  const mostPairs = family.morePairs ? input.mostPairs : 1;
  const { recommendedFrom, marginalFrom } = PLANNING_DEFAULTS;
  for (let pairsPerBody = 1; pairsPerBody <= mostPairs; pairsPerBody += 1) {
    const mostCells = mostCellsWithin(family, pairsPerBody, input);
    if (mostCells < 1) continue;
    const mostStrings = mostStringsOf(family, pairsPerBody, input);
    const wish = wishOf(family, pairsPerBody, input);
    const longest = Math.min(mostCells, longestString(wish.use.fresh.emfVolts));
    if (wish.use.endsAt(longest, 0).seconds < wish.use.seconds) continue;
    const limits = { longest, mostCells, mostStrings, wanted };
    const sure = searchGrids(wish, { ...limits, leastChance: recommendedFrom });
    const found =
      sure.length > 0 ? sure : searchGrids(wish, { ...limits, leastChance: marginalFrom });
    const fewer = sure
      .slice(0, 1)
      .map(({ cellsInSeries, strings }) => ({ cellsInSeries, strings: strings - 1 }))
      .filter(
        ({ cellsInSeries, strings }) =>
          strings > 0 && chanceInUse(wish, cellsInSeries, strings) >= marginalFrom,
      );
    for (const { cellsInSeries, strings } of [...found, ...fewer]) {
      wirings.push({ family, wish, cellsInSeries, strings, pairsPerBody });
    }
  }
  return wirings;
}

/** Most bodies that limits, stock and price allow. */
function mostCellsWithin(family: PlannerFamily, pairs: number, input: PlannerInput): number {
  const { stock, mostPrice, mostCells } = input;
  return Math.min(
    mostCells,
    stock.bodies ?? Infinity,
    stock.pairs === null ? Infinity : Math.floor(stock.pairs / pairs),
    mostPrice === null ? Infinity : cellsForPrice(mostPrice, family, pairs, input),
  );
}

function factsOf(wiring: Wiring, asked: PlannerInput): CandidateFacts {
  const { family, wish, cellsInSeries, strings, pairsPerBody } = wiring;
  const cells = cellsInSeries * strings;
  const { need, first, end } = momentsOfGrid(wish, cellsInSeries, strings);
  const openVolts = cellsInSeries * wish.use.fresh.emfVolts;
  const life = endOfGrid(wish, cellsInSeries, strings, need);
  const chance = life.seconds < wish.use.seconds ? 0 : chanceInUse(wish, cellsInSeries, strings);
  const { supply } = asked;
  const seriesResistorOhms = resistorOf(need);
  const bill = joined([
    ...billOfWiring(family, pairsPerBody, cellsInSeries, strings, supply.load),
    ...billOfLoad(null, seriesResistorOhms !== null),
  ]);
  const isLed = need.load.kind === 'led' || need.load.kind === 'led-group';
  const bandOf = (amps: number): BrightnessBand | null => (isLed ? brightnessOf(amps) : null);
  return {
    family,
    cellsInSeries,
    strings,
    pairsPerBody,
    cells,
    pairs: cells * pairsPerBody,
    openVolts,
    ...first,
    brightness: bandOf(first.amps),
    atEnd: { minutes: asked.minutes, ...end, brightness: bandOf(end.amps) },
    chance,
    recommended: chance >= PLANNING_DEFAULTS.recommendedFrom,
    seriesResistorOhms,
    price: priceOfBill(bill, supply.prices)?.all ?? null,
    bill,
    foodGrams: cells * family.supplies.foodGrams * PIECE_FACTS[family.made?.piece ?? 'whole'].share,
    hours: life.seconds / 3600,
    hoursEndBy: life.by,
    reasons: reasonsOf(wiring, need, openVolts),
  };
}

function reasonsOf(wiring: Wiring, need: LoadRequirement, openVolts: number): string[] {
  const reasons = [wiringReason(wiring, { openVolts, need })];
  if (wiring.pairsPerBody > 1) {
    reasons.push('more metal in the same body: more current without more food');
  }
  if (openVolts > ADULT_ONLY_ABOVE_VOLTS) {
    reasons.push(`over ${ADULT_ONLY_ABOVE_VOLTS} V open: adult only`);
  }
  return reasons;
}
