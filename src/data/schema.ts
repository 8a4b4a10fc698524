import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Plans as JSON documents; only what is queried is a column. Times are milliseconds since 1970. */
export const plans = sqliteTable('plans', {
  id: text('id').primaryKey(),
  document: text('document').notNull(),
  /** Grows by one with every save; a save that names an older one is refused. */
  revision: integer('revision').notNull(),
  createdAt: integer('created_at').notNull(),
  updatedAt: integer('updated_at').notNull(),
  /** When it was taken off the shelf; null while it is on it. */
  deletedAt: integer('deleted_at'),
});
