import { loadVolts, type Load } from '@/core/physics/circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import { deskCurve } from '@/core/physics/desk/solveDesk';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';

export type Point = [volts: number, milliamps: number];

const POINTS = 60;

/** The battery's curve from nothing connected to shorted, as volts and milliamps. */
export function batteryPoints({ desk }: Pick<PlanEvaluation, 'desk'>): Point[] {
  return deskCurve(desk, POINTS).map(({ volts, amps }) => [volts, 1000 * amps]);
}

/** A load's curve up to the current that the shorted battery gives. */
export function loadPoints(load: Load, openVolts: number, mostAmps: number): Point[] {
  const points: Point[] = [[0, 0]];
  for (let index = 0; index <= POINTS; index += 1) {
    // Closer together at small currents, where a diode bends.
    const amps = mostAmps * (index / POINTS) ** 3;
    const volts = loadVolts(load, amps, ROOM_THERMAL_VOLTS);
    if (volts > 1.15 * openVolts) break;
    points.push([volts, 1000 * amps]);
  }
  if (load.kind === 'device' && load.leastVolts < openVolts) {
    points.push([load.leastVolts, 1000 * load.amps], [openVolts, 1000 * load.amps]);
  }
  return points.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
}

/** Volts of the battery at a current in milliamps, read off its points; 0 beyond the short-circuit current. */
export function voltsAt(points: readonly Point[], milliamps: number): number {
  for (const [index, [volts, at]] of points.entries()) {
    if (at < milliamps) continue;
    const [voltsBefore, before] = points[index - 1] ?? [volts, at];
    if (at === before) return volts;
    return voltsBefore + ((volts - voltsBefore) * (milliamps - before)) / (at - before);
  }
  return 0;
}
