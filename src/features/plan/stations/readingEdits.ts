import type { BenchRow } from '@/core/diagnosis/judgeReadings';
import type { Plan, PlanReading } from '@/core/plan/planSchema';

/** The plan with the reading of a row set, or taken out where the value is `null`. */
export function withReading(
  plan: Plan,
  row: Pick<BenchRow, 'kind' | 'cells'>,
  value: number | null,
  now: Date,
): Plan {
  const others = plan.readings.filter((one) => !isReadingOf(one, row));
  if (value === null) return { ...plan, readings: others };
  const takenAt = now.toISOString();
  const reading: PlanReading =
    row.kind === 'open-circuit'
      ? { kind: 'open-circuit', cells: row.cells, volts: value, takenAt }
      : { kind: 'short-circuit', amps: value, takenAt };
  return { ...plan, readings: [...others, reading] };
}

function isReadingOf(reading: PlanReading, row: Pick<BenchRow, 'kind' | 'cells'>): boolean {
  return (
    reading.kind === row.kind && (reading.kind === 'short-circuit' || reading.cells === row.cells)
  );
}
