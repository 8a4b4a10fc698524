import type { DocumentKind, DocumentOf } from '@/core/documents/documentKinds';
import { fail, type Issue, type Result } from '@/core/result';
import type { ServerContext } from './context';

/** A stored document that cannot be read or worked out. */
export interface UnreadableDocument {
  readonly id: string;
  readonly faults: readonly Issue[];
}

interface Listed<Kind extends DocumentKind> {
  /** Last changed first. */
  readonly readable: readonly { readonly id: string; readonly document: DocumentOf<Kind> }[];
  readonly unreadable: readonly UnreadableDocument[];
}

/**
 * All documents of a kind, each read on its own, so that one that is broken hides no other.
 * @param tryOut works out what the list shows of one; what it throws makes that one unreadable.
 */
export function listDocuments<Kind extends DocumentKind>(
  { documents }: Pick<ServerContext, 'documents'>,
  kind: Kind,
  tryOut: (document: DocumentOf<Kind>) => unknown,
): Listed<Kind> {
  const readable: { id: string; document: DocumentOf<Kind> }[] = [];
  const unreadable: UnreadableDocument[] = [];
  for (const { id, document } of documents(kind).list()) {
    const tried = document.ok ? workedOut(document.value, tryOut) : document;
    if (document.ok && tried.ok) readable.push({ id, document: document.value });
    else if (!tried.ok) unreadable.push({ id, faults: tried.issues });
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
