'use client';

import { TOOL_ID, type ToolState } from '@/core/documents/tools/toolDocument';
import type { DocumentFormat } from '@/core/formats/documentFormat';
import type { ToolKind } from '@/core/documents/documentKinds';
import { useDocument, type OpenDocument } from './useDocument';

/** Changes part of a bench; edits that name the same `typing` one after another are one undo step. */
type ChangeTool<State> = (part: Partial<State>, typing?: string) => void;

/** What a page gives of a bench as the server found it. */
export interface FoundTool<State> {
  readonly initial: ToolState<State>;
  readonly initialRevision: number;
  /** What is stored cannot be read by this version. */
  readonly unread: boolean;
}

/** An open bench: its state, a way to change it, and the document with its history. */
export function useTool<State>(
  kind: ToolKind,
  format: DocumentFormat<ToolState<State>>,
  found: FoundTool<State>,
): { open: OpenDocument<ToolState<State>>; state: State; change: ChangeTool<State> } {
  const open = useDocument({ kind, id: TOOL_ID, format, ...found });
  const change: ChangeTool<State> = (part, typing) =>
    open.documentStore.edit(
      (bench) => ({ ...bench, state: { ...bench.state, ...part } }),
      typing ?? null,
    );
  return { open, state: open.document.state, change };
}
