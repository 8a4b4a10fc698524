'use client';

import Alert from '@mui/material/Alert';
import Link from '@mui/material/Link';
import { useState, type ReactNode } from 'react';
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
  const [stores] = useState([open.documentStore]);
  useUndoKeys(stores);
  return (
    <PageFrame
      heading={heading}
      back={back}
      actions={
        <>
          <SaveNote {...open} />
          <UndoButtons stores={stores} />
          {actions}
        </>
      }
    >
      {open.unread ? (
        <Alert severity="warning" sx={{ mb: 2 }} data-testid="unread">
          What is stored here cannot be read by this Grozer, so this is a fresh start. It stays as
          it is until you change something, and is kept beside then.{' '}
          <Link href={`/api/${open.kind}/${open.id}/export?raw=yes`} download color="inherit">
            Save it as it is stored
          </Link>
        </Alert>
      ) : null}
      {children}
    </PageFrame>
  );
}
