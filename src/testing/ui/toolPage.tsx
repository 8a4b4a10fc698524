import { render } from '@testing-library/react';
import { Notices } from '@/ui/notices/Notices';
import type { ReactNode } from 'react';
import type { ToolState } from '@/core/documents/tools/toolDocument';
import type { DocumentFormat } from '@/core/formats/documentFormat';
import type { FoundTool } from '@/ui/document/useTool';
import { keepEverything, type Kept } from './server';

/** A tool as a new installation finds it. */
export function foundTool<State>(format: DocumentFormat<ToolState<State>>): FoundTool<State> {
  return { initial: format.fresh('Tool'), initialRevision: 0, unread: false };
}

/** A page beside the plans, with a server that takes everything. */
export function showPage(page: ReactNode): { readonly kept: Kept[] } {
  const kept = keepEverything();
  render(
    <>
      {page}
      <Notices />
    </>,
  );
  return { kept };
}
