import 'server-only';
import { randomUUID } from 'node:crypto';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { database } from '@/data/database';
import { createDocumentRepository } from '@/data/documentRepository';

/** What use cases need from outside; tests pass their own. */
export interface ServerContext {
  readonly documents: <Kind extends DocumentKind>(
    kind: Kind,
  ) => ReturnType<typeof createDocumentRepository<Kind>>;
  readonly now: () => number;
  readonly newId: () => string;
}

export function serverContext(): ServerContext {
  return {
    documents: (kind) => createDocumentRepository(database(), kind),
    now: () => Date.now(),
    newId: () => randomUUID(),
  };
}
