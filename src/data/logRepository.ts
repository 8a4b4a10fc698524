import * as z from 'zod/mini';
import { jsonOf } from '@/core/formats/json';
import { and, asc, count, eq, gt, gte, inArray, like, max, sql } from 'drizzle-orm';
import {
  logEntrySchema,
  type LogAuthor,
  type LogEntry,
  type LogLine,
  type LogRequest,
} from '@/core/records/logbook/logEntry';
import { isOwnEntry } from '@/core/records/logbook/ownEntry';
import type { GrozerDatabase } from './openDatabase';
import { preparedOnce } from './preparedOnce';
import { withReserve } from './reserve';
import { logLines } from './schema';

export type AppendOutcome =
  /** Also where exactly this line was there already: sending twice logs once. */
  | { readonly status: 'logged'; readonly line: LogLine; readonly fresh: boolean }
  /** The entry has moved on; the line that stands is given. */
  | { readonly status: 'conflict'; readonly line: LogLine | null }
  /** A group's device, and an entry that is not its own. */
  | { readonly status: 'foreign' };

const FOREIGN: AppendOutcome = { status: 'foreign' };

export type RestoredLine = LogRequest & { readonly author: LogAuthor };

export interface LogCounts {
  readonly lines: number;
  readonly photos: number;
}

/** The log of the benches: appended to, never changed. */
export interface LogRepository {
  append(planId: string, request: LogRequest, author: LogAuthor, now: number): AppendOutcome;
  /** All or nothing: where one is not taken, none is. */
  appendAll(
    planId: string,
    requests: readonly LogRequest[],
    author: LogAuthor,
    now: number,
  ): AppendOutcome[];
  /** Lines of a logbook that comes with its plan, each by its own author; all or nothing. */
  restore(planId: string, lines: readonly RestoredLine[], now: number): boolean;
  /** How much stands in the log of a plan. */
  count(planId: string): LogCounts;
  /** Deletes the log of a plan for good, struck lines too; the photos that no other log names. */
  erase(planId: string): readonly string[];
  /** Photos that any line names, whatever became of its plan. */
  photosNamed(): ReadonlySet<string>;
  /** Plans whose logs are stored, with or without their plan: how many lines each. */
  plansWithLines(): readonly { readonly planId: string; readonly lines: number }[];
  /** Lines of a plan after a sequence number, oldest first; of one group where it is named. */
  linesAfter(planId: string, seq: number, group?: string): LogLine[];
  /** Whether a device of a group has written since a time. */
  hasWritten(planId: string, group: string, since: number): boolean;
}

const planId = eq(logLines.planId, sql.placeholder('planId'));
const later = gt(logLines.seq, sql.placeholder('seq'));

/** What every reading of a class asks for is worked out once for a database. */
const lastRevision = preparedOnce((db) =>
  db
    .select({ revision: max(logLines.revision) })
    .from(logLines)
    .where(and(planId, eq(logLines.entryId, sql.placeholder('entryId'))))
    .prepare(),
);
const firstLine = preparedOnce((db) =>
  db
    .select()
    .from(logLines)
    .where(and(planId, eq(logLines.entryId, sql.placeholder('entryId')), eq(logLines.revision, 1)))
    .prepare(),
);
const insertion = preparedOnce((db) =>
  db
    .insert(logLines)
    .values({
      planId: sql.placeholder('planId'),
      group: sql.placeholder('group'),
      entryId: sql.placeholder('entryId'),
      revision: sql.placeholder('revision'),
      entry: sql.placeholder('entry'),
      struck: sql.placeholder('struck'),
      author: sql.placeholder('author'),
      at: sql.placeholder('at'),
    })
    .returning({ seq: logLines.seq })
    .prepare(),
);
const linesOfPlan = preparedOnce((db) =>
  db.select().from(logLines).where(and(planId, later)).orderBy(asc(logLines.seq)).prepare(),
);
const linesOfGroup = preparedOnce((db) =>
  db
    .select()
    .from(logLines)
    .where(and(planId, later, eq(logLines.group, sql.placeholder('group'))))
    .orderBy(asc(logLines.seq))
    .prepare(),
);

export function createLogRepository(db: GrozerDatabase): LogRepository {
  const ofEntry = (planId: string, entryId: string) =>
    and(eq(logLines.planId, planId), eq(logLines.entryId, entryId));
  const append: LogRepository['append'] = (planId, request, author, now) => {
    const { entryId, revision, group, entry, struck } = request;
    const text = JSON.stringify(entry);
    const last = lastRevision(db).get({ planId, entryId })?.revision ?? 0;
    if (revision !== last + 1) {
      const there = db
        .select()
        .from(logLines)
        .where(and(ofEntry(planId, entryId), eq(logLines.revision, Math.min(revision, last))))
        .get();
      const line = there === undefined ? null : lineOf(there);
      const same =
        there?.revision === revision &&
        timeless(readEntry(there.entry, there.at)) === timeless(entry) &&
        there.group === group &&
        there.struck === struck;
      return same && line !== null
        ? { status: 'logged', line, fresh: false }
        : { status: 'conflict', line };
    }
    const { seq } = insertion(db).get({
      planId,
      group,
      entryId,
      revision,
      entry: text,
      struck,
      author,
      at: now,
    });
    const line = { seq, group, entryId, revision, entry, struck, author, at: now };
    return { status: 'logged', line, fresh: true };
  };
  const isOwn = (planId: string, request: LogRequest): boolean => {
    const first = firstLine(db).get({ planId, entryId: request.entryId });
    return isOwnEntry(request, first === undefined ? null : lineOf(first));
  };
  return {
    append,

    appendAll: (planId, requests, author, now) =>
      allOrNone(db, () =>
        requests.map((request) =>
          author === 'group' && !isOwn(planId, request)
            ? FOREIGN
            : append(planId, request, author, now),
        ),
      ),

    restore: (planId, lines, now) =>
      allOrNone(db, () =>
        lines.map(({ author, ...request }) => append(planId, request, author, now)),
      ).every(({ status }) => status === 'logged'),

    count: (planId) => {
      const counted = db
        .select({ lines: count() })
        .from(logLines)
        .where(eq(logLines.planId, planId))
        .get();
      return { lines: counted?.lines ?? 0, photos: photosOf(db, planId).length };
    },

    erase: (planId) => {
      const own = photosOf(db, planId);
      withReserve(db.$client.name, (isTight) =>
        eraseLines(db, planId, isTight ? LINES_IN_RESERVE : Infinity),
      );
      const others = new Set(photosOf(db, null));
      return own.filter((photo) => !others.has(photo));
    },

    photosNamed: () => new Set(photosOf(db, null)),

    plansWithLines: () =>
      db
        .select({ planId: logLines.planId, lines: count() })
        .from(logLines)
        .groupBy(logLines.planId)
        .all(),

    linesAfter: (planId, seq, group) =>
      (group === undefined
        ? linesOfPlan(db).all({ planId, seq })
        : linesOfGroup(db).all({ planId, seq, group })
      ).map(lineOf),

    hasWritten: (planId, group, since) =>
      db
        .select({ seq: logLines.seq })
        .from(logLines)
        .where(
          and(
            eq(logLines.planId, planId),
            eq(logLines.group, group),
            eq(logLines.author, 'group'),
            gte(logLines.at, since),
          ),
        )
        .limit(1)
        .get() !== undefined,
  };
}

/** Lines that are deleted within the room that is kept. */
const LINES_IN_RESERVE = 100;

/** Deletes for good, some at a time: what was written before does not stay in the log beside the database either. */
function eraseLines(db: GrozerDatabase, planId: string, atOnce: number): void {
  const ofPlan = db.select({ seq: logLines.seq }).from(logLines).where(eq(logLines.planId, planId));
  const some = Number.isFinite(atOnce) ? ofPlan.limit(atOnce) : ofPlan;
  let changes: number;
  do {
    changes = db.delete(logLines).where(inArray(logLines.seq, some)).run().changes;
    db.$client.pragma('wal_checkpoint(TRUNCATE)');
  } while (changes >= atOnce);
}

const photoSchema = z.object({ kind: z.literal('photo'), photo: z.uuid() });

/** Photos that are named by the log of a plan, or of all where it is `null`; each once. */
function photosOf(db: GrozerDatabase, planId: string | null): string[] {
  const isPhoto = like(logLines.entry, '%"kind":"photo"%');
  const rows = db
    .select()
    .from(logLines)
    .where(planId === null ? isPhoto : and(isPhoto, eq(logLines.planId, planId)))
    .all();
  // Also of a line that this version cannot read: its photo is not thrown away.
  const named = rows.map(({ entry }) => photoSchema.safeParse(jsonOf(entry)));
  return [...new Set(named.flatMap(({ data }) => (data === undefined ? [] : [data.photo])))];
}

class NotTaken extends Error {
  readonly outcomes: AppendOutcome[];

  constructor(outcomes: AppendOutcome[]) {
    super('a line was not taken');
    this.outcomes = outcomes;
  }
}

/** Takes the lock at once, so that a read in between never stands in the way of the write; undone where one is not taken. */
function allOrNone(db: GrozerDatabase, write: () => AppendOutcome[]): AppendOutcome[] {
  try {
    return db.transaction(
      () => {
        const outcomes = write();
        if (outcomes.some(({ status }) => status !== 'logged')) throw new NotTaken(outcomes);
        return outcomes;
      },
      { behavior: 'immediate' },
    );
  } catch (problem) {
    if (problem instanceof NotTaken) return problem.outcomes;
    throw problem;
  }
}

function lineOf(row: typeof logLines.$inferSelect): LogLine {
  const { seq, group, entryId, revision, entry, struck, author, at } = row;
  return {
    seq,
    group,
    entryId,
    revision,
    entry: readEntry(entry, at),
    struck,
    author,
    at,
  };
}

/** What an entry says, whenever it was written: what is sent again may have been put in time. */
function timeless(entry: LogEntry): string {
  return JSON.stringify({ ...entry, takenAt: '' });
}

/** Longest part of an unreadable line that is shown. */
const SHOWN = 200;

/** An entry as it was stored; one that this version cannot read stands as a note that says so, and hides no other. */
function readEntry(text: string, at: number): LogEntry {
  const parsed = logEntrySchema.safeParse(jsonOf(text));
  if (parsed.success) return parsed.data;
  return {
    kind: 'note',
    text: `This line cannot be read: ${text.slice(0, SHOWN)}`,
    takenAt: new Date(at).toISOString(),
  };
}
