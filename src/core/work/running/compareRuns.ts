import { billOfDesk } from '../parts/billOfDesk';
import { AA_CELL } from '../../physics/readings/referenceCells';
import { gridDesk, type Desk } from '../../physics/desk/desk';
import type { PlanEvaluation } from '../judging/evaluatePlan';
import { type Cost, priceOfBill, priceOfUnit, type Prices } from '../parts/priceOfBill';
import { runBattery, type BatteryRun } from './runBattery';
import { aboutTime } from '../../units';
import { wrapsFor, WRAP_NAMES, wrapOf, type Running } from '../../records/plan/runningSchema';

/** Another way to leave it running, and how it fares. */
export interface ComparedRun {
  readonly name: string;
  readonly run: Pick<BatteryRun, 'endSeconds' | 'end' | 'joules' | 'wantedUntil'>;
  /** Current at the beginning, amperes. */
  readonly firstAmps: number;
  /** What its parts cost by the piece, and how much of that does not come back; `null` where a price is not known. */
  readonly money: Cost | null;
}

/** The battery as arranged against fewer and more strings and other covers. */
export function compareRuns(
  evaluation: Pick<PlanEvaluation, 'cell' | 'desk' | 'need' | 'wiring'>,
  running: Running,
  prices: Prices,
): ComparedRun[] {
  const compared = (name: string, standing: Desk, left: Running): ComparedRun => {
    const { samples, endSeconds, end, joules, wantedUntil } = runBattery(standing, need, left);
    return {
      name,
      run: { endSeconds, end, joules, wantedUntil },
      firstAmps: samples[0]?.amps ?? 0,
      money: priceOfBill(billOfDesk(standing), prices),
    };
  };
  const { cell, desk, need, wiring } = evaluation;
  const { cellsInSeries, strings } = wiring;
  const rows: ComparedRun[] = [compared('as arranged', desk, running)];
  if (desk.grid !== null) {
    for (const count of [strings - 1, strings + 1, 2 * strings]) {
      if (count < 1 || count === strings) continue;
      const name = `${cellsInSeries} in series × ${count}`;
      if (rows.every((row) => row.name !== name)) {
        rows.push(compared(name, gridDesk(cell, cellsInSeries, count), running));
      }
    }
  }
  for (const wrap of wrapsFor(cell.recipe)) {
    if (wrap === wrapOf(running, cell.recipe)) continue;
    rows.push(compared(`the same, ${WRAP_NAMES[wrap]}`, desk, { ...running, wrap }));
  }
  return rows;
}

/** Bought AA cells that feed the same: how many for the volts, for how long, with how many joules. */
export interface BoughtCells {
  readonly cells: number;
  readonly seconds: number;
  /** Energy that the load gets out of them, joules; the rest is lost in the resistor that it then needs. */
  readonly joules: number;
  /** `null` where the cupboard has no price of them. */
  readonly price: number | null;
}

/** A bought cell keeps for some five years, used or not (common practice, no source). */
const KEEPS_SECONDS = 5 * 365 * 86_400;

/** How long bought cells last. */
export function boughtWords({ seconds }: Pick<BoughtCells, 'seconds'>): string {
  return seconds > KEEPS_SECONDS ? 'as long as they keep' : aboutTime(seconds);
}

export function boughtCells(volts: number, amps: number, prices: Prices): BoughtCells | null {
  if (!(volts * amps > 0)) return null;
  const { model, joules } = AA_CELL;
  const price = priceOfUnit('aa-cell', prices);
  const cells = Math.max(1, Math.ceil(volts / model.emfVolts));
  const seconds = joules / (model.emfVolts * amps);
  return {
    cells,
    seconds,
    joules: volts * amps * seconds,
    price: price === null ? null : cells * price,
  };
}
