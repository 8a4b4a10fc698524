'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { createStore, useStore, type StoreApi } from 'zustand';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { createAutosave, type Autosave, type SaveState } from './autosave';
import { createDocumentStore, type DocumentStore } from './documentStore';
import { unsavedStore } from './unsaved';

/** Changes of an earlier visit that the server never got. */
export interface KeptChanges {
  /** The document was saved from elsewhere since. */
  readonly overtaken: boolean;
  readonly take: () => void;
  readonly drop: () => void;
}

export interface OpenDocument<T extends TitledDocument> {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly noun: string;
  readonly document: T;
  readonly documentStore: DocumentStore<T>;
  /** A store of its own: that a save is under way draws only what says so. */
  readonly saving: StoreApi<SaveState>;
  /** `null` until the page runs in the browser. */
  readonly autosave: Autosave | null;
  /** What is stored cannot be read by this version; this is a fresh start beside it. */
  readonly unread: boolean;
  readonly kept: KeptChanges | null;
}

interface Opened<T extends TitledDocument> {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly format: DocumentFormat<T>;
  readonly initial: T;
  readonly initialRevision: number;
  readonly unread?: boolean;
}

/** An open document: edits with undo history, saved by themselves. What is opened must not change while it is open. */
export function useDocument<T extends TitledDocument>(opened: Opened<T>): OpenDocument<T> {
  const { kind, id, format, initial, initialRevision, unread = false } = opened;
  const [documentStore] = useState(() => createDocumentStore(format, initial));
  const [saving] = useState(() => createStore<SaveState>(() => ({ status: 'saved' })));
  const [autosave, setAutosave] = useState<Autosave | null>(null);
  const [kept, setKept] = useState<KeptChanges | null>(null);
  const revision = useRef(initialRevision);

  useEffect(() => {
    const unsaved = unsavedStore({ kind, id }, format, window.localStorage);
    const saver = createAutosave(
      { address: { kind, id }, format, documentStore, unsaved },
      revision.current,
      (state) => saving.setState(state, true),
    );
    setAutosave(saver);
    const offer = (): void => {
      const found = unsaved.read();
      const now = documentStore.store.getState().document;
      if (found === null || JSON.stringify(found.document) === JSON.stringify(now)) return;
      const end = (): void => {
        unsaved.forget();
        setKept(null);
      };
      setKept({
        overtaken: found.revision !== saver.revision(),
        take: () => {
          end();
          documentStore.edit(() => found.document);
        },
        drop: end,
      });
    };
    let left = false;
    void saver.catchUp().then(() => {
      if (!left) offer();
    });
    const flush = (): void => void saver.flush();
    window.addEventListener('pagehide', flush);
    return () => {
      left = true;
      window.removeEventListener('pagehide', flush);
      saver.stop();
    };
  }, [kind, id, format, documentStore, saving]);

  const document = useStore(documentStore.store, (state) => state.document);
  const { noun } = format;
  return useMemo(
    () => ({ kind, id, noun, document, documentStore, saving, autosave, unread, kept }),
    [kind, id, noun, document, documentStore, saving, autosave, unread, kept],
  );
}

export function useSaveState({ saving }: Pick<OpenDocument<TitledDocument>, 'saving'>): SaveState {
  return useStore(saving);
}
