import { CURRENT_RANGES, suitableCurrentRange } from '../../physics/instruments/meter';
import type { LoggedReading } from '../../records/logbook/logEntry';
import type { Plan } from '../../records/plan/planSchema';

/**
 * The plan with a group’s first cell as its cell: volts and current of cell 1, read alone or as the first of its
 * string. `null` while one of the two is missing or says nothing. A desk laid out by hand stays as it is.
 */
export function calibratedPlan(plan: Plan, readings: readonly LoggedReading[]): Plan | null {
  const volts = readings.findLast(
    ({ measurement: one }) =>
      (one.kind === 'volts' && one.from === 1 && one.to === 1) ||
      (one.kind === 'cell-volts' && one.cell === 1),
  );
  const amps = readings.findLast(
    ({ measurement: one }) =>
      (one.kind === 'short' && one.built === 1) || (one.kind === 'cell-short' && one.cell === 1),
  );
  if (volts === undefined || amps === undefined || volts.value <= 0 || amps.value <= 0) return null;
  const read = CURRENT_RANGES.find((range) => range === amps.range);
  return {
    ...plan,
    cell: {
      ...plan.cell,
      own: {
        openCircuitVolts: volts.value,
        shortCircuit: {
          amps: amps.value,
          meterRange: read ?? suitableCurrentRange(amps.value),
          secondsAfter: null,
        },
        loaded: [],
        kept: false,
      },
    },
  };
}
