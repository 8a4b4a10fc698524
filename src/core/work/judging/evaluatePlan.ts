import type { DeskSolution } from '../../physics/desk/deskNetwork';
import { meantBy } from '../../physics/desk/deskEdits';
import { cellAmpsAt } from '../../physics/cell/cellModel';
import type { ClassesOutcome } from '../../physics/chance/simulateClasses';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import { isLedLoad, leastLedAmps, type Load } from '../../physics/circuit/load/load';
import { brightnessOf, type BrightnessBand } from '../../physics/circuit/brightness';
import { deskOf, faultCount, gridDesk, withoutFaults, type Desk } from '../../physics/desk/desk';
import { loadOnDesk, solveDesk } from '../../physics/desk/solveDesk';
import type { PlannedCell } from '../../physics/readings/plannedCell';
import { multiplyBill } from '../../physics/recipes/cellBuild';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { Plan, PlanTarget } from '../../records/plan/planSchema';
import { billOfDesk } from '../parts/billOfDesk';
import { billOfLoad, loadParts } from '../parts/partOfTarget';
import { missingParts, type MissingPart } from '../parts/partStock';
import { type CellEndsAt, deskAfter, endBefore } from '../search/batteryInTime';
import { classesInTime } from '../search/chanceInTime';
import { lessonPlan, type LessonPlan } from '../lesson/lessonPlan';
import { safetyGate } from '../lesson/safetyGate';
import { recipeOfCell } from '../../records/plan/cellOfPlan';
import { onStrongClass, resistorOf, type LoadLimit, type StrongClass } from '../search/loadLimits';
import type { GridPlan } from '../search/planGrids';
import type { RequirementBasis } from '../search/requirementOfPlan';
import type { GridRequirement } from '../search/searchGrids';
import { isLeftOpen, suggestionFor } from '../search/suggestion';

/** The battery at a moment: volts and currents everywhere, and what the load makes of them. */
export interface BatteryMoment extends DeskSolution {
  readonly desk: Desk;
  /** Only for LEDs. */
  readonly brightness: BrightnessBand | null;
}

/** Everything the interface shows about a plan, computed from the document alone. */
export interface PlanEvaluation extends BatteryMoment {
  /** What of the plan the parts were computed from. */
  readonly basis: EvaluationBasis;
  readonly target: PlanTarget;
  readonly cell: PlannedCell;
  /** What is wanted, through the resistor that stands in series. */
  readonly need: LoadRequirement;
  /** What is asked of any grid of its cells. */
  readonly asked: GridRequirement;
  /** What the planner makes of cell and target. */
  readonly wiringOptions: GridPlan;
  readonly wiring: WiringChoice;
  /** Number of things that are wrong on the desk, as a what-if. */
  readonly wrong: number;
  /** The battery with nothing wrong, as text: equal where it is the same battery. */
  readonly nominalKey: string;
  /** How long it must run. */
  readonly minutes: number;
  /** After that time. The evaluation's own figures are those at first. */
  readonly atEnd: BatteryMoment;
  /** When the first cell ends, and by what, if that is before the wanted time is over. */
  readonly endsEarly: CellEndsAt | null;
  /** When less flows than is wanted although it did at first, seconds; `null`: never, or from the beginning. */
  readonly wantedUntilSeconds: number | null;
  /** Resistor in series with the load; `null` without one. */
  readonly seriesResistorOhms: number | null;
  readonly limit: LoadLimit | null;
  /** Parts of which there is too little, where it must be made from what there is; most lacking first. */
  readonly missing: readonly MissingPart[];
  /** What the load gets at first from a class's battery that is two deviations strong. */
  readonly strong: StrongClass['strong'];
  /** Classes that build it as it is meant, with nothing wrong on purpose, at the end of the wanted time. */
  readonly classes: ClassesOutcome;
  /** Share of them in which the metal lasts that long; it is part of their chance. */
  readonly metalChance: number;
  /** With nothing connected, of the battery as it is meant. */
  readonly soundVolts: number;
  /** The lesson in which it is built. */
  readonly inLesson: LessonPlan;
}

type EvaluationBasis = RequirementBasis &
  Pick<Plan, 'cell' | 'meter' | 'arrangement' | 'lesson' | 'switchedOnAt'> & {
    /** Meters that are used; 0 where nobody counts them. */
    readonly meters: number;
  };

export interface WiringChoice {
  /** Cells (or groups) in the first string. */
  readonly cellsInSeries: number;
  readonly strings: number;
  /** Pairs of metal in each body. */
  readonly pairs: number;
  /** Where nothing meets the target, `suggested` is the nearest that can be shown. */
  readonly chosenBy: 'planner' | 'educator';
}

const ASKED_PARTS = [
  'cell',
  'target',
  'minutes',
  'running',
  'seriesResistor',
  'meter',
  'have',
] as const;

/**
 * Verdict, operating point and figures of a plan. Pure; the same plan gives the same answer.
 * @param previous an evaluation of the same plan before an edit: what the edit does not touch is taken over from it.
 */
export function evaluatePlan(plan: Plan, previous: PlanEvaluation | null = null): PlanEvaluation {
  const batteries = batteriesOf(plan);
  const meters = plan.have?.meter === undefined ? 0 : plan.lesson.meters;
  const before =
    previous !== null &&
    previous.basis.batteries === batteries &&
    previous.basis.meters === meters &&
    isLeftOpen(previous.basis) === isLeftOpen(plan) &&
    ASKED_PARTS.every((part) => previous.basis[part] === plan[part])
      ? previous
      : null;
  if (before !== null && before.basis.arrangement === plan.arrangement) {
    const same =
      before.basis.lesson === plan.lesson && before.basis.switchedOnAt === plan.switchedOnAt;
    return same ? before : inOtherLesson(before, plan);
  }
  const { target, minutes, running, seriesResistor, meter, have, arrangement } = plan;
  const { cell, asked, wiringOptions: ways } = before ?? suggestionFor({ ...plan, batteries });
  const wiring = wiringOf(plan, ways, asked);
  const desk =
    arrangement.kind === 'desk'
      ? deskOf(arrangement, cell)
      : gridDesk(cell, wiring.cellsInSeries, wiring.strings);
  const wrong = faultCount(desk);
  const sound = wrong === 0 ? desk : withoutFaults(desk);
  const meant = meantBy(arrangement.kind === 'desk' ? arrangement : wiring);
  // A fault that is tried out changes nothing about the battery as it is meant.
  const same = before?.nominalKey === meant ? before : null;
  const { need, strong } = same ?? onStrongClass(sound, asked);
  const first = momentOf(desk, need);
  const soundVolts =
    wrong === 0 ? first.source.emfVolts : solveDesk(sound, need.load).source.emfVolts;
  const atEnd = momentOf(deskAfter(desk, running, 60 * minutes), need);
  const inLesson = lessonPlan(plan.lesson, sound, soundVolts);
  return {
    ...first,
    basis: {
      cell: plan.cell,
      target,
      minutes,
      running,
      seriesResistor,
      meter,
      have,
      arrangement,
      lesson: plan.lesson,
      switchedOnAt: plan.switchedOnAt,
      batteries,
      meters,
    },
    target,
    cell,
    need,
    asked,
    wiringOptions: ways,
    wiring,
    wrong,
    nominalKey: meant,
    minutes,
    atEnd,
    endsEarly: endBefore(60 * minutes, desk, need, running),
    wantedUntilSeconds: wantedUntil(desk, running, need, first.amps, atEnd.amps, 60 * minutes),
    seriesResistorOhms: resistorOf(need),
    missing: same?.missing ?? missingFor(plan, sound, need, inLesson.groups, meters),
    limit: asked.limit,
    strong,
    soundVolts,
    inLesson,
    ...(same === null
      ? classesInTime(60 * minutes, sound, need, running)
      : { classes: same.classes, metalChance: same.metalChance }),
  };
}

/** The same battery for another class, or at other hours. */
function inOtherLesson(before: PlanEvaluation, { lesson, switchedOnAt }: Plan): PlanEvaluation {
  const sound = before.wrong === 0 ? before.desk : withoutFaults(before.desk);
  return {
    ...before,
    basis: { ...before.basis, lesson, switchedOnAt },
    inLesson: lessonPlan(lesson, sound, before.soundVolts),
  };
}

/** Share of the wanted current from which it counts as reached; covers rounding only. */
const REACHED_SHARE = 1 - 1e-6;

/** Whether a current is what is wanted. */
export function reaches(amps: number, need: Pick<LoadRequirement, 'amps'>): boolean {
  return amps >= need.amps * REACHED_SHARE;
}

/** Halvings of the time, on a logarithmic scale, before the rest is taken as a straight line. */
const TIME_STEPS = 6;

function wantedUntil(
  desk: Desk,
  running: Plan['running'],
  need: LoadRequirement,
  firstAmps: number,
  lastAmps: number,
  seconds: number,
): number | null {
  if (!reaches(firstAmps, need) || reaches(lastAmps, need)) return null;
  let low = { seconds: Math.min(0.1, seconds / 2), amps: firstAmps };
  let high = { seconds, amps: lastAmps };
  for (let step = 0; step < TIME_STEPS; step += 1) {
    const middle = Math.sqrt(low.seconds * high.seconds);
    const { amps } = loadOnDesk(deskAfter(desk, running, middle), need.load);
    if (reaches(amps, need)) low = { seconds: middle, amps };
    else high = { seconds: middle, amps };
  }
  const share = (low.amps - need.amps) / (low.amps - high.amps);
  return low.seconds * (high.seconds / low.seconds) ** Math.min(1, Math.max(0, share));
}

/** Batteries that the parts should be enough for, before their volts are known: one a group, or the one that an adult shows. */
function batteriesOf({ have, lesson, cell }: Pick<Plan, 'have' | 'lesson' | 'cell'>): number {
  if (have === null) return 1;
  return safetyGate(lesson, [{ recipe: recipeOfCell(cell) }], 0).pupilSheet ? lesson.groups : 1;
}

function missingFor(
  { have, target }: Plan,
  sound: Desk,
  need: LoadRequirement,
  batteries: number,
  meters: number,
): MissingPart[] {
  if (have === null) return [];
  const bill = [...billOfDesk(sound), ...billOfLoad(loadParts(target), resistorOf(need) !== null)];
  // Whoever counts meters has no more of them than that.
  const counted = meters === 0 ? [] : [{ part: 'meter' as const, amount: meters }];
  return missingParts([...multiplyBill(bill, batteries), ...counted], have);
}

/** How bright the darkest of its LEDs is; `null` where nothing is an LED. */
function lookOfLoad(load: Load, { amps, volts }: DeskSolution): BrightnessBand | null {
  return isLedLoad(load) ? brightnessOf(leastLedAmps(load, amps, volts, ROOM_THERMAL_VOLTS)) : null;
}

/** The part of an evaluation that depends on the desk alone, without time and chance. */
export function momentOf(desk: Desk, need: LoadRequirement): BatteryMoment {
  const solution = solveDesk(desk, need.load);
  return {
    ...solution,
    desk,
    brightness: lookOfLoad(need.load, solution),
  };
}

function wiringOf({ arrangement }: Plan, ways: GridPlan, asked: GridRequirement): WiringChoice {
  const { pairs } = asked.cell.size;
  switch (arrangement.kind) {
    case 'own': {
      const { cellsInSeries, strings } = arrangement;
      return { cellsInSeries, strings, pairs, chosenBy: 'educator' };
    }
    case 'desk': {
      const { strings } = arrangement;
      const cellsInSeries = strings[0]?.length ?? 0;
      return { cellsInSeries, strings: strings.length, pairs, chosenBy: 'educator' };
    }
    case 'suggested': {
      const { cellsInSeries, strings } =
        ways.status === 'possible' ? ways.suggested : nearestWiring(asked);
      return { cellsInSeries, strings, pairs, chosenBy: 'planner' };
    }
  }
}

/** Largest battery shown for a wish that cannot be met: one that a class could still build. */
const NEAREST_MOST_CELLS = 24;

/**
 * The wiring of a class-sized battery that comes closest to a target out of reach: string length for
 * `m·E ≈ 2·V`, as many strings as the cells allow.
 */
function nearestWiring({
  cell: { model },
  need,
}: GridRequirement): Pick<WiringChoice, 'cellsInSeries' | 'strings'> {
  const best = Math.round((2 * need.volts) / model.emfVolts);
  const cellsInSeries = Math.min(Math.max(1, best), NEAREST_MOST_CELLS);
  const stringAmps = cellAmpsAt(model, need.volts / cellsInSeries);
  const strings = stringAmps > 0 ? Math.floor(NEAREST_MOST_CELLS / cellsInSeries) : 1;
  return { cellsInSeries, strings };
}
