import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import { openRemote, saveRemote, type DocumentAddress } from './documentApi';
import type { DocumentStore } from './documentStore';

export type SaveState =
  | { readonly status: 'saved' }
  | { readonly status: 'saving' }
  /** Changed in another window; nothing is saved until the educator chooses. */
  | { readonly status: 'conflict'; readonly unreachable: boolean }
  | { readonly status: 'failed'; readonly message: string };

const CONFLICT = { status: 'conflict', unreachable: false } as const;

/** Rest after the last edit before it is saved, milliseconds. */
const QUIET_MS = 400;
/** Wait before a failed save is tried again, milliseconds. */
const RETRY_MS = 3000;

export type Autosave = ReturnType<typeof createAutosave>;

/** What is saved: where it is stored, how it is read back, and the store that is edited. */
interface Saved<T extends TitledDocument> {
  readonly address: DocumentAddress;
  readonly format: Pick<DocumentFormat<T>, 'schema'>;
  readonly documentStore: DocumentStore<T>;
}

/** Saves a document shortly after each edit, one request at a time. */
export function createAutosave<T extends TitledDocument>(
  { address, format, documentStore }: Saved<T>,
  initialRevision: number,
  report: (state: SaveState) => void,
) {
  let revision = initialRevision;
  let savedDocument: T = documentStore.store.getState().document;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running = false;
  let stopped = false;
  let inConflict = false;

  const current = (): T => documentStore.store.getState().document;
  const dirty = (): boolean => current() !== savedDocument;
  const open = () => openRemote(address, format);

  const schedule = (afterMs: number): void => {
    if (timer !== null) clearTimeout(timer);
    timer = stopped ? null : setTimeout(() => void save(), afterMs);
  };

  const save = async (): Promise<void> => {
    if (running || inConflict) return;
    if (!dirty()) {
      // Undone before it was saved.
      report({ status: 'saved' });
      return;
    }
    running = true;
    const sent = current();
    report({ status: 'saving' });
    const result = await saveRemote(address, sent, revision);
    running = false;
    if (result.status === 'saved') {
      revision = result.revision;
      savedDocument = sent;
      if (dirty()) schedule(0);
      else report({ status: 'saved' });
    } else if (result.status === 'conflict') {
      inConflict = true;
      report(CONFLICT);
    } else {
      report({ status: 'failed', message: result.message });
      schedule(RETRY_MS);
    }
  };

  const takeOver = (opened: { document: T; revision: number }): void => {
    revision = opened.revision;
    documentStore.replace(opened.document);
    savedDocument = current();
    inConflict = false;
    report({ status: 'saved' });
  };

  const unsubscribe = documentStore.store.subscribe(() => {
    if (!dirty()) return;
    report(inConflict ? CONFLICT : { status: 'saving' });
    if (!inConflict) schedule(QUIET_MS);
  });

  return {
    /** Saves at once what is not saved yet, e.g. while the page closes. */
    flush: save,

    /** Takes a newer version from the server, where the page was shown from the browser's memory. */
    async catchUp(): Promise<void> {
      const opened = await open();
      if (opened !== null && !stopped && !dirty() && opened.revision > revision) takeOver(opened);
    },

    /** Ends a conflict with the other window's version. */
    async useTheirs(): Promise<void> {
      const opened = await open();
      if (opened === null) report({ ...CONFLICT, unreachable: true });
      else takeOver(opened);
    },

    /** Ends a conflict with this window's version. */
    async keepMine(): Promise<void> {
      const opened = await open();
      if (opened === null) {
        report({ ...CONFLICT, unreachable: true });
        return;
      }
      revision = opened.revision;
      inConflict = false;
      await save();
    },

    stop(): void {
      unsubscribe();
      void save();
      stopped = true;
      if (timer !== null) clearTimeout(timer);
    },
  };
}
