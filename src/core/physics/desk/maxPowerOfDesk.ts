import { maxPowerWatts } from '../chemistry/maxPower';
import { cellsOf, type Desk } from './desk';
import { deskCurve } from './solveDesk';

const CURVE_POINTS = 40;

/** Most power in watts that the battery gives to any load; of a laid-out one to about a per cent. */
export function maxPowerOfDesk(desk: Desk): number {
  const [first] = cellsOf(desk);
  if (desk.plainGrid && first !== undefined)
    return cellsOf(desk).length * maxPowerWatts(first.model);
  return Math.max(0, ...deskCurve(desk, CURVE_POINTS).map(({ volts, amps }) => volts * amps));
}
