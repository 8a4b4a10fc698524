import { gridDesk, type Desk } from '../desk/desk';
import type { TargetNeed } from '../plan/needOfTarget';
import type { PlanEvaluation } from '../planning/evaluatePlan';
import { runBattery, type BatteryRun } from './runBattery';
import { wrapsFor, WRAP_NAMES, wrapOf, type Running } from './runningSchema';

/** Another way to leave it running, and how it fares. */
export interface ComparedRun {
  readonly name: string;
  readonly run: Pick<BatteryRun, 'endSeconds' | 'end' | 'joules' | 'wantedUntil'>;
  /** Current at the beginning, amperes. */
  readonly firstAmps: number;
}

/** A fresh AA cell: 1.5 V and about 2.5 Wh (handbook of the trade, from memory). */
const AA_VOLTS = 1.5;
/** The same in joules. */
export const AA_JOULES = 2.5 * 3600;

/** The battery as arranged against fewer and more strings and other covers. */
export function compareRuns(
  evaluation: Pick<PlanEvaluation, 'cell' | 'desk' | 'need' | 'wiring'>,
  running: Running,
): ComparedRun[] {
  const { cell, desk, need, wiring } = evaluation;
  const { cellsInSeries, strings } = wiring;
  const rows: ComparedRun[] = [compared('as arranged', desk, need, running)];
  if (desk.plainGrid) {
    for (const count of [strings - 1, strings + 1, 2 * strings]) {
      if (count < 1 || count === strings) continue;
      const name = `${cellsInSeries} in series × ${count}`;
      if (rows.every((row) => row.name !== name)) {
        rows.push(compared(name, gridDesk(cell, cellsInSeries, count), need, running));
      }
    }
  }
  for (const wrap of wrapsFor(cell.recipe)) {
    if (wrap === wrapOf(running, cell.recipe)) continue;
    rows.push(compared(`the same, ${WRAP_NAMES[wrap]}`, desk, need, { ...running, wrap }));
  }
  return rows;
}

function compared(name: string, desk: Desk, need: TargetNeed, running: Running): ComparedRun {
  const { samples, endSeconds, end, joules, wantedUntil } = runBattery(desk, need, running);
  return { name, run: { endSeconds, end, joules, wantedUntil }, firstAmps: samples[0]?.amps ?? 0 };
}

/** How long bought AA cells would feed the same power, and how many are needed for the volts. */
export function boughtCells(
  volts: number,
  amps: number,
): { cells: number; seconds: number } | null {
  if (!(volts * amps > 0)) return null;
  const cells = Math.max(1, Math.ceil(volts / AA_VOLTS));
  // What the load does not get is lost in the resistor that it then needs.
  return { cells, seconds: AA_JOULES / (AA_VOLTS * amps) };
}
