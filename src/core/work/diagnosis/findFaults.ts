import type { Measurement } from '../../records/logbook/measurement';
import { diagnose, type Diagnosis } from './diagnose';
import type { Reading } from './evidence';
import { belongsToBattery, type NominalBattery } from './nominalBattery';

/** What the fault finder makes of one group's readings; `null` before the first of them. */
export function findFaults(
  nominal: NominalBattery,
  readings: readonly Reading[],
): Diagnosis | null {
  const usable = readings.filter(({ measurement }) => belongsToBattery(nominal, measurement));
  if (usable.length === 0) return null;
  const built = new Map<number, number>();
  let joined = false;
  for (const { measurement } of usable) {
    if (!('string' in measurement)) {
      joined = true;
      continue;
    }
    const stands = 'built' in measurement ? measurement.built : measurement.cell;
    built.set(measurement.string, Math.max(built.get(measurement.string) ?? 0, stands));
  }
  if (joined) nominal.strings.forEach((items, index) => built.set(index + 1, items.length));
  const standing = [...built].map(([string, cells]) => ({ string, built: cells }));
  return diagnose({
    ...nominal,
    readings: usable,
    possible: possibleMeasurements(standing, joined, nominal.isPolarised),
  });
}

/** Cells of a long string that are looked at one by one. */
const MAX_CELLS = 16;

export interface Standing {
  readonly string: number;
  /** Cells that stand in the string so far. */
  readonly built: number;
}

/** Everything that can be measured with so many cells standing, and the device where the strings are joined. */
export function possibleMeasurements(
  strings: readonly Standing[],
  joined: boolean,
  isPolarised: boolean,
): Measurement[] {
  const ofStrings = strings.flatMap(({ string, built }): Measurement[] => {
    const cells = places(built);
    return [
      ...cells.map((to): Measurement => ({ kind: 'volts', string, from: 1, to, built })),
      ...cells
        .filter((cell) => cell > 1)
        .map((cell): Measurement => ({ kind: 'volts', string, from: cell, to: cell, built })),
      { kind: 'short', string, built },
      ...cells
        .filter((to) => to < built)
        .map((to): Measurement => ({ kind: 'shorted-volts', string, to, built })),
      ...cells.map((cell): Measurement => ({ kind: 'cell-volts', string, cell })),
      ...cells.map((cell): Measurement => ({ kind: 'cell-short', string, cell })),
      ...(built > 1
        ? cells.map((cell): Measurement => ({ kind: 'volts-without', string, cell, built }))
        : []),
    ];
  });
  if (!joined) return ofStrings;
  return [
    { kind: 'battery-volts' },
    { kind: 'load-volts' },
    { kind: 'load-amps' },
    { kind: 'lights', turned: false },
    ...(isPolarised ? [{ kind: 'lights', turned: true } as const] : []),
    ...ofStrings,
  ];
}

/** Every cell of a short string; of a long one evenly spread ones, the last among them. */
function places(built: number): number[] {
  const count = Math.min(built, MAX_CELLS);
  return Array.from({ length: count }, (_, index) => Math.round(((index + 1) * built) / count));
}
