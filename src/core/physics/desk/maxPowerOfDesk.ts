import { maxPowerWatts } from '../cell/maxPower';
import type { Desk } from './desk';
import { deskCurve } from './solveDesk';

const CURVE_POINTS = 40;

/** Most power in watts that the battery gives to any load; of a laid-out one to about a per cent. */
export function maxPowerOfDesk(desk: Desk): number {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    return cellsInSeries * strings * maxPowerWatts(cell.model);
  }
  return Math.max(0, ...deskCurve(desk, CURVE_POINTS).map(({ volts, amps }) => volts * amps));
}
