'use client';

import type { ReactNode } from 'react';
import type { TitledDocument } from '@/core/formats/documentFormat';
import { PageFrame } from '../PageFrame';
import { SaveNote } from './SaveNote';
import { UndoButtons } from './UndoButtons';
import type { OpenDocument } from './useDocument';
import { useUndoKeys } from './useUndoKeys';

interface DocumentFrameProps<T extends TitledDocument> {
  readonly open: OpenDocument<T>;
  readonly heading: ReactNode;
  readonly back: { readonly href: string; readonly name: string };
  /** Controls beside undo and redo. */
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

/** The page around an open document that is not a plan: way back, heading, undo, whether it is saved. */
export function DocumentFrame<T extends TitledDocument>(props: DocumentFrameProps<T>) {
  const { open, heading, back, actions, children } = props;
  useUndoKeys(open.documentStore);
  return (
    <PageFrame
      heading={heading}
      back={back}
      actions={
        <>
          <SaveNote {...open} />
          <UndoButtons documentStore={open.documentStore} />
          {actions}
        </>
      }
    >
      {children}
    </PageFrame>
  );
}
