import { loadVolts } from '@/core/circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import { deskCurve, deskShortAmps } from '@/core/desk/solveDesk';
import type { PlanEvaluation } from '@/core/planning/evaluatePlan';

export type Point = [volts: number, milliamps: number];

const POINTS = 60;

/** The battery's curve from nothing connected to shorted, as volts and milliamps. */
export function batteryPoints({ desk }: PlanEvaluation): Point[] {
  return deskCurve(desk, POINTS).map(({ volts, amps }) => [volts, 1000 * amps]);
}

/** The load's curve up to the current that the shorted battery gives. */
export function loadPoints({ source, need, desk }: PlanEvaluation): Point[] {
  const mostAmps = deskShortAmps(desk);
  const points: Point[] = [[0, 0]];
  for (let index = 0; index <= POINTS; index += 1) {
    // Closer together at small currents, where a diode bends.
    const amps = mostAmps * (index / POINTS) ** 3;
    const volts = loadVolts(need.load, amps, ROOM_THERMAL_VOLTS);
    if (volts > 1.15 * source.emfVolts) break;
    points.push([volts, 1000 * amps]);
  }
  if (need.load.kind === 'device' && need.load.leastVolts < source.emfVolts) {
    points.push(
      [need.load.leastVolts, 1000 * need.load.amps],
      [source.emfVolts, 1000 * need.load.amps],
    );
  }
  return points.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
}
