import type { CellModel } from '../../physics/chemistry/cellModel';
import { cellInWarmth } from '../../physics/chemistry/cellInWarmth';
import { familyCell } from '../../physics/chemistry/families';
import type { CellFamily, FamilyId } from '../../physics/chemistry/family';
import { RECIPE_IDS, type RecipeId } from '../../physics/chemistry/recipe';
import { RECIPES } from '../../physics/chemistry/recipes';
import { resistanceParts } from '../../physics/chemistry/scaleCell';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { ADULT_ONLY_ABOVE_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { SeriesResistor } from '../../records/plan/planSchema';
import { wrapOf, type Running } from '../../records/plan/runningSchema';
import type { CellEnd } from '../../physics/time/dischargeRun';
import { formatMinutes } from '../../units';
import { cellInUse, type CellInUse } from './cellInUse';
import { leastShortAmps } from './firstCell';
import { gridsFor } from './gridsFor';
import { chanceInUse, momentsOfGrid, resistorOf, type GridWish } from './gridWish';
import { oneSigmaWeakCell } from './oneSigmaWeakCell';
import { longestString, PLANNING_DEFAULTS } from './planGrids';
import { searchGrids } from './searchGrids';
import type { LoadLimit } from './seriesResistor';
import { wiringReason } from './wiringReason';

export const OBJECTIVES = [
  'fewest-cells',
  'lowest-cost',
  'brightest',
  'longest',
  'surest',
  'least-waste',
] as const;
export type Objective = (typeof OBJECTIVES)[number];

/** What lies in the cupboard; `null` where there is enough. */
export interface Stock {
  readonly bodies: number | null;
  /** Pairs of electrodes. */
  readonly pairs: number | null;
}

/** A family, or one cell that the educator measured: then the family stands for its supplies only. */
export interface PlannerFamily extends CellFamily {
  readonly measured?: CellModel;
}

/** What is asked of any battery. */
export interface PlannerWish {
  readonly need: LoadRequirement;
  readonly limit: LoadLimit | null;
  readonly resistor: SeriesResistor;
  /** How long it must run. */
  readonly minutes: number;
  readonly running: Running;
}

export interface PlannerInput extends PlannerWish {
  readonly families: readonly PlannerFamily[];
  readonly objective: Objective;
  readonly stock: Stock;
  readonly mostCells: number;
  /** Most electrode pairs in one body. */
  readonly mostPairs: number;
  readonly mostPrice: number | null;
  readonly mostCandidates: number;
}

export interface BatteryCandidate {
  readonly family: PlannerFamily;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly pairsPerBody: number;
  /** Bodies: fruit, cups, layers of a pile. */
  readonly cells: number;
  /** Pairs of electrodes in all of them. */
  readonly pairs: number;
  readonly openVolts: number;
  /** At first. */
  readonly amps: number;
  readonly volts: number;
  readonly brightness: BrightnessBand | null;
  /** After the wanted time. */
  readonly atEnd: {
    readonly minutes: number;
    readonly volts: number;
    readonly amps: number;
    readonly brightness: BrightnessBand | null;
  };
  /** Share of simulated classes in which it works for the whole time. */
  readonly chance: number;
  /** Whether that is enough to recommend it. */
  readonly recommended: boolean;
  /** Least short-circuit current of one cell with which it holds, amperes; `null` for a measured cell. */
  readonly holdsFromShortAmps: number | null;
  /** Resistor in series with the load; `null` without one. */
  readonly seriesResistorOhms: number | null;
  readonly price: number;
  readonly foodGrams: number;
  /** Rough hours until metal, water or food ends it, covered as is usual for the family. */
  readonly hours: number;
  readonly hoursEndBy: CellEnd;
  readonly reasons: readonly string[];
}

/** Why a family gives nothing, and what it would take. */
export interface FamilyLimit {
  readonly family: CellFamily;
  readonly limit: 'volts' | 'amps' | 'stock' | 'price' | 'time' | 'restricted';
  readonly explanation: string;
}

export interface PlannerOutcome {
  /** Recommended ones first, each best first by the objective. */
  readonly candidates: readonly BatteryCandidate[];
  readonly impossible: readonly FamilyLimit[];
}

interface Wiring {
  readonly family: PlannerFamily;
  readonly wish: GridWish;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly pairsPerBody: number;
}

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
export function planBatteries(input: PlannerInput): PlannerOutcome {
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
    if (wirings.length === 0) impossible.push(limitOf(family, input));
    else found.push(...wirings.map((wiring) => ({ wiring, facts: factsOf(wiring, input) })));
  }
  const compare = comparisonOf(input.objective);
  found.sort((a, b) => compare(a.facts, b.facts));
  return { candidates: found.slice(0, input.mostCandidates).map(withCondition), impossible };
}

interface Described {
  readonly wiring: Wiring;
  readonly facts: CandidateFacts;
}

/** All but the condition, which takes a search of its own. */
type CandidateFacts = Omit<BatteryCandidate, 'holdsFromShortAmps'>;

function withCondition({ wiring, facts }: Described): BatteryCandidate {
  const { family, wish, cellsInSeries, strings } = wiring;
  const holdsFromShortAmps =
    family.measured === undefined ? leastShortAmps(wish, cellsInSeries, strings) : null;
  return { ...facts, holdsFromShortAmps };
}

/** The family's cell, or the measured one, with so many pairs in one body, in the room. */
function cellWith(family: PlannerFamily, pairs: number, celsius: number): CellModel {
  // A measured cell has been brought to the room's warmth by whoever hands it over.
  if (family.measured !== undefined) return sideBySide(family.measured, pairs);
  const { electrolyteOhms, contactOhms } = resistanceParts(family.chemistry, family.geometry);
  const share = (electrolyteOhms + contactOhms) / familyCell(family).resistanceOhms;
  return cellInWarmth(familyCell(family, { pairs }), share, celsius);
}

/** The shipped recipe of a family. */
export function recipeOfFamily(id: FamilyId): RecipeId {
  const found = RECIPE_IDS.find((recipe) => RECIPES[recipe].family === id);
  if (found === undefined) throw new Error(`no recipe of the family ${id}`);
  return found;
}

function wishOf(family: PlannerFamily, pairs: number, asked: PlannerWish): GridWish {
  const { need, resistor, limit, minutes, running } = asked;
  return { use: cellsInUse(family, pairs, minutes, running), need, resistor, limit };
}

function cellsInUse(
  family: PlannerFamily,
  pairs: number,
  minutes: number,
  running: Running,
): CellInUse {
  return cellInUse(cellWith(family, pairs, running.celsius), {
    ...running,
    family,
    wrap: wrapOf(running, RECIPES[recipeOfFamily(family.id)]),
    minusElectrodes: pairs,
    seconds: 60 * minutes,
  });
}

/** Recommended wirings within the limits, and smaller ones that may do. */
function wiringsOf(family: PlannerFamily, input: PlannerInput): Wiring[] {
  const wirings: Wiring[] = [];
  const mostPairs = family.morePairs ? input.mostPairs : 1;
  const wanted = input.families.length === 1 ? WANTED_ALONE : WANTED_PER_FAMILY;
  const { recommendedFrom, marginalFrom } = PLANNING_DEFAULTS;
  for (let pairsPerBody = 1; pairsPerBody <= mostPairs; pairsPerBody += 1) {
    const mostCells = mostCellsWithin(family, pairsPerBody, input);
    if (mostCells < 1) continue;
    const wish = wishOf(family, pairsPerBody, input);
    const longest = Math.min(mostCells, longestString(wish.use.fresh.emfVolts));
    if (wish.use.endsAt(longest, 0).seconds < wish.use.seconds) continue;
    const limits = { longest, mostCells, wanted };
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
    mostPrice === null
      ? Infinity
      : Math.floor((mostPrice * (1 + 1e-9)) / priceOfCell(family, pairs)),
  );
}

/** Why a family gives nothing: what it would take without limits decides. */
function limitOf(family: PlannerFamily, input: PlannerInput): FamilyLimit {
  const wish = wishOf(family, 1, input);
  const longest = longestString(wish.use.fresh.emfVolts);
  const ends = wish.use.endsAt(longest, 0);
  if (ends.seconds < wish.use.seconds) {
    return {
      family,
      limit: 'time',
      explanation: `${family.name}: ${END_WORDS[ends.by]} after about ${formatMinutes(Number((ends.seconds / 60).toPrecision(2)))}; ${formatMinutes(input.minutes)} are wanted.`,
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
  const { stock, mostPrice, mostCells } = input;
  const free = { ...input, stock: { bodies: null, pairs: null }, mostPrice: null };
  if (wiringsOf(family, free).length === 0) {
    return {
      family,
      limit: 'amps',
      explanation: `${family.name}: the current takes at least ${fewest} cells; ${mostCells} is the most.`,
    };
  }
  const stocked = stock.bodies !== null || stock.pairs !== null;
  return stocked && (mostPrice === null || wiringsOf(family, { ...free, mostPrice }).length > 0)
    ? {
        family,
        limit: 'stock',
        explanation: `${family.name}: it takes about ${fewest} cells with one pair each, more than there are parts for.`,
      }
    : {
        family,
        limit: 'price',
        explanation: `${family.name}: every wiring that works costs more than set.`,
      };
}

/** What ends a cell, as a clause. */
export const END_WORDS: Readonly<Record<CellEnd, string>> = {
  'metal-used-up': 'the − metal is used up',
  'dried-out': 'a cell dries out',
  spoilt: 'mould and browning end a cell',
};

function priceOfCell({ supplies }: CellFamily, pairs: number): number {
  return supplies.bodyPrice + pairs * supplies.pairPrice;
}

function factsOf(wiring: Wiring, asked: PlannerWish): CandidateFacts {
  const { family, wish, cellsInSeries, strings, pairsPerBody } = wiring;
  const cells = cellsInSeries * strings;
  const { need, first, end } = momentsOfGrid(wish, cellsInSeries, strings);
  const openVolts = cellsInSeries * wish.use.fresh.emfVolts;
  const life = wish.use.endsAt(cellsInSeries, (first.amps + end.amps) / 2 / strings);
  const chance = life.seconds < wish.use.seconds ? 0 : chanceInUse(wish, cellsInSeries, strings);
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
    seriesResistorOhms: resistorOf(need),
    price: cells * priceOfCell(family, pairsPerBody),
    foodGrams: cells * family.supplies.foodGrams,
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

/** Order of candidates: recommended ones first, then by an objective. */
export function comparisonOf(
  objective: Objective,
): (a: CandidateFacts, b: CandidateFacts) => number {
  const key = (candidate: CandidateFacts): number => {
    switch (objective) {
      case 'fewest-cells':
        return candidate.cells;
      case 'lowest-cost':
        return candidate.price;
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
    key(a) - key(b) ||
    a.cells - b.cells ||
    a.pairs - b.pairs ||
    b.chance - a.chance;
}
