import { sql } from 'drizzle-orm';
import {
  index,
  integer,
  primaryKey,
  sqliteTable,
  text,
  uniqueIndex,
} from 'drizzle-orm/sqlite-core';

const textAt = (key: string) =>
  sql.raw(`CASE WHEN json_valid(document) THEN json_extract(document, '$.${key}') END`);

/** Everything stored, as JSON documents; only what is queried is a column. Times are milliseconds since 1970. */
export const documents = sqliteTable(
  'documents',
  {
    kind: text('kind').notNull(),
    id: text('id').notNull(),
    document: text('document').notNull(),
    /** Grows by one with every save; a save that names an older one is refused. */
    revision: integer('revision').notNull(),
    createdAt: integer('created_at').notNull(),
    updatedAt: integer('updated_at').notNull(),
    /** When it was deleted; null while it is there. */
    deletedAt: integer('deleted_at'),
    /** Read off the text where it is JSON and says so. */
    title: text('title').generatedAlwaysAs(textAt('title')),
    lessonDate: text('lesson_date').generatedAlwaysAs(textAt('lessonDate')),
    storedVersion: integer('stored_version').generatedAlwaysAs(textAt('version')),
  },
  (table) => [
    primaryKey({ columns: [table.kind, table.id] }),
    // All that a list of titles asks for: no text is read for it.
    index('documents_titles').on(
      table.kind,
      table.deletedAt,
      table.updatedAt,
      table.id,
      table.title,
      table.lessonDate,
    ),
  ],
);

/** What happens at the bench, line by line; a line is never changed, an edit is a further line of the same entry. */
export const logLines = sqliteTable(
  'log_lines',
  {
    seq: integer('seq').primaryKey({ autoIncrement: true }),
    planId: text('plan_id').notNull(),
    group: text('group_name').notNull(),
    entryId: text('entry_id').notNull(),
    revision: integer('revision').notNull(),
    entry: text('entry').notNull(),
    struck: integer('struck', { mode: 'boolean' }).notNull(),
    author: text('author', { enum: ['teacher', 'group'] }).notNull(),
    at: integer('at').notNull(),
  },
  (table) => [
    uniqueIndex('log_lines_entry').on(table.planId, table.entryId, table.revision),
    index('log_lines_plan').on(table.planId, table.seq),
  ],
);

/** A class that was opened for a plan: how groups join, and until when. */
export const classes = sqliteTable('classes', {
  planId: text('plan_id').primaryKey(),
  code: text('code').notNull(),
  openedAt: integer('opened_at').notNull(),
  /** Ends by itself at this time. */
  endsAt: integer('ends_at').notNull(),
  /** When the teacher ended it; null while it runs. */
  closedAt: integer('closed_at'),
});

/** Secrets of this installation, made at first use. */
export const secrets = sqliteTable('secrets', {
  name: text('name').primaryKey(),
  value: text('value').notNull(),
});

/** When something was last done, milliseconds since 1970. */
export const marks = sqliteTable('marks', {
  name: text('name').primaryKey(),
  at: integer('at').notNull(),
});
