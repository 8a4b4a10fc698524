import type { LogAuthor, LogLine, LogRequest } from '@/core/records/logbook/logEntry';
import type { BenchContext } from './benchContext';

export type AppendedLog =
  | { readonly status: 'logged'; readonly lines: readonly LogLine[] }
  | { readonly status: 'no-plan' }
  /** Somebody changed the entry in between; `line` is what stands. Nothing was written. */
  | { readonly status: 'conflict'; readonly line: LogLine | null }
  /** A group's device, and an entry that is not its own. Nothing was written. */
  | { readonly status: 'foreign' };

/** Writes lines to the log of a plan, all or none, and tells everybody who watches. Sending the same again is harmless. */
export function appendToLog(
  { documents, log, bus, now }: Pick<BenchContext, 'documents' | 'log' | 'bus' | 'now'>,
  planId: string,
  requests: readonly LogRequest[],
  author: LogAuthor,
): AppendedLog {
  if (!documents('plans').has(planId)) return { status: 'no-plan' };
  const outcomes = log.appendAll(planId, requests, author, now());
  if (outcomes.some(({ status }) => status === 'foreign')) return { status: 'foreign' };
  const refused = outcomes.find((one) => one.status === 'conflict');
  if (refused !== undefined) return { status: 'conflict', line: refused.line };
  if (outcomes.some((one) => one.status === 'logged' && one.fresh)) bus.grew(planId);
  return {
    status: 'logged',
    lines: outcomes.flatMap((one) => (one.status === 'logged' ? [one.line] : [])),
  };
}
