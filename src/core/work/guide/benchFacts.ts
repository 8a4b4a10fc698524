import { looksOfCell } from '../../physics/desk/drawing/cellShapes';
import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { placesOfString } from '../diagnosis/placesOfString';
import type { BatteryWords } from '../diagnosis/causeWords';
import { NO_FAULT } from '../diagnosis/causes';
import { meaningOfDeviation, type ReadingMeaning } from '../diagnosis/judgeReadings';
import { nominalBatteryOf, type NominalBattery } from '../diagnosis/nominalBattery';
import { Predictor } from '../diagnosis/predictor';
import type { LoggedReading } from '../../records/logbook/logEntry';
import { measurementName, quantityOf, type Measurement } from '../../records/logbook/measurement';
import { nameOfTarget } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import type { PlanEvaluation } from '../judging/evaluatePlan';
import type { StandingItem } from '../../physics/desk/desk';
import type { PlaceLooks } from './benchScene';
import { groupNames, shortBenchName } from '../preparation/groupNames';
import { guideOfPlan } from './guideOfPlan';
import type { ExpectedReading } from './guideStep';
import { readingOnStairs, type GroupFacts } from './stairs';

/** A reading that is no step of the stairs: a cell alone, a string’s current, the device. */
export interface OtherRow {
  readonly measurement: Measurement;
  readonly label: string;
  readonly expected: ExpectedReading;
  readonly read: number;
  readonly meaning: ReadingMeaning;
}

/** Everything about a plan’s bench that its pages show, worked out once for a plan. */
export interface BenchFacts extends GroupFacts {
  readonly nominal: NominalBattery;
  readonly words: BatteryWords;
  /** Who builds it: the groups, or of a demonstration the first one alone. */
  readonly groups: readonly string[];
  /** How a group is called, in a word. */
  readonly nameOf: (group: string) => string;
  readonly expected: (measurement: Measurement) => ExpectedReading;
  /** Readings beside the stairs of a string and of the whole battery. */
  readonly others: (string: number, readings: readonly LoggedReading[]) => OtherRow[];
}

export function benchFacts(plan: Plan, evaluation: PlanEvaluation): BenchFacts {
  const nominal = nominalBatteryOf(evaluation);
  const predictor = new Predictor(nominal);
  const expected = (measurement: Measurement): ExpectedReading => {
    const { mean, spread, noise } = predictor.predict(measurement, NO_FAULT);
    return { value: mean, deviation: Math.hypot(noise, ...spread) };
  };
  const { recipe, body, piece } = evaluation.cell;
  return {
    nominal,
    steps: guideOfPlan(plan, evaluation),
    looks: evaluation.desk.strings.map((items) => items.map(looksOf)),
    target: plan.target,
    device: nameOfTarget(plan.target),
    seriesResistorOhms: evaluation.seriesResistorOhms,
    predict: plan.lesson.predict,
    metersAreShared: plan.lesson.meters < evaluation.inLesson.groups,
    groups: groupNames(evaluation.inLesson.groups),
    nameOf: (group) => shortBenchName(group, evaluation.inLesson),
    cell: { recipe, body, piece },
    words: {
      body: body.name,
      plus: recipe.plus.part,
      minus: recipe.minus.part,
      device: nameOfTarget(plan.target),
      strings: nominal.strings.length,
      places: nominal.strings.map((items) => items.length),
      pile: nominal.pile,
    },
    stairs: nominal.strings.map((_, index) => ({
      places: placesOfString(evaluation.desk, index).places,
      shortAmps: expected({ kind: 'short', string: index + 1, built: 1 }).value,
      voltsShare: Math.hypot(CLASS_SCATTER.emfShare, nominal.level.voltsShare),
      ampsLog: Math.hypot(CLASS_SCATTER.resistanceLog, nominal.level.ampsLog),
    })),
    expected,
    others: (string, readings) =>
      readings.flatMap(({ measurement, value }) => {
        const elsewhere = 'string' in measurement && measurement.string !== string;
        if (elsewhere || readingOnStairs(string, measurement, value).length > 0) return [];
        const wanted = expected(measurement);
        return [
          {
            measurement,
            label: measurementName(measurement),
            expected: wanted,
            read: value,
            meaning: meaningOf(measurement, value, wanted),
          },
        ];
      }),
  };
}

function meaningOf(
  measurement: Measurement,
  value: number,
  expected: ExpectedReading,
): ReadingMeaning {
  if (quantityOf(measurement) === 'light') {
    const runs = value > 0.5;
    return runs
      ? { code: 'as-planned', fine: true, wording: 'it runs' }
      : { code: 'low', fine: expected.value < 0.5, wording: 'it does not run' };
  }
  return meaningOfDeviation((value - expected.value) / expected.deviation);
}

/** What a group’s page shows of a plan: no more than that goes over the network. */
export function groupFacts(plan: Plan, evaluation: PlanEvaluation): GroupFacts {
  const facts = benchFacts(plan, evaluation);
  const { steps, cell, stairs, looks, target, device } = facts;
  const { seriesResistorOhms, predict, metersAreShared } = facts;
  return {
    steps,
    cell,
    stairs,
    looks,
    target,
    device,
    seriesResistorOhms,
    predict,
    metersAreShared,
  };
}

function looksOf(item: StandingItem): PlaceLooks {
  const [first] = item.kind === 'cell' ? [item] : item.strings.flat();
  if (first === undefined) throw new Error('a group has at least one cell');
  return { ...looksOfCell(first), sideBySide: item.kind === 'cell' ? 1 : item.strings.length };
}
