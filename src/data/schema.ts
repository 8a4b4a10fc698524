import { integer, primaryKey, sqliteTable, text } from 'drizzle-orm/sqlite-core';

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
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
);
