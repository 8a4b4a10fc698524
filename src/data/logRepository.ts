import { and, asc, eq, gt, max } from 'drizzle-orm';
import {
  logEntrySchema,
  type LogAuthor,
  type LogLine,
  type LogRequest,
} from '@/core/records/logbook/logEntry';
import type { GrozerDatabase } from './openDatabase';
import { logLines } from './schema';

export type AppendOutcome =
  /** Also where exactly this line was there already: sending twice logs once. */
  | { readonly status: 'logged'; readonly line: LogLine; readonly fresh: boolean }
  /** The entry has moved on; the line that stands is given. */
  | { readonly status: 'conflict'; readonly line: LogLine | null };

/** The log of the benches: appended to, never changed. */
export interface LogRepository {
  append(planId: string, request: LogRequest, author: LogAuthor, now: number): AppendOutcome;
  /** All or nothing. */
  appendAll(
    planId: string,
    requests: readonly LogRequest[],
    author: LogAuthor,
    now: number,
  ): AppendOutcome[];
  /** Lines of a plan after a sequence number, oldest first; of one group where it is named. */
  linesAfter(planId: string, seq: number, group?: string): LogLine[];
}

export function createLogRepository(db: GrozerDatabase): LogRepository {
  const ofEntry = (planId: string, entryId: string) =>
    and(eq(logLines.planId, planId), eq(logLines.entryId, entryId));
  const append: LogRepository['append'] = (planId, request, author, now) => {
    const { entryId, revision, group, entry, struck } = request;
    const text = JSON.stringify(entry);
    const last =
      db
        .select({ revision: max(logLines.revision) })
        .from(logLines)
        .where(ofEntry(planId, entryId))
        .get()?.revision ?? 0;
    if (revision !== last + 1) {
      const there = db
        .select()
        .from(logLines)
        .where(and(ofEntry(planId, entryId), eq(logLines.revision, Math.min(revision, last))))
        .get();
      const line = there === undefined ? null : lineOf(there);
      const same =
        there?.revision === revision &&
        there.entry === text &&
        there.group === group &&
        there.struck === struck;
      return same && line !== null
        ? { status: 'logged', line, fresh: false }
        : { status: 'conflict', line };
    }
    const row = db
      .insert(logLines)
      .values({ planId, group, entryId, revision, entry: text, struck, author, at: now })
      .returning()
      .get();
    return { status: 'logged', line: lineOf(row), fresh: true };
  };
  return {
    append,

    appendAll: (planId, requests, author, now) =>
      db.transaction(() => requests.map((request) => append(planId, request, author, now))),

    linesAfter: (planId, seq, group) =>
      db
        .select()
        .from(logLines)
        .where(
          and(
            eq(logLines.planId, planId),
            gt(logLines.seq, seq),
            group === undefined ? undefined : eq(logLines.group, group),
          ),
        )
        .orderBy(asc(logLines.seq))
        .all()
        .map(lineOf),
  };
}

function lineOf(row: typeof logLines.$inferSelect): LogLine {
  const { seq, group, entryId, revision, entry, struck, author, at } = row;
  return {
    seq,
    group,
    entryId,
    revision,
    entry: logEntrySchema.parse(JSON.parse(entry)),
    struck,
    author,
    at,
  };
}
