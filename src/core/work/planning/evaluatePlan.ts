import { cellAmpsAt } from '../../physics/chemistry/cellAmpsAt';
import type { ClassesOutcome } from '../../physics/chance/simulateClasses';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { deskOf, gridDesk, withoutFaults, faultCount, type Desk } from '../../physics/desk/desk';
import { laidOutGrid, withFaultsRemoved } from '../../physics/desk/deskEdits';
import { solveDesk, type DeskSolution } from '../../physics/desk/solveDesk';
import { type PlannedCell } from '../../physics/chemistry/plannedCell';
import { cellOfPlan } from '../../records/plan/cellOfPlan';
import { requirementOf, type LoadRequirement } from '../../records/plan/loadRequirement';
import type { Plan, PlanTarget } from '../../records/plan/planSchema';
import { chanceOfDesk } from './chanceOfDesk';
import { planGrids, type GridPlan } from './planGrids';

/** Everything the interface shows about a plan, computed from the document alone. */
export interface PlanEvaluation {
  /** What of the plan the parts were computed from. */
  readonly cellInput: Plan['cell'];
  readonly target: PlanTarget;
  readonly arrangement: Plan['arrangement'];
  readonly cell: PlannedCell;
  readonly need: LoadRequirement;
  /** What the planner makes of cell and target. */
  readonly wiringOptions: GridPlan;
  readonly wiring: Wiring;
  readonly desk: Desk;
  /** Number of things that are wrong on the desk, as a what-if. */
  readonly wrong: number;
  /** The battery with nothing wrong, as text: equal where it is the same battery. */
  readonly nominalKey: string;
  /** Volts and currents of each string. */
  readonly strings: DeskSolution['strings'];
  /** What the strings do to each other, in words. */
  readonly warnings: readonly string[];
  /** The whole battery as one source; on a curve, as it acts at the operating point. */
  readonly source: DeskSolution['source'];
  readonly point: DeskSolution['point'];
  /** Current through the load in amperes; 0 where none flows. */
  readonly amps: number;
  /** Volts across the load; the open-circuit volts where no current flows. */
  readonly volts: number;
  /** Only for LEDs. */
  readonly brightness: BrightnessBand | null;
  /** Classes that build it as it is meant, with nothing wrong on purpose. */
  readonly classes: ClassesOutcome;
}

export interface Wiring {
  /** Cells (or groups) in the first string. */
  readonly cellsInSeries: number;
  readonly strings: number;
  /** Where nothing meets the target, `suggested` is the nearest that can be shown. */
  readonly chosenBy: 'planner' | 'educator';
}

/**
 * Verdict, operating point and figures of a plan. Pure; the same plan gives the same answer.
 * @param previous an evaluation of the same plan before an edit: what the edit does not touch is taken over from it.
 */
export function evaluatePlan(plan: Plan, previous: PlanEvaluation | null = null): PlanEvaluation {
  const before =
    previous?.cellInput === plan.cell && previous.target === plan.target ? previous : null;
  if (before !== null && before.arrangement === plan.arrangement) return before;
  const cell = before?.cell ?? cellOfPlan(plan);
  const need = before?.need ?? requirementOf(plan.target);
  const ways = before?.wiringOptions ?? planGrids(cell.model, need);
  const wiring = wiringOf(plan, ways, cell, need);
  const desk =
    plan.arrangement.kind === 'desk'
      ? deskOf(plan.arrangement, cell)
      : gridDesk(cell, wiring.cellsInSeries, wiring.strings);
  const wrong = faultCount(desk);
  const meant = meantBy(plan.arrangement, wiring);
  return {
    cellInput: plan.cell,
    target: plan.target,
    arrangement: plan.arrangement,
    cell,
    need,
    wiringOptions: ways,
    wiring,
    desk,
    wrong,
    nominalKey: meant,
    // A fault that is tried out changes nothing about the battery as it is meant.
    classes:
      before?.nominalKey === meant
        ? before.classes
        : chanceOfDesk(wrong === 0 ? desk : withoutFaults(desk), need),
    ...evaluateDesk(desk, need),
  };
}

type OnTheDesk = Pick<
  PlanEvaluation,
  'source' | 'point' | 'amps' | 'volts' | 'brightness' | 'strings' | 'warnings'
>;

/** The part of an evaluation that depends on the desk alone, without chance. */
export function evaluateDesk(desk: Desk, need: LoadRequirement): OnTheDesk {
  const solution = solveDesk(desk, need.load);
  return { ...solution, brightness: need.load.kind === 'led' ? brightnessOf(solution.amps) : null };
}

function meantBy(arrangement: Plan['arrangement'], wiring: Wiring): string {
  const desk =
    arrangement.kind === 'desk'
      ? withFaultsRemoved(arrangement)
      : laidOutGrid(wiring.cellsInSeries, wiring.strings);
  return JSON.stringify(desk.strings);
}

function wiringOf(plan: Plan, ways: GridPlan, cell: PlannedCell, need: LoadRequirement): Wiring {
  if (plan.arrangement.kind === 'own') {
    const { cellsInSeries, strings } = plan.arrangement;
    return { cellsInSeries, strings, chosenBy: 'educator' };
  }
  if (plan.arrangement.kind === 'desk') {
    const { strings } = plan.arrangement;
    return {
      cellsInSeries: strings[0]?.length ?? 0,
      strings: strings.length,
      chosenBy: 'educator',
    };
  }
  if (ways.status === 'possible') {
    const { cellsInSeries, strings } = ways.suggested;
    return { cellsInSeries, strings, chosenBy: 'planner' };
  }
  return { ...nearestWiring(cell, need), chosenBy: 'planner' };
}

/** Largest battery shown for a wish that cannot be met: one that a class could still build. */
const NEAREST_MOST_CELLS = 24;

/**
 * The wiring of a class-sized battery that comes closest to a target out of reach: string length for
 * `m·E ≈ 2·V`, as many strings as the cells allow.
 */
function nearestWiring(
  cell: PlannedCell,
  need: LoadRequirement,
): Pick<Wiring, 'cellsInSeries' | 'strings'> {
  const best = Math.round((2 * need.volts) / cell.model.emfVolts);
  const cellsInSeries = Math.min(Math.max(1, best), NEAREST_MOST_CELLS);
  const stringAmps = cellAmpsAt(cell.model, need.volts / cellsInSeries);
  const strings = stringAmps > 0 ? Math.floor(NEAREST_MOST_CELLS / cellsInSeries) : 1;
  return { cellsInSeries, strings };
}
