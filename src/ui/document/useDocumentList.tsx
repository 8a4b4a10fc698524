'use client';

import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { notify } from '../notices/notices';
import { deleteRemote, duplicateRemote, restoreRemote, type DocumentAnswer } from './documentApi';
import type { Refusal } from '../askJson';

/** Actions on a list of documents that the server renders: each refreshes it, deleting can be undone. */
export function useDocumentList(kind: DocumentKind) {
  const router = useRouter();
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
      notify(message, () => {
        void restoreRemote({ kind, id }).then((answer) => settle(answer, refresh));
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
