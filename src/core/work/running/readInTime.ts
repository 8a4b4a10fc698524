import { foldLog } from '../../records/logbook/foldLog';
import type { LogLine } from '../../records/logbook/logEntry';

/** What a group read at the device, so long after it was connected. */
export interface ReadPoint {
  readonly seconds: number;
  readonly volts: number | null;
  readonly amps: number | null;
}

/** Readings at the device since it was connected; the first of them is taken for the connection where no step says when. */
export function readInTime(lines: readonly LogLine[], group: string): ReadPoint[] {
  const entries = foldLog(lines.filter((line) => line.group === group)).flatMap(
    ({ current: { entry, struck } }) => (struck ? [] : [entry]),
  );
  const atDevice = entries.flatMap((entry) =>
    entry.kind === 'reading' &&
    (entry.measurement.kind === 'load-volts' || entry.measurement.kind === 'load-amps')
      ? [{ at: Date.parse(entry.takenAt), entry }]
      : [],
  );
  const connected = entries.find((entry) => entry.kind === 'step' && entry.step === 'device');
  const start = Math.min(
    ...atDevice.map(({ at }) => at),
    connected === undefined ? Infinity : Date.parse(connected.takenAt),
  );
  return atDevice
    .map(({ at, entry }) => ({
      seconds: Math.max(1, (at - start) / 1000),
      volts: entry.measurement.kind === 'load-volts' ? entry.value : null,
      amps: entry.measurement.kind === 'load-amps' ? entry.value : null,
    }))
    .sort((first, second) => first.seconds - second.seconds);
}
