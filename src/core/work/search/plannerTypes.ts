import type { BillLine } from '../../physics/recipes/parts';
import type { Recipe } from '../../physics/recipes/recipe';
import type { BrightnessBand } from '../../physics/circuit/brightness';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { CellEnd } from '../../physics/time/dischargeRun';
import type { PartCounts } from '../../records/plan/haveSchema';
import type { Prices } from '../parts/priceOfBill';
import type { BatteryRequirement } from './loadLimits';
import type { GridRequirement } from './searchGrids';

export const OBJECTIVES = [
  'least-to-buy',
  'fewest-cells',
  'lowest-cost',
  'brightest',
  'longest',
  'surest',
  'least-waste',
] as const;
export type Objective = (typeof OBJECTIVES)[number];
/** What candidates are really ordered by. */
export type Order = Exclude<Objective, 'least-to-buy'>;

/** What is paid and what there is. */
export interface Supply {
  readonly prices: Prices;
  /** Parts that it must be made from; `null`: what is missing is bought. */
  readonly have: PartCounts | null;
  /** What is lit or run, as parts. */
  readonly load: readonly BillLine[];
}

/** What is asked; nothing said of the supply: everything is bought, at prices that nobody knows. */
export type PlannerQuestion = Omit<PlannerInput, 'supply'> & { readonly supply?: Supply };

export interface PlannerInput extends BatteryRequirement {
  /** Kinds of cells to choose from, each finished. */
  readonly cells: readonly PlannedCell[];
  readonly objective: Objective;
  readonly supply: Supply;
  readonly mostCells: number;
  /** Most electrode pairs in one body. */
  readonly mostPairs: number;
  /** Whether fruit may be cut into halves and quarters; otherwise it stays as it is. */
  readonly mayCut: boolean;
  readonly mostPrice: number | null;
  readonly mostCandidates: number;
}

export interface BatteryCandidate {
  /** With so many pairs in its body. */
  readonly cell: PlannedCell;
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
  /** Resistor in series with the load; `null` without one. */
  readonly seriesResistorOhms: number | null;
  /** What its parts cost by the piece, in the cupboard's currency; `null` where a price is not known. */
  readonly price: number | null;
  /** Everything that goes into it. */
  readonly bill: readonly BillLine[];
  readonly foodGrams: number;
  /** Rough hours until metal, water or food ends it, covered as is usual for the recipe. */
  readonly hours: number;
  readonly hoursEndBy: CellEnd;
  readonly reasons: readonly string[];
}

/** Why a kind of cell gives nothing, and what it would take. */
export interface RecipeLimit {
  readonly recipe: Recipe;
  readonly limit: 'volts' | 'amps' | 'stock' | 'price' | 'time' | 'restricted';
  readonly explanation: string;
}

export interface PlannerOutcome {
  /** Recommended ones first, each best first by what orders them. */
  readonly candidates: readonly BatteryCandidate[];
  readonly order: Order;
  readonly impossible: readonly RecipeLimit[];
}

/** A wiring of one kind of cell that meets the requirement. */
export interface PlannedWiring {
  readonly asked: GridRequirement;
  readonly cellsInSeries: number;
  readonly strings: number;
}
