import { measurementKey } from './measurement';
import { agree } from './readingEntry';
import type { LoggedReading, LogLine } from './logEntry';

/** An entry as it stands now, with what it was before. */
export interface Logged {
  readonly current: LogLine;
  /** Oldest first; the last is `current`. */
  readonly history: readonly LogLine[];
}

/** The entries of a log in the order in which they were first written; struck ones among them. */
export function foldLog(lines: readonly LogLine[]): Logged[] {
  const entries = new Map<string, LogLine[]>();
  for (const line of lines) {
    const known = entries.get(line.entryId);
    if (known === undefined) entries.set(line.entryId, [line]);
    else known.push(line);
  }
  return [...entries.values()].map((history) => {
    const sorted = [...history].sort((a, b) => a.revision - b.revision);
    return { current: sorted.at(-1)!, history: sorted };
  });
}

/** Lines of the log, old and new, each once, in order: what a page keeps while news come in. */
export function withLines(lines: readonly LogLine[], more: readonly LogLine[]): LogLine[] {
  const bySeq = new Map([...lines, ...more].map((line) => [line.seq, line]));
  return [...bySeq.values()].sort((a, b) => a.seq - b.seq);
}

/** What stands in the log of one group, struck entries left out. */
export function standingOf(lines: readonly LogLine[], group: string): Logged[] {
  return foldLog(lines.filter((line) => line.group === group)).filter(
    ({ current }) => !current.struck,
  );
}

/** A reading as it stands for a group. */
export type GroupReading = LoggedReading & {
  /** It was taken twice, and the same both times. */
  readonly confirmed: boolean;
};

/** Readings of a group, each measurement once: the last one taken counts. */
export function readingsOfGroup(lines: readonly LogLine[], group: string): GroupReading[] {
  const last = new Map<string, GroupReading>();
  const taken = new Map<string, number>();
  // By when they were written, whichever entry they are of: two windows of one group write entries of their own.
  const all = standingOf(lines, group)
    .flatMap(({ history }) => history)
    .sort((a, b) => a.seq - b.seq);
  for (const { entry, struck } of all) {
    if (entry.kind !== 'reading' || struck) continue;
    const { measurement, value } = entry;
    const key = measurementKey(measurement);
    const before = taken.get(key);
    taken.set(key, value);
    // A repeated measurement moves to the end.
    last.delete(key);
    last.set(key, {
      ...entry,
      confirmed: before !== undefined && agree(measurement, value, before),
    });
  }
  return [...last.values()];
}

/** What a group expected to read, volts or amperes, by {@link measurementKey}: the last one written counts. */
export function predictionsOfGroup(
  lines: readonly LogLine[],
  group: string,
): ReadonlyMap<string, number> {
  return new Map(
    standingOf(lines, group).flatMap(({ current: { entry } }) =>
      entry.kind === 'prediction'
        ? [[measurementKey(entry.measurement), entry.value] as const]
        : [],
    ),
  );
}

/** The last standing entry of a kind. */
export function lastOfKind(
  lines: readonly LogLine[],
  kind: LogLine['entry']['kind'],
): LogLine | null {
  return (
    foldLog(lines).findLast(({ current }) => current.entry.kind === kind && !current.struck)
      ?.current ?? null
  );
}
