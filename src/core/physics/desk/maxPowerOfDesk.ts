import { maxPowerWatts } from '../cell/maxPower';
import type { Desk } from './desk';
import { deskCurve } from './solveDesk';

const CURVE_POINTS = 40;

/** Most power in watts that the battery gives to any load; of a laid-out one between the points of its curve as on a straight line. */
export function maxPowerOfDesk(desk: Desk): number {
  if (desk.grid !== null) {
    const { cell, cellsInSeries, strings } = desk.grid;
    return cellsInSeries * strings * maxPowerWatts(cell.model);
  }
  let most = 0;
  deskCurve(desk, CURVE_POINTS).reduce((from, to) => {
    const [volts, amps] = [to.volts - from.volts, to.amps - from.amps];
    // Where the product of volts and amps along the line is greatest.
    const best = -(from.volts * amps + from.amps * volts) / (2 * volts * amps);
    const share = Math.min(1, Math.max(0, Number.isFinite(best) ? best : 0));
    most = Math.max(most, (from.volts + share * volts) * (from.amps + share * amps));
    return to;
  });
  return most;
}
