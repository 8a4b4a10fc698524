import { doubtsOfTrial } from '../../physics/readings/ownCell';
import { buildOfPlan } from '../../records/plan/cellOfPlan';
import { suitableCurrentRange } from '../../physics/instruments/meter';
import type { TrialCell } from '../../physics/readings/ownReadings';
import { readingsOfGroup } from '../../records/logbook/foldLog';
import type { LoggedReading, LogLine } from '../../records/logbook/logEntry';
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
  const typed = plan.cell.trialCells.filter(({ group }) => group === undefined);
  const start = { ...plan, cell: { ...plan.cell, trialCells: typed } };
  const all = groups.reduce(
    (known, group) => withFirstCellOf(known, group, readingsOfGroup(lines, group)) ?? known,
    start,
  );
  return all === start ? null : all;
}

/** The plan with the first cell of one group among its trial cells; `null` while it has not read volts and current of one that can be. */
export function withFirstCellOf(
  plan: Plan,
  group: string,
  readings: readonly LoggedReading[],
): Plan | null {
  const own = calibratedPlan(plan, readings)?.cell.own;
  const cell = own == null ? null : trialOf(plan, own);
  // A slip or a faulty cell tells nothing of the others.
  if (
    cell === null ||
    doubtsOfTrial(cell, buildOfPlan(plan.cell), plan.meter.shuntOhms).length > 0
  ) {
    return null;
  }
  const others = plan.cell.trialCells.filter((one) => one.group !== group);
  return { ...plan, cell: { ...plan.cell, trialCells: [...others, { ...cell, group }] } };
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
