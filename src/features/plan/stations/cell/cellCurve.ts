import { typicalModel, cellBuild } from '@/core/physics/recipes/cellBuild';
import { cellAmpsAt, type CellModel, terminalVoltage } from '@/core/physics/cell/cellModel';
import { fitErrorVolts } from '@/core/physics/readings/fitCell';
import type { PlannedCell } from '@/core/physics/readings/plannedCell';

/** A point of a chart: milliamps, volts. */
type Point = readonly [milliamps: number, volts: number];

const POINTS = 50;
/** Width of the band in standard errors: about 95 in 100 fits like this one hold the truth. */
const BAND_ERRORS = 2;
/** The classroom meter on its 2 V range: ±(0.5 % + 2 digits of 1 mV) (common practice, no source). */
const METER_SHARE = 0.005;
const METER_DIGITS_VOLTS = 0.002;

export interface CellCurve {
  /** The cell that the plan calculates with, from nothing connected to shorted. */
  readonly now: readonly Point[];
  /** The recipe's usual cell, to compare; empty where it is the same. */
  readonly usual: readonly Point[];
  /** The educator's readings with what the meter may be off by, volts. */
  readonly read: readonly { readonly at: Point; readonly errorVolts: number }[];
  /** Where the true curve lies, given the scatter of the readings; empty where that cannot be judged. */
  readonly band: readonly {
    readonly milliamps: number;
    readonly low: number;
    readonly high: number;
  }[];
}

/** What the chart of one cell shows. */
export function cellCurve(cell: PlannedCell): CellCurve {
  const usualModel = typicalModel(cellBuild(cell.recipe, cell.body));
  const now = pointsOf(cell.model);
  const usual = pointsOf(usualModel);
  const best = cell.own !== null && 'fits' in cell.own ? cell.own.fits?.best : undefined;
  const band =
    best === undefined || cell.own?.status !== 'used'
      ? []
      : now.flatMap(([milliamps, volts]) => {
          const error = fitErrorVolts(best, milliamps / 1000);
          return error === null
            ? []
            : [
                {
                  milliamps,
                  low: Math.max(0, volts - BAND_ERRORS * error),
                  high: volts + BAND_ERRORS * error,
                },
              ];
        });
  return {
    now,
    usual: JSON.stringify(now) === JSON.stringify(usual) ? [] : usual,
    read: (cell.own?.points ?? []).map(({ amps, volts }) => ({
      at: [1000 * amps, volts],
      errorVolts: METER_SHARE * volts + METER_DIGITS_VOLTS,
    })),
    band,
  };
}

function pointsOf(model: CellModel): Point[] {
  const most = cellAmpsAt(model, 0);
  return Array.from({ length: POINTS + 1 }, (_, index) => {
    const amps = (most * index) / POINTS;
    return [1000 * amps, Math.max(0, terminalVoltage(model, amps))];
  });
}
