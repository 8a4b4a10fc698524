import { and, desc, eq, isNotNull, isNull, lt, sql } from 'drizzle-orm';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import {
  DOCUMENT_FORMATS,
  type DocumentKind,
  type DocumentOf,
} from '@/core/documents/documentKinds';
import type { Result } from '@/core/result';
import type { GrozerDatabase } from './openDatabase';
import { preparedOnce } from './preparedOnce';
import { withReserve } from './reserve';
import { documents } from './schema';

/** A document as it is stored. One that cannot be read comes with its faults, not as an exception. */
export interface StoredDocument<T> {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: number;
  readonly document: Result<T>;
  /** Version that it was stored in; `null` where the text does not say. */
  readonly storedVersion: number | null;
}

export type SaveOutcome =
  | { readonly status: 'saved'; readonly revision: number }
  /** Somebody else saved in between; nothing was written. */
  | { readonly status: 'conflict'; readonly revision: number }
  | { readonly status: 'missing' };

/** Documents of one kind in a database. */
export interface DocumentRepository<T> {
  /** Last changed first. */
  list(): StoredDocument<T>[];
  /** Its title, without reading it; `null` where there is none. */
  title(id: string): string | null;
  /** Ids, titles and days of lessons only, last changed first; `null` where the text does not say. */
  titles(): {
    readonly id: string;
    readonly title: string | null;
    readonly lessonDate: string | null;
  }[];
  find(id: string): StoredDocument<T> | null;
  /** Its text as it is stored, readable or not; `null` where there is none. */
  rawText(id: string): string | null;
  /** Whether it is there, without reading it. */
  has(id: string): boolean;
  insert(id: string, document: T, now: number): void;
  save(id: string, document: T, revision: number, now: number): SaveOutcome;
  /** Puts a copy of what is stored, readable or not, under another id. */
  copyStored(id: string, copyId: string): void;
  /** Deletes; false where there is none. */
  remove(id: string, now: number): boolean;
  /** Puts a deleted one back; false where none was deleted. */
  restore(id: string): boolean;
  /** What was deleted, last first. */
  deleted(): { readonly id: string; readonly title: string | null; readonly at: number }[];
  /** Deletes for good what was deleted before a time. */
  purge(before: number): void;
}

export function createDocumentRepository<Kind extends DocumentKind>(
  db: GrozerDatabase,
  kind: Kind,
): DocumentRepository<DocumentOf<Kind>> {
  return repositoryOf(db, kind, DOCUMENT_FORMATS[kind]);
}

/** Asked with every reading of a class: worked out once for a database. */
const presence = preparedOnce((db) =>
  db
    .select({ id: documents.id })
    .from(documents)
    .where(
      and(
        eq(documents.kind, sql.placeholder('kind')),
        eq(documents.id, sql.placeholder('id')),
        isNull(documents.deletedAt),
      ),
    )
    .prepare(),
);

/** Deleted documents are kept so that deleting can be undone. */
function repositoryOf<T extends TitledDocument>(
  db: GrozerDatabase,
  kind: DocumentKind,
  format: DocumentFormat<T>,
): DocumentRepository<T> {
  const ofKind = eq(documents.kind, kind);
  const present = (id: string) => and(ofKind, eq(documents.id, id), isNull(documents.deletedAt));
  const stored = (row: typeof documents.$inferSelect): StoredDocument<T> => {
    const { id, revision, updatedAt, storedVersion } = row;
    return { id, revision, updatedAt, document: format.parseText(row.document), storedVersion };
  };
  return {
    list: () =>
      db
        .select()
        .from(documents)
        .where(and(ofKind, isNull(documents.deletedAt)))
        .orderBy(desc(documents.updatedAt), documents.id)
        .all()
        .map(stored),

    title: (id) =>
      db.select({ title: documents.title }).from(documents).where(present(id)).get()?.title ?? null,

    titles: () =>
      db
        .select({ id: documents.id, title: documents.title, lessonDate: documents.lessonDate })
        .from(documents)
        .where(and(ofKind, isNull(documents.deletedAt)))
        .orderBy(desc(documents.updatedAt), documents.id)
        .all(),

    find: (id) => {
      const row = db.select().from(documents).where(present(id)).get();
      return row === undefined ? null : stored(row);
    },

    rawText: (id) => db.select().from(documents).where(present(id)).get()?.document ?? null,

    has: (id) => presence(db).get({ kind, id }) !== undefined,

    insert: (id, document, now) => {
      db.insert(documents)
        .values({
          kind,
          id,
          document: format.text(document),
          revision: 1,
          createdAt: now,
          updatedAt: now,
        })
        .run();
    },

    save: (id, document, revision, now) => {
      const changed = db
        .update(documents)
        .set({ document: format.text(document), revision: revision + 1, updatedAt: now })
        .where(and(present(id), eq(documents.revision, revision)))
        .run();
      if (changed.changes === 1) return { status: 'saved', revision: revision + 1 };
      const row = db.select().from(documents).where(present(id)).get();
      return row === undefined
        ? { status: 'missing' }
        : { status: 'conflict', revision: row.revision };
    },

    copyStored: (id, copyId) => {
      const row = db.select().from(documents).where(present(id)).get();
      if (row === undefined) return;
      const { title, lessonDate, storedVersion, ...written } = row;
      db.insert(documents)
        .values({ ...written, id: copyId })
        .run();
    },

    remove: (id, now) =>
      withReserve(
        db.$client.name,
        () => db.update(documents).set({ deletedAt: now }).where(present(id)).run().changes === 1,
      ),

    restore: (id) => {
      const removed = and(ofKind, eq(documents.id, id), isNotNull(documents.deletedAt));
      return db.update(documents).set({ deletedAt: null }).where(removed).run().changes === 1;
    },

    deleted: () =>
      db
        .select({ id: documents.id, title: documents.title, at: documents.deletedAt })
        .from(documents)
        .where(and(ofKind, isNotNull(documents.deletedAt)))
        .orderBy(desc(documents.deletedAt), documents.id)
        .all()
        .map((one) => ({ ...one, at: one.at ?? 0 })),

    purge: (before) => {
      db.delete(documents)
        .where(and(ofKind, lt(documents.deletedAt, before)))
        .run();
    },
  };
}
