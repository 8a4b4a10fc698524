import type { LogEntry, LogRequest } from '@/core/records/logbook/logEntry';
import { readingEntry } from '@/core/records/logbook/readingEntry';

/** What the club’s groups have read so far at the lamp: one has a cell that gives nothing, the others go on. */
const VOLTS: Readonly<Record<string, readonly number[]>> = {
  Curlew: [0.94, 1.86, 1.91],
  Knot: [0.91, 1.84, 2.77, 3.7],
  Dunlin: [0.95, 1.87],
  Avocet: [0.92, 1.83, 2.71],
  Plover: [0.97],
  Tern: [0.9, 1.79, 2.73],
};
const MILLIAMPS: Readonly<Record<string, number>> = {
  Curlew: 2.62,
  Knot: 2.96,
  Dunlin: 2.44,
  Avocet: 3.24,
  Plover: 2.38,
  Tern: 2.8,
};
const FIRST_MINUTE = Date.parse('2027-01-22T14:02:00Z');
const MINUTE_MS = 60_000;
const CELL_MINUTES = 6;

function entriesOf(group: string): LogEntry[] {
  const at = (minutes: number): string =>
    new Date(FIRST_MINUTE + minutes * MINUTE_MS).toISOString();
  const done = (step: string, takenAt: string): LogEntry => ({
    kind: 'step',
    step,
    state: 'done',
    takenAt,
  });
  const volts = (VOLTS[group] ?? []).flatMap((value, index): LogEntry[] => {
    const cell = index + 1;
    const time = at(index * CELL_MINUTES);
    return [
      ...(cell === 1 ? [done('build 1 1', time)] : []),
      readingEntry({ kind: 'volts', string: 1, from: 1, to: cell, built: cell }, value, time),
      done(`volts 1 ${cell}`, time),
    ];
  });
  const amps = (MILLIAMPS[group] ?? 0) / 1000;
  return [
    done('prepare', at(0)),
    ...volts.slice(0, 3),
    readingEntry({ kind: 'short', string: 1, built: 1 }, amps, at(1)),
    done('short 1 1', at(1)),
    done('build all', at(4)),
    ...volts.slice(3),
  ];
}

export const DEMO_LOG: { readonly planId: string; readonly requests: readonly LogRequest[] } = {
  planId: 'demo-lamp',
  requests: Object.keys(VOLTS).flatMap((group) =>
    entriesOf(group).map((entry, index) => ({
      entryId: entry.kind === 'step' ? `step ${group} ${entry.step}` : `demo ${group} ${index}`,
      revision: 1,
      group,
      entry,
      struck: false,
    })),
  ),
};
