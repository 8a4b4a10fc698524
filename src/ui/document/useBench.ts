'use client';

import { BENCH_ID, type BenchOf } from '@/core/documents/toolDocuments';
import type { DocumentFormat } from '@/core/formats/documentFormat';
import type { BenchKind } from '@/core/documents/documentKinds';
import { useDocument, type OpenDocument } from './useDocument';

/** Changes part of a bench; edits that name the same `typing` one after another are one undo step. */
type ChangeBench<State> = (part: Partial<State>, typing?: string) => void;

/** What a page gives of a bench as the server found it. */
export interface FoundBench<State> {
  readonly initial: BenchOf<State>;
  readonly initialRevision: number;
}

/** An open bench: its state, a way to change it, and the document with its history. */
export function useBench<State>(
  kind: BenchKind,
  format: DocumentFormat<BenchOf<State>>,
  found: FoundBench<State>,
): { open: OpenDocument<BenchOf<State>>; state: State; change: ChangeBench<State> } {
  const open = useDocument({ kind, id: BENCH_ID, format, ...found });
  const change: ChangeBench<State> = (part, typing) =>
    open.documentStore.edit(
      (bench) => ({ ...bench, state: { ...bench.state, ...part } }),
      typing ?? null,
    );
  return { open, state: open.document.state, change };
}
