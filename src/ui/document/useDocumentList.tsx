'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useState, useTransition } from 'react';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { deleteRemote, duplicateRemote, restoreRemote, type DocumentAnswer } from './documentApi';
import type { Refusal } from '../askJson';

/** Actions on a list of documents that the server renders: each refreshes it, deleting can be undone. */
export function useDocumentList(kind: DocumentKind) {
  const router = useRouter();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [, startTransition] = useTransition();
  const refresh = (): void => startTransition(() => router.refresh());

  /** Shows a refusal, or goes on with the document's id. */
  const settle = (answer: DocumentAnswer, done: (id: string) => void): void => {
    if (!answer.ok) setRefusal(answer);
    else {
      setRefusal(null);
      done(answer.id);
    }
  };

  const remove = async (id: string, message: string): Promise<void> => {
    settle(await deleteRemote({ kind, id }), () => {
      refresh();
      enqueueSnackbar(message, {
        action: (key) => (
          <Button
            color="inherit"
            size="small"
            onClick={() => {
              closeSnackbar(key);
              void restoreRemote({ kind, id }).then((answer) => settle(answer, refresh));
            }}
          >
            Undo
          </Button>
        ),
      });
    });
  };

  return {
    refusal,
    clearRefusal: () => setRefusal(null),
    settle,
    remove,
    duplicate: async (id: string): Promise<void> =>
      settle(await duplicateRemote({ kind, id }), refresh),
    openAt: (path: string) => router.push(path),
  };
}
