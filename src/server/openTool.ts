import { TOOL_ID } from '@/core/documents/tools/toolDocument';
import { DOCUMENT_FORMATS, type ToolKind, type DocumentOf } from '@/core/documents/documentKinds';
import type { ServerContext } from './context';

/** A bench as a page opens it. */
interface FoundBench<Kind extends ToolKind> {
  readonly initial: DocumentOf<Kind>;
  /** 0: it was never stored. */
  readonly initialRevision: number;
  /** What is stored cannot be read; it stays as it is until something is saved, and is kept beside then. */
  readonly unread: boolean;
}

/** A bench as it was left; laid out anew where there is none, or where it cannot be read. Looking writes nothing. */
export function openBench<Kind extends ToolKind>(
  { documents }: Pick<ServerContext, 'documents'>,
  kind: Kind,
): FoundBench<Kind> {
  const found = documents(kind).find(TOOL_ID);
  if (found !== null && found.document.ok) {
    const { document, revision } = found;
    return { initial: document.value, initialRevision: revision, unread: false };
  }
  return {
    initial: DOCUMENT_FORMATS[kind].fresh(DOCUMENT_FORMATS[kind].noun),
    initialRevision: found?.revision ?? 0,
    unread: found !== null,
  };
}
