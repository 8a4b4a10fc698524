import { cellAmpsAt } from '../chemistry/cellAmpsAt';
import { isLinearCell } from '../chemistry/cellModel';
import { brightnessOf, type BrightnessBand } from '../circuit/brightness';
import { gridCurve, tangentOf } from '../circuit/battery/gridCurve';
import type { LinearSource } from '../circuit/battery/reduceBattery';
import { operatingPoint, type OperatingPoint } from '../circuit/operatingPoint';
import { ROOM_THERMAL_VOLTS } from '../constants';
import { cellOfPlan, type PlannedCell } from '../plan/cellOfPlan';
import { needOfTarget, type TargetNeed } from '../plan/needOfTarget';
import type { Plan, PlanTarget } from '../plan/planSchema';
import { chanceOfGrid } from './chanceOfGrid';
import { planGrids, type GridPlan } from './planGrids';
import type { ClassesOutcome } from '../chance/simulateClasses';

/** Everything the interface shows about a plan, computed from the document alone. */
export interface PlanEvaluation {
  /** What of the plan the cell and the need were computed from. */
  readonly cellInput: Plan['cell'];
  readonly target: PlanTarget;
  readonly cell: PlannedCell;
  readonly need: TargetNeed;
  /** What the planner makes of cell and target. */
  readonly ways: GridPlan;
  readonly wiring: Wiring;
  /** The whole battery as one source; on a curve, as it acts at the operating point. */
  readonly source: LinearSource;
  readonly point: OperatingPoint;
  /** Current through the load in amperes; 0 where none flows. */
  readonly amps: number;
  /** Volts across the load; the open-circuit volts where no current flows. */
  readonly volts: number;
  /** Only for LEDs. */
  readonly brightness: BrightnessBand | null;
  readonly classes: ClassesOutcome;
}

export interface Wiring {
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
  const cell = before?.cell ?? cellOfPlan(plan);
  const need = before?.need ?? needOfTarget(plan.target);
  const ways = before?.ways ?? planGrids(cell.model, need);
  const wiring = wiringOf(plan, ways, cell, need);
  const { cellsInSeries, strings } = wiring;
  const sameWiring =
    before?.wiring.cellsInSeries === cellsInSeries && before.wiring.strings === strings;
  const classes =
    before !== null && sameWiring
      ? before.classes
      : chanceOfGrid(cell.model, need, cellsInSeries, strings);
  return {
    cellInput: plan.cell,
    target: plan.target,
    cell,
    need,
    ways,
    wiring,
    classes,
    ...evaluateWiring(cell, need, wiring),
  };
}

/** The part of an evaluation that depends on the wiring alone, without chance. */
export function evaluateWiring(
  cell: PlannedCell,
  need: TargetNeed,
  wiring: Pick<Wiring, 'cellsInSeries' | 'strings'>,
): Pick<PlanEvaluation, 'source' | 'point' | 'amps' | 'volts' | 'brightness'> {
  const { cellsInSeries, strings } = wiring;
  const curve = gridCurve(cell.model, cellsInSeries, strings);
  const point = operatingPoint(curve, need.load, ROOM_THERMAL_VOLTS);
  const emfVolts = cellsInSeries * cell.model.emfVolts;
  const amps = point.status === 'solved' ? point.amps : 0;
  // On a curve the internal resistance depends on the current: volts lost per ampere at this one.
  const resistanceOhms =
    isLinearCell(cell.model) || !(amps > 0)
      ? (cellsInSeries / strings) * tangentOf(cell.model, 0).resistanceOhms
      : (emfVolts - curve.voltsAt(amps)) / amps;
  const source = { emfVolts, resistanceOhms };
  return {
    source,
    point,
    amps,
    volts: point.status === 'solved' ? point.volts : source.emfVolts,
    brightness: need.load.kind === 'led' ? brightnessOf(amps) : null,
  };
}

function wiringOf(plan: Plan, ways: GridPlan, cell: PlannedCell, need: TargetNeed): Wiring {
  if (plan.arrangement.kind === 'own') {
    const { cellsInSeries, strings } = plan.arrangement;
    return { cellsInSeries, strings, chosenBy: 'educator' };
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
  need: TargetNeed,
): Pick<Wiring, 'cellsInSeries' | 'strings'> {
  const best = Math.round((2 * need.volts) / cell.model.emfVolts);
  const cellsInSeries = Math.min(Math.max(1, best), NEAREST_MOST_CELLS);
  const stringAmps = cellAmpsAt(cell.model, need.volts / cellsInSeries);
  const strings = stringAmps > 0 ? Math.floor(NEAREST_MOST_CELLS / cellsInSeries) : 1;
  return { cellsInSeries, strings };
}
