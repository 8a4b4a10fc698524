import type { CellModel } from '../../physics/chemistry/cellModel';
import type { CellFamily } from '../../physics/chemistry/family';
import type { LiquidId } from '../../physics/chemistry/liquids';
import type { BrightnessBand } from '../../physics/circuit/brightness';
import type { CellEnd } from '../../physics/time/dischargeRun';
import type { PartId } from '../../records/cupboard/parts';
import type { PartCounts } from '../../records/plan/haveSchema';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { SeriesResistor } from '../../records/plan/planSchema';
import type { Running } from '../../records/plan/runningSchema';
import type { CellMade } from '../parts/billOfBattery';
import type { BillLine } from '../parts/bills';
import type { Prices } from '../parts/priceOfBill';
import type { GridWish } from './gridWish';
import type { LoadLimit } from './seriesResistor';

export const OBJECTIVES = [
  'fewest-cells',
  'lowest-cost',
  'brightest',
  'longest',
  'surest',
  'least-waste',
] as const;
export type Objective = (typeof OBJECTIVES)[number];

/** Most bodies and pairs; `null` where there is enough. */
export interface Stock {
  readonly bodies: number | null;
  /** Pairs of electrodes. */
  readonly pairs: number | null;
}

/** A family, or one cell that the educator measured: then the family stands for its supplies only. */
export interface PlannerFamily extends CellFamily {
  readonly measured?: CellModel;
  /** What its cell is made of; as its shipped recipe is with the first body where nothing is said. */
  readonly made?: CellMade;
  /** What the body is wet with. */
  readonly liquid?: LiquidId | undefined;
}

/** What is paid and what there is. */
export interface Supply {
  readonly prices: Prices;
  /** Parts that it must be made from; `null`: what is missing is bought. */
  readonly have: PartCounts | null;
  /** What is lit or run, as a part; `null` where it is none that is counted. */
  readonly load: PartId | null;
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

/** What is asked; nothing said of the supply: everything is bought, at prices that nobody knows. */
export type PlannerQuestion = Omit<PlannerInput, 'supply'> & { readonly supply?: Supply };

export interface PlannerInput extends PlannerWish {
  readonly families: readonly PlannerFamily[];
  readonly objective: Objective;
  readonly stock: Stock;
  readonly supply: Supply;
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
  /** What its parts cost by the piece, in the cupboard's currency; `null` where a price is not known. */
  readonly price: number | null;
  /** Everything that goes into it. */
  readonly bill: readonly BillLine[];
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

/** A wiring of one family with so many pairs in each body. */
export interface Wiring {
  readonly family: PlannerFamily;
  readonly wish: GridWish;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly pairsPerBody: number;
}

/** All but the condition, which takes a search of its own. */
export type CandidateFacts = Omit<BatteryCandidate, 'holdsFromShortAmps'>;
