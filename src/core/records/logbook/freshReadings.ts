import { standingOf } from './foldLog';
import type { LoggedReading, LogLine } from './logEntry';
import { measurementKey } from './measurement';

interface GroupReading {
  readonly group: string;
  readonly entry: LoggedReading;
}

/**
 * Readings of a file that the log does not have yet, each once: the same group, measurement, value and moment is the
 * same reading. Rows without a time are known by the rest.
 * @param now the time that rows without one were given, ISO 8601.
 */
export function freshReadings(
  lines: readonly LogLine[],
  readings: readonly GroupReading[],
  now: string,
): GroupReading[] {
  const groups = new Set(readings.map(({ group }) => group));
  const known = new Set<string>();
  for (const group of groups) {
    for (const { current } of standingOf(lines, group)) {
      if (current.entry.kind !== 'reading') continue;
      const timed = { group, entry: current.entry };
      known.add(keyOf(timed, current.entry.takenAt));
      known.add(keyOf(timed, null));
    }
  }
  return readings.filter((one) => {
    const key = keyOf(one, one.entry.takenAt === now ? null : one.entry.takenAt);
    if (known.has(key)) return false;
    known.add(key);
    return true;
  });
}

function keyOf({ group, entry }: GroupReading, takenAt: string | null): string {
  const at = takenAt === null ? '' : Date.parse(takenAt);
  return [group, measurementKey(entry.measurement), entry.value, at].join('|');
}
