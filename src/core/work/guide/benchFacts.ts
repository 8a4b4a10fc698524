import { CLASS_SCATTER } from '../../physics/chance/scatter';
import { placesOfString } from '../diagnosis/placesOfString';
import type { BatteryWords } from '../diagnosis/causeWords';
import { NO_FAULT } from '../diagnosis/causes';
import {
  benchRows,
  meaningOfDeviation,
  type BenchPlace,
  type BenchReading,
  type BenchRow,
  type ReadingMeaning,
} from '../diagnosis/judgeReadings';
import { nominalBatteryOf, type NominalBattery } from '../diagnosis/nominalBattery';
import { COMMON_SCATTER, Predictor } from '../diagnosis/predictor';
import type { LoggedReading } from '../../records/logbook/logEntry';
import { measurementName, quantityOf, type Measurement } from '../../records/logbook/measurement';
import type { PlannedCell } from '../../physics/chemistry/plannedCell';
import { nameOfTarget } from '../../records/plan/loadRequirement';
import type { Plan } from '../../records/plan/planSchema';
import type { PlanEvaluation } from '../planning/evaluatePlan';
import { guideOfPlan, type ExpectedReading, type GuideStep } from './guideOfPlan';

/** A reading that is no step of the stairs: a cell alone, a string’s current, the device. */
export interface OtherRow {
  readonly measurement: Measurement;
  readonly label: string;
  readonly expected: ExpectedReading;
  readonly read: number;
  readonly meaning: ReadingMeaning;
}

/** Everything about a plan’s bench that its pages show, worked out once for a plan. */
export interface BenchFacts {
  readonly nominal: NominalBattery;
  readonly steps: readonly GuideStep[];
  readonly words: BatteryWords;
  /** What one cell is made of, for its drawing. */
  readonly cell: Pick<PlannedCell, 'recipe' | 'body'>;
  /** Cells (or groups of them) in each string. */
  readonly lengths: readonly number[];
  readonly expected: (measurement: Measurement) => ExpectedReading;
  /** The most volts that the metals can give there; `Infinity` where that says nothing. */
  readonly mostVolts: (measurement: Measurement) => number;
  /** The stairs of a string: expected and read, step by step. */
  readonly rows: (string: number, readings: readonly LoggedReading[]) => BenchRow[];
  /** Readings beside the stairs of a string and of the whole battery. */
  readonly others: (string: number, readings: readonly LoggedReading[]) => OtherRow[];
}

export function benchFacts(plan: Plan, evaluation: PlanEvaluation): BenchFacts {
  const nominal = nominalBatteryOf(evaluation);
  const predictor = new Predictor(nominal);
  const places = nominal.strings.map((_, index) => placesOfString(evaluation.desk, index).places);
  const expected = (measurement: Measurement): ExpectedReading => {
    const { mean, spread, noise } = predictor.predict(measurement, NO_FAULT);
    return { value: mean, deviation: Math.hypot(noise, ...spread) };
  };
  const { recipe, body } = evaluation.cell;
  const together = COMMON_SCATTER[nominal.measured ? 'measured' : 'typical'];
  return {
    nominal,
    steps: guideOfPlan(plan, evaluation),
    cell: { recipe, body },
    words: {
      body: body.name,
      plus: recipe.plus.part,
      minus: recipe.minus.part,
      device: nameOfTarget(plan.target),
      strings: nominal.strings.length,
    },
    lengths: places.map(({ length }) => length),
    expected,
    mostVolts: (measurement) => ceilingOf(measurement, places),
    rows: (string, readings) =>
      benchRows({
        places: places[string - 1] ?? [],
        shortAmps: expected({ kind: 'short', string, built: 1 }).value,
        readings: readings.flatMap(({ measurement, value }) => stairs(string, measurement, value)),
        voltsShare: Math.hypot(CLASS_SCATTER.emfShare, together.volts),
        ampsLog: Math.hypot(CLASS_SCATTER.resistanceLog, together.ohms),
      }),
    others: (string, readings) =>
      readings.flatMap(({ measurement, value }) => {
        const elsewhere = 'string' in measurement && measurement.string !== string;
        if (elsewhere || stairs(string, measurement, value).length > 0) return [];
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

/** A reading as a step of the stairs; nothing where it is none. */
function stairs(string: number, measurement: Measurement, value: number): BenchReading[] {
  if (!('string' in measurement) || measurement.string !== string) return [];
  if (measurement.kind === 'short' && measurement.built === 1) {
    return [{ kind: 'short-circuit', amps: value }];
  }
  const { kind } = measurement;
  return kind === 'volts' && measurement.from === 1 && measurement.to === measurement.built
    ? [{ kind: 'open-circuit', cells: measurement.to, volts: value }]
    : [];
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
  return meaningOfDeviation((value - expected.value) / expected.deviation, 'see what is wrong');
}

function ceilingOf(measurement: Measurement, places: readonly (readonly BenchPlace[])[]): number {
  if (quantityOf(measurement) !== 'volts' || !('string' in measurement)) return Infinity;
  const of = places[measurement.string - 1] ?? [];
  const [from, to] =
    measurement.kind === 'volts'
      ? [measurement.from, measurement.to]
      : measurement.kind === 'cell-volts'
        ? [measurement.cell, measurement.cell]
        : [1, of.length];
  return of.slice(from - 1, to).reduce((sum, { ceilingVolts }) => sum + ceilingVolts, 0);
}

/** The measurement behind a row of the stairs. */
export function measurementOfRow(
  string: number,
  { kind, cells }: Pick<BenchRow, 'kind' | 'cells'>,
): Measurement {
  return kind === 'short-circuit'
    ? { kind: 'short', string, built: 1 }
    : { kind: 'volts', string, from: 1, to: cells, built: cells };
}
