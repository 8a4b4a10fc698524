import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';
import { openRemote, saveRemote, type DocumentAddress } from './documentApi';
import type { DocumentStore } from './documentStore';
import type { UnsavedStore } from './unsaved';

export type SaveState =
  | { readonly status: 'saved' }
  | { readonly status: 'saving' }
  /** Changed in another window; nothing is saved until the educator chooses. */
  | { readonly status: 'conflict'; readonly unreachable: boolean }
  | { readonly status: 'failed'; readonly message: string; readonly kept: boolean };

const CONFLICT = { status: 'conflict', unreachable: false } as const;

/** Rest after the last edit before it is saved, milliseconds. */
const QUIET_MS = 400;
/** Wait before a failed save is tried again, milliseconds. */
const RETRY_MS = 3000;

/** Sent versions that are remembered while nobody answers. */
const MOST_UNANSWERED = 20;

export type Autosave = ReturnType<typeof createAutosave>;

/** What is saved: where it is stored, how it is read back, and the store that is edited. */
interface Saved<T extends TitledDocument> {
  readonly address: DocumentAddress;
  readonly format: Pick<DocumentFormat<T>, 'schema'>;
  readonly documentStore: DocumentStore<T>;
  /** Where changes stay while the server is away. */
  readonly unsaved: Pick<UnsavedStore<T>, 'keep' | 'forget'>;
}

/** Saves a document shortly after each edit, one request at a time. */
export function createAutosave<T extends TitledDocument>(
  { address, format, documentStore, unsaved }: Saved<T>,
  initialRevision: number,
  report: (state: SaveState) => void,
) {
  let revision = initialRevision;
  let savedDocument: T = documentStore.store.getState().document;
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running = false;
  let stopped = false;
  let inConflict = false;
  /** What was sent and never answered: it may be what the server has. */
  let unanswered: T[] = [];

  const current = (): T => documentStore.store.getState().document;
  const dirty = (): boolean => current() !== savedDocument;
  const open = () => openRemote(address, format);
  /** Whether a version is a save of this window whose answer was lost. */
  const isOwn = (document: T): boolean => unanswered.some((one) => isSame(one, document));
  // What an earlier visit left is not this one’s to forget: it is offered first.
  let keeping = false;
  const keep = (): boolean => {
    keeping = unsaved.keep({ document: current(), revision });
    return keeping;
  };
  const forget = (): void => {
    if (keeping) unsaved.forget();
    keeping = false;
  };

  const schedule = (afterMs: number): void => {
    if (timer !== null) clearTimeout(timer);
    timer = stopped ? null : setTimeout(() => void save(), afterMs);
  };

  const save = async (): Promise<void> => {
    if (running || inConflict) return;
    if (!dirty()) {
      // Undone before it was saved.
      forget();
      report({ status: 'saved' });
      return;
    }
    running = true;
    const sent = current();
    report({ status: 'saving' });
    const result = await saveRemote(address, sent, revision);
    switch (result.status) {
      case 'saved':
        running = false;
        settle(sent, result.revision);
        break;
      case 'conflict': {
        const opened = unanswered.length === 0 ? null : await open();
        running = false;
        if (opened !== null && isOwn(opened.document)) {
          const own = isSame(opened.document, current()) ? current() : opened.document;
          settle(own, opened.revision);
        } else {
          inConflict = true;
          keep();
          report(CONFLICT);
        }
        break;
      }
      case 'failed':
        running = false;
        if (!result.answered) unanswered = [...unanswered, sent].slice(-MOST_UNANSWERED);
        report({ status: 'failed', message: result.message, kept: keep() });
        schedule(RETRY_MS);
    }
  };

  /** The server has this version. */
  const settle = (saved: T, savedRevision: number): void => {
    revision = savedRevision;
    savedDocument = saved;
    unanswered = [];
    if (dirty()) {
      // Also what was typed while a page that is left now still saved.
      if (stopped) void save();
      else schedule(0);
      return;
    }
    forget();
    report({ status: 'saved' });
  };

  const takeOver = (opened: { document: T; revision: number }): void => {
    revision = opened.revision;
    documentStore.replace(opened.document);
    savedDocument = current();
    inConflict = false;
    forget();
    report({ status: 'saved' });
  };

  const unsubscribe = documentStore.store.subscribe(() => {
    if (!dirty()) return;
    report(inConflict ? CONFLICT : { status: 'saving' });
    if (!inConflict) schedule(QUIET_MS);
  });

  return {
    /** Saves at once what is not saved yet, e.g. while the page closes. */
    flush: async (): Promise<void> => {
      if (dirty()) keep();
      await save();
    },

    /** The revision that the next save builds on. */
    revision: (): number => revision,

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

/** Both come through the same schema, so their fields stand in the same order. */
function isSame(first: object, second: object): boolean {
  return first === second || JSON.stringify(first) === JSON.stringify(second);
}
