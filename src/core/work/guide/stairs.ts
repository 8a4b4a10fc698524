import type { PlannedCell } from '../../physics/readings/plannedCell';
import type { LoggedReading } from '../../records/logbook/logEntry';
import { quantityOf, type Measurement } from '../../records/logbook/measurement';
import {
  benchRows,
  type BenchInput,
  type BenchReading,
  type BenchRow,
} from '../diagnosis/judgeReadings';
import type { PlanTarget } from '../../records/plan/planSchema';
import type { PlaceLooks } from './benchScene';
import type { GuideStep } from './guideStep';

/** What one string’s stairs should read. */
export type Stairs = Omit<BenchInput, 'readings'>;

/** What a group’s own page shows of a plan: plain data, worked out where the plan is kept. */
export interface GroupFacts {
  readonly steps: readonly GuideStep[];
  /** What one cell is made of, for its drawing. */
  readonly cell: Pick<PlannedCell, 'recipe' | 'body' | 'piece'>;
  /** The stairs of each string. */
  readonly stairs: readonly Stairs[];
  /** What stands at every place of every string. */
  readonly looks: readonly (readonly PlaceLooks[])[];
  readonly target: PlanTarget;
  /** What the device is called: `amber LED`. */
  readonly device: string;
  readonly seriesResistorOhms: number | null;
  /** Groups write down what they expect before they are told. */
  readonly predict: boolean;
  /** Fewer meters than groups: some wait for one. */
  readonly metersAreShared: boolean;
}

/** The stairs of a string, from 1: expected and read, step by step. */
export function stairsRows(
  stairs: readonly Stairs[],
  string: number,
  readings: readonly LoggedReading[],
): BenchRow[] {
  const of = stairs[string - 1];
  if (of === undefined) return [];
  return benchRows({
    ...of,
    readings: readings.flatMap(({ measurement, value }) =>
      readingOnStairs(string, measurement, value),
    ),
  });
}

/** A reading as a step of the stairs; nothing where it is none. */
export function readingOnStairs(
  string: number,
  measurement: Measurement,
  value: number,
): BenchReading[] {
  if (!('string' in measurement) || measurement.string !== string) return [];
  if (measurement.kind === 'short' && measurement.built === 1) {
    return [{ kind: 'short-circuit', amps: value }];
  }
  const { kind } = measurement;
  return kind === 'volts' && measurement.from === 1 && measurement.to === measurement.built
    ? [{ kind: 'open-circuit', cells: measurement.to, volts: value }]
    : [];
}

/** The most volts that the metals can give there; `Infinity` where that says nothing. */
export function mostVoltsAt(stairs: readonly Stairs[], measurement: Measurement): number {
  if (quantityOf(measurement) !== 'volts' || !('string' in measurement)) return Infinity;
  const places = stairs[measurement.string - 1]?.places ?? [];
  const [from, to] =
    measurement.kind === 'volts'
      ? [measurement.from, measurement.to]
      : measurement.kind === 'cell-volts'
        ? [measurement.cell, measurement.cell]
        : [1, places.length];
  return places.slice(from - 1, to).reduce((sum, { ceilingVolts }) => sum + ceilingVolts, 0);
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
