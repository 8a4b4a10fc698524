'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import type { DocumentKind } from '@/core/documents/documentKinds';
import { createAutosave, type Autosave, type SaveState } from './autosave';
import { createDocumentStore, type DocumentStore } from './documentStore';

export interface OpenDocument<T extends TitledDocument> {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly noun: string;
  readonly document: T;
  readonly documentStore: DocumentStore<T>;
  readonly saveState: SaveState;
  /** `null` until the page runs in the browser. */
  readonly autosave: Autosave | null;
  /** What is stored cannot be read by this version; this is a fresh start beside it. */
  readonly unread: boolean;
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
  const [saveState, setSaveState] = useState<SaveState>({ status: 'saved' });
  const [autosave, setAutosave] = useState<Autosave | null>(null);
  const revision = useRef(initialRevision);

  useEffect(() => {
    const saver = createAutosave(
      { address: { kind, id }, format, documentStore },
      revision.current,
      setSaveState,
    );
    setAutosave(saver);
    void saver.catchUp();
    const flush = (): void => void saver.flush();
    window.addEventListener('pagehide', flush);
    return () => {
      window.removeEventListener('pagehide', flush);
      saver.stop();
    };
  }, [kind, id, format, documentStore]);

  const document = useStore(documentStore.store, (state) => state.document);
  const { noun } = format;
  return useMemo(
    () => ({ kind, id, noun, document, documentStore, saveState, autosave, unread }),
    [kind, id, noun, document, documentStore, saveState, autosave, unread],
  );
}
