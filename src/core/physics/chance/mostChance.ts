import { deviationsBelow, shareAbove } from '../../numeric/normalShare';
import { loadVolts } from '../circuit/load/load';
import type { EqualCells } from './drawnBattery';
import { lossOf } from './lossTable';
import { CLASS_SCATTER, KNOWN_LEVEL, voltsDeviation } from './scatter';
import type { ClassesInput } from './simulateClasses';

/**
 * Side by side the conductances of scattered cells add up to a little more than the typical ones do, `exp(σ²/2)`: so much
 * less than the typical cell gives may still do in half of the classes.
 */
export const MEDIAN_MARGIN = 1.06;

/** Middles of so many equal parts of what lies between 0 and 1. */
const middles = (parts: number): number[] =>
  Array.from({ length: parts }, (_, index) => (index + 0.5) / parts);

/** Levels that stand for equal shares of all classes, standard deviations. */
const LEVELS = middles(50).map(deviationsBelow);
const { emfShare, badJointChance, badJointLeastOhms, badJointMostOhms } = CLASS_SCATTER;
/** Bad joints that stand for equal shares of all. */
const BAD_OHMS = middles(10).map(
  (place) => badJointLeastOhms * (badJointMostOhms / badJointLeastOhms) ** place,
);
/** What these few may differ by from many simulated classes. */
const FEW_ERROR = 0.01;
const ONE_CELL = Float64Array.of(1);

/**
 * At least the share of classes in which a grid gives the wanted current: what it would be if the cells of a class were equal and
 * only one of its joints bad, if any. Fifty cells are looked at instead of thousands: where that is too little nobody need draw
 * classes.
 */
export function mostChanceOfGrid(
  { cell, cellsInSeries, strings }: EqualCells,
  input: Pick<ClassesInput, 'load' | 'wantedAmps' | 'thermalVolts' | 'level'>,
): number {
  const { load, wantedAmps, thermalVolts, level = KNOWN_LEVEL } = input;
  const emfVolts = cellsInSeries * cell.emfVolts;
  const spareVolts = emfVolts - loadVolts(load, wantedAmps, thermalVolts);
  const deviation = voltsDeviation(input)({
    variance: (emfShare * emfVolts) ** 2 / (cellsInSeries * strings),
    perLevel: emfVolts,
  });
  const good = (1 - badJointChance) ** (strings * (cellsInSeries + 1));
  const amps = wantedAmps / MEDIAN_MARGIN;
  const loss = lossOf(cell);
  let sum = 0;
  for (const strong of LEVELS) {
    loss.ofCells(ONE_CELL, 0, 1, Math.exp(-level.ampsLog * strong), amps / strings);
    const volts = spareVolts - cellsInSeries * loss.volts;
    const ohms = cellsInSeries * loss.ohms;
    let withBad = 0;
    for (const bad of BAD_OHMS) {
      // Millman on the lines that touch the strings' curves where they share the current alike.
      const siemens = (strings - 1) / ohms + 1 / (ohms + bad);
      withBad += shareAbove(volts - amps * (1 / siemens - ohms / strings), deviation);
    }
    sum += good * shareAbove(volts, deviation) + ((1 - good) * withBad) / BAD_OHMS.length;
  }
  return sum / LEVELS.length + FEW_ERROR;
}
