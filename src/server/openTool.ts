import { TOOL_ID } from '@/core/documents/tools/toolDocument';
import { DOCUMENT_FORMATS, type ToolKind, type DocumentOf } from '@/core/documents/documentKinds';
import type { ServerContext } from './context';

/** A bench as it was left; laid out anew where there is none, or where it cannot be read any more. */
export function openBench<Kind extends ToolKind>(
  { documents, now }: ServerContext,
  kind: Kind,
): { initial: DocumentOf<Kind>; initialRevision: number } {
  const repository = documents(kind);
  const found = repository.find(TOOL_ID);
  if (found !== null && found.document.ok) {
    return { initial: found.document.value, initialRevision: found.revision };
  }
  const initial: DocumentOf<Kind> = DOCUMENT_FORMATS[kind].fresh(DOCUMENT_FORMATS[kind].noun);
  if (found === null) {
    repository.insert(TOOL_ID, initial, now());
    return { initial, initialRevision: 1 };
  }
  repository.save(TOOL_ID, initial, found.revision, now());
  return { initial, initialRevision: found.revision + 1 };
}
