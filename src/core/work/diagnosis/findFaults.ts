import type { Measurement } from '../../records/logbook/measurement';
import { diagnose, type Diagnosis } from './diagnose';
import type { Reading } from './evidence';
import type { NominalBattery } from './nominalBattery';
import { possibleMeasurements } from './possibleMeasurements';

/** What the fault finder makes of one group's readings; `null` before the first of them. */
export function findFaults(
  nominal: NominalBattery,
  readings: readonly Reading[],
): Diagnosis | null {
  const usable = readings.filter(({ measurement }) => fits(nominal, measurement));
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

/** Whether the battery has the place that was read: readings of others are left out. */
export function fits({ strings }: NominalBattery, measurement: Measurement): boolean {
  if (!('string' in measurement)) return true;
  const length = strings[measurement.string - 1]?.length ?? 0;
  const reach = Math.max(
    'built' in measurement ? measurement.built : 0,
    'cell' in measurement ? measurement.cell : 0,
    'to' in measurement ? measurement.to : 0,
  );
  return reach <= length;
}
