import type { CellModel } from '../../physics/chemistry/cellModel';
import { familyCell, type CellFamily } from '../../physics/chemistry/families';
import { sideBySide } from '../../physics/chemistry/sideBySide';
import { DEFAULT_UTILISATION } from '../../physics/chemistry/potentials';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { gridCurve } from '../../physics/circuit/battery/gridCurve';
import { operatingPoint } from '../../physics/circuit/operatingPoint';
import { ADULT_ONLY_ABOVE_VOLTS, REFUSED_ABOVE_VOLTS, ROOM_THERMAL_VOLTS } from '../../constants';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { dryingPerSecond } from '../../physics/time/drying';
import { DRY_BELOW } from '../../physics/time/ageingCell';
import { chanceOfGrid } from './chanceOfGrid';
import { gridsFor } from './gridsFor';
import { wiringReason } from './wiringReason';
import { oneSigmaWeakCell } from './oneSigmaWeakCell';

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

export interface PlannerInput {
  readonly families: readonly PlannerFamily[];
  readonly need: LoadRequirement;
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
  readonly cells: number;
  readonly pairs: number;
  readonly openVolts: number;
  readonly amps: number;
  readonly volts: number;
  readonly brightness: BrightnessBand | null;
  /** Share of simulated classes in which it works. */
  readonly chance: number;
  readonly price: number;
  readonly foodGrams: number;
  /** Rough hours until metal or water runs out, open to the air as the family is used. */
  readonly hours: number;
  readonly hoursEndBy: 'metal' | 'drying';
  readonly reasons: readonly string[];
}

/** Why a family gives nothing, and what it would take. */
export interface FamilyLimit {
  readonly family: CellFamily;
  readonly limit: 'volts' | 'amps' | 'stock' | 'price' | 'restricted';
  readonly explanation: string;
}

export interface PlannerOutcome {
  /** Best first by the objective. */
  readonly candidates: readonly BatteryCandidate[];
  readonly impossible: readonly FamilyLimit[];
}

interface Wiring {
  readonly family: PlannerFamily;
  readonly cell: CellModel;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly pairsPerBody: number;
}

export const PLANNER_DEFAULTS = { mostCells: 100, mostPairs: 4, mostCandidates: 12 } as const;

/** Candidates of one family that are simulated; the rest are worse by the objective already. */
const SIMULATED_PER_FAMILY = 3;
/** More of them where there is one family only. */
const SIMULATED_ALONE = 6;

/**
 * Batteries that meet a need, over families, lengths of string, strings side by side and pairs in one body. Each
 * wiring is the smallest of its shape that a weak class still gets to work; what cannot be done says why.
 */
export function planBatteries(input: PlannerInput): PlannerOutcome {
  const candidates: BatteryCandidate[] = [];
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
    const found = wiringsOf(family, input);
    if ('limit' in found) {
      impossible.push(found);
      continue;
    }
    const measured = found.wirings
      .map((wiring) => measure(wiring, input.need, 1))
      .sort(comparisonOf(input.objective))
      .slice(0, input.families.length === 1 ? SIMULATED_ALONE : SIMULATED_PER_FAMILY);
    for (const candidate of measured) candidates.push(withChance(candidate, input.need));
  }
  candidates.sort(comparisonOf(input.objective));
  return { candidates: candidates.slice(0, input.mostCandidates), impossible };
}

/** The family's cell, or the measured one, with so many pairs in one body. */
function cellWith(family: PlannerFamily, pairs: number): CellModel {
  return family.measured === undefined
    ? familyCell(family, { pairs })
    : sideBySide(family.measured, pairs);
}

/** One wiring of a family with everything the planner tells of it. */
export function batteryOf(
  family: PlannerFamily,
  wiring: Pick<BatteryCandidate, 'cellsInSeries' | 'strings' | 'pairsPerBody'>,
  need: LoadRequirement,
): BatteryCandidate {
  const cell = cellWith(family, wiring.pairsPerBody);
  return withChance(measure({ family, cell, ...wiring }, need, 1), need);
}

function wiringsOf(
  family: PlannerFamily,
  input: PlannerInput,
): { wirings: Wiring[] } | FamilyLimit {
  const wirings: Wiring[] = [];
  let reachesVolts = false;
  let fewestCells = Infinity;
  let withinStock = false;
  const mostPairs = family.morePairs ? input.mostPairs : 1;
  for (let pairsPerBody = 1; pairsPerBody <= mostPairs; pairsPerBody += 1) {
    const cell = cellWith(family, pairsPerBody);
    const longest = Math.min(input.mostCells, Math.floor(REFUSED_ABOVE_VOLTS / cell.emfVolts));
    const grids = gridsFor(oneSigmaWeakCell(cell), input.need, { longest });
    reachesVolts ||= grids.length > 0;
    for (const { cellsInSeries, strings, cells } of grids) {
      fewestCells = Math.min(fewestCells, cells);
      if (cells > input.mostCells) continue;
      if (input.stock.bodies !== null && cells > input.stock.bodies) continue;
      if (input.stock.pairs !== null && cells * pairsPerBody > input.stock.pairs) continue;
      withinStock = true;
      const wiring = { family, cell, cellsInSeries, strings, pairsPerBody };
      if (input.mostPrice === null || priceOf(wiring) <= input.mostPrice) wirings.push(wiring);
    }
  }
  if (wirings.length > 0) return { wirings };
  return limitOf(family, input, reachesVolts, fewestCells, withinStock);
}

function limitOf(
  family: CellFamily,
  input: PlannerInput,
  reachesVolts: boolean,
  fewestCells: number,
  withinStock: boolean,
): FamilyLimit {
  if (!reachesVolts) {
    return {
      family,
      limit: 'volts',
      explanation: `${family.name}: strings short enough for a class never reach the voltage.`,
    };
  }
  if (fewestCells > input.mostCells) {
    return {
      family,
      limit: 'amps',
      explanation: `${family.name}: the current takes at least ${fewestCells} cells; ${input.mostCells} is the most.`,
    };
  }
  return withinStock
    ? {
        family,
        limit: 'price',
        explanation: `${family.name}: every wiring that works costs more than set.`,
      }
    : {
        family,
        limit: 'stock',
        explanation: `${family.name}: it takes at least ${fewestCells} cells, more than there are parts for.`,
      };
}

function priceOf({ family, cellsInSeries, strings, pairsPerBody }: Wiring): number {
  const { bodyPrice, pairPrice } = family.supplies;
  return cellsInSeries * strings * (bodyPrice + pairsPerBody * pairPrice);
}

function measure(wiring: Wiring, need: LoadRequirement, chance: number): BatteryCandidate {
  const { family, cell, cellsInSeries, strings, pairsPerBody } = wiring;
  const cells = cellsInSeries * strings;
  const point = operatingPoint(
    gridCurve(cell, cellsInSeries, strings),
    need.load,
    ROOM_THERMAL_VOLTS,
  );
  const amps = point.status === 'solved' ? point.amps : 0;
  const openVolts = cellsInSeries * cell.emfVolts;
  const life = lifeOf(family, amps / strings, pairsPerBody);
  return {
    family,
    cellsInSeries,
    strings,
    pairsPerBody,
    cells,
    pairs: cells * pairsPerBody,
    openVolts,
    amps,
    volts: point.status === 'solved' ? point.volts : openVolts,
    brightness:
      need.load.kind === 'led' || need.load.kind === 'led-group' ? brightnessOf(amps) : null,
    chance,
    price: priceOf(wiring),
    foodGrams: cells * family.supplies.foodGrams,
    ...life,
    reasons: reasonsOf(wiring, need, openVolts),
  };
}

function withChance(candidate: BatteryCandidate, need: LoadRequirement): BatteryCandidate {
  const cell = cellWith(candidate.family, candidate.pairsPerBody);
  const { chance } = chanceOfGrid(cell, need, candidate.cellsInSeries, candidate.strings);
  return { ...candidate, chance };
}

/** Hours at a steady current: metal dissolved or water gone, whichever comes first. */
function lifeOf(
  { supplies, breathes, morePairs }: CellFamily,
  amps: number,
  pairsPerBody: number,
): Pick<BatteryCandidate, 'hours' | 'hoursEndBy'> {
  const usefulCoulombs = DEFAULT_UTILISATION * supplies.metalCoulombs * pairsPerBody;
  const metalHours = usefulCoulombs / Math.max(amps, 1e-9) / 3600;
  const wrap = morePairs && supplies.foodGrams > 0 ? 'skin' : breathes ? 'open' : 'taped';
  const rate = dryingPerSecond({ ...supplies, wrap, humidity: 0.5, celsius: 20 });
  const dryHours = (1 - DRY_BELOW) / rate / 3600;
  return metalHours < dryHours
    ? { hours: metalHours, hoursEndBy: 'metal' }
    : { hours: dryHours, hoursEndBy: 'drying' };
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

/** Order of candidates by an objective, best first. */
export function comparisonOf(
  objective: Objective,
): (a: BatteryCandidate, b: BatteryCandidate) => number {
  const key = (candidate: BatteryCandidate): number => {
    switch (objective) {
      case 'fewest-cells':
        return candidate.cells;
      case 'lowest-cost':
        return candidate.price;
      case 'brightest':
        return -candidate.amps;
      case 'longest':
        return -candidate.hours;
      case 'surest':
        return -candidate.chance;
      case 'least-waste':
        return candidate.foodGrams;
    }
  };
  return (a, b) => key(a) - key(b) || a.cells - b.cells || a.pairs - b.pairs || b.chance - a.chance;
}
