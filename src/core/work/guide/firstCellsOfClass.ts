import { suitableCurrentRange } from '../../physics/instruments/meter';
import type { TrialCell } from '../../physics/readings/ownReadings';
import { readingsOfGroup } from '../../records/logbook/foldLog';
import type { LogLine } from '../../records/logbook/logEntry';
import type { Plan } from '../../records/plan/planSchema';
import { calibratedPlan } from './calibratedPlan';

/**
 * The plan with the first cells that its groups have read among its trial cells: all of them are of this lesson. What was taken
 * over from the class before is replaced. `null` while no group has read volts and current of one.
 */
export function withFirstCells(
  plan: Plan,
  groups: readonly string[],
  lines: readonly LogLine[],
): Plan | null {
  const read = groups.flatMap((group) => {
    const own = calibratedPlan(plan, readingsOfGroup(lines, group))?.cell.own;
    const cell = own == null ? null : trialOf(plan, own);
    return cell === null ? [] : [{ ...cell, group }];
  });
  if (read.length === 0) return null;
  const typed = plan.cell.trialCells.filter(({ group }) => group === undefined);
  return { ...plan, cell: { ...plan.cell, trialCells: [...typed, ...read] } };
}

/** One pair as a group read it, told as the meter would show it on the range that suits it. */
function trialOf(
  { meter: { shuntOhms } }: Plan,
  { openCircuitVolts: volts, shortCircuit }: NonNullable<Plan['cell']['own']>,
): TrialCell | null {
  if (volts === null || shortCircuit === null) return null;
  const { amps, meterRange } = shortCircuit;
  const inside = volts / amps - shuntOhms[meterRange];
  if (inside <= 0) return null;
  const shown = volts / (inside + shuntOhms[suitableCurrentRange(amps, shuntOhms)]);
  return { volts, milliamps: 1000 * shown, seconds: null, counted: true };
}
