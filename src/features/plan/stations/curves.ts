import { cellAmpsAt } from '@/core/chemistry/cellAmpsAt';
import { loadVolts } from '@/core/circuit/load/load';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import type { PlanEvaluation } from '@/core/planning/evaluatePlan';

export type Point = [volts: number, milliamps: number];

const POINTS = 60;

/** The battery's curve from nothing connected to shorted, as volts and milliamps. */
export function batteryPoints({ cell, wiring }: PlanEvaluation): Point[] {
  const { cellsInSeries, strings } = wiring;
  const { emfVolts } = cell.model;
  return Array.from({ length: POINTS + 1 }, (_, index) => {
    const cellVolts = emfVolts * (1 - index / POINTS);
    return [cellsInSeries * cellVolts, 1000 * strings * cellAmpsAt(cell.model, cellVolts)];
  });
}

/** The load's curve up to the current that the shorted battery gives. */
export function loadPoints({ source, need, cell, wiring }: PlanEvaluation): Point[] {
  const mostAmps = wiring.strings * cellAmpsAt(cell.model, 0);
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
