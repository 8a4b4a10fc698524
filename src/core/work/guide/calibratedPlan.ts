import { shareOfOnePair } from '../../physics/recipes/cellBuild';
import {
  currentRangeOf,
  suitableCurrentRange,
  type CurrentRange,
} from '../../physics/instruments/meter';
import { evaluatePlan } from '../judging/evaluatePlan';
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
  const amps = readings.findLast(isFirstShort);
  if (volts === undefined || amps === undefined || volts.value <= 0 || amps.value <= 0) return null;
  const meterRange =
    currentRangeOf(amps.range) ?? suitableCurrentRange(amps.value, plan.meter.shuntOhms);
  return {
    ...plan,
    cell: {
      ...plan.cell,
      own: {
        openCircuitVolts: volts.value,
        shortCircuit: {
          amps: ampsOfOnePair(plan, volts.value, amps.value, meterRange),
          meterRange,
          secondsAfter: null,
        },
        loaded: [],
        kept: false,
      },
    },
  };
}

function isFirstShort({ measurement: one }: LoggedReading): boolean {
  return (one.kind === 'short' && one.built === 1) || (one.kind === 'cell-short' && one.cell === 1);
}

/** Short-circuit current of the first cell as a group read it, amperes; `null` where it has not. */
export function firstShortAmps(readings: readonly LoggedReading[]): number | null {
  const found = readings.findLast(isFirstShort);
  return found === undefined || found.value <= 0 ? null : found.value;
}

/** A group reads the whole body, with all of its metals; the plan’s own readings are of one pair. */
function ampsOfOnePair(plan: Plan, volts: number, amps: number, range: CurrentRange): number {
  const shuntOhms = plan.meter.shuntOhms[range];
  const share = shareOfOnePair(evaluatePlan(plan).cell);
  const ohms = volts / amps - shuntOhms;
  return share === 1 || ohms <= 0 ? amps : volts / (ohms / share + shuntOhms);
}
