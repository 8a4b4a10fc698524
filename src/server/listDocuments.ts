import type { DocumentKind, DocumentOf } from '@/core/documents/documentKinds';
import { fail, type Issue, type Result } from '@/core/result';
import type { ServerContext } from './context';

/** A stored document that cannot be read or worked out. */
export interface UnreadableDocument {
  readonly id: string;
  readonly faults: readonly Issue[];
}

interface Listed<Kind extends DocumentKind, Outcome> {
  /** Last changed first, each with what was worked out of it. */
  readonly readable: readonly {
    readonly id: string;
    readonly document: DocumentOf<Kind>;
    readonly worked: Outcome;
  }[];
  readonly unreadable: readonly UnreadableDocument[];
}

/**
 * All documents of a kind, each read on its own, so that one that is broken hides no other.
 * @param work works out what the list shows of one; what it throws makes that one unreadable.
 */
export function listDocuments<Kind extends DocumentKind, Outcome>(
  { documents }: Pick<ServerContext, 'documents'>,
  kind: Kind,
  work: (document: DocumentOf<Kind>) => Outcome,
): Listed<Kind, Outcome> {
  const readable: { id: string; document: DocumentOf<Kind>; worked: Outcome }[] = [];
  const unreadable: UnreadableDocument[] = [];
  for (const { id, document } of documents(kind).list()) {
    const worked = document.ok ? workedOut(document.value, work) : document;
    if (document.ok && worked.ok) {
      readable.push({ id, document: document.value, worked: worked.value });
    } else if (!worked.ok) unreadable.push({ id, faults: worked.issues });
  }
  return { readable, unreadable };
}

/** What comes of working a readable document out; a fault that names it where that throws. */
export function workedOut<Document extends { readonly title: string }, Outcome>(
  document: Document,
  work: (document: Document) => Outcome,
): Result<Outcome> {
  try {
    return { ok: true, value: work(document) };
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    return fail({
      code: 'not-solved',
      path: [],
      message: `“${document.title}” can be read, but not worked out: ${reason}.`,
    });
  }
}
