import { temporal } from 'zundo';
import { createStore } from 'zustand';
import type { DocumentFormat, TitledDocument } from '@/core/formats/documentFormat';

interface DocumentState<T> {
  /** The document as edited; always valid. */
  readonly document: T;
  /** How many edits all open documents had seen with its last one: which of two came later. */
  readonly editedAt: number;
}

/** Edits of all documents that this page has open. */
let edits = 0;

/** Undo steps that are kept. */
const UNDO_LIMIT = 200;

export type DocumentStore<T extends TitledDocument> = ReturnType<typeof createDocumentStore<T>>;

/** The edited document with its undo history. One store lives as long as a document is open. */
export function createDocumentStore<T extends TitledDocument>(
  { schema }: Pick<DocumentFormat<T>, 'schema'>,
  initial: T,
) {
  const store = createStore<DocumentState<T>>()(
    temporal((): DocumentState<T> => ({ document: initial, editedAt: 0 }), {
      limit: UNDO_LIMIT,
      equality: (before, after) => before.document === after.document,
    }),
  );
  /** Field whose typing makes up the newest undo step; `null` after any other edit. */
  let typingIn: string | null = null;

  return {
    store,

    /**
     * Applies an edit. Edits that name the same `typing` field one after another are one undo step.
     * Throws where the edit makes the document invalid: fields must check before they commit.
     */
    edit(change: (document: T) => T, typing: string | null = null): void {
      const next = schema.parse(change(store.getState().document));
      // Unchanged parts keep their identity, so that what depends on them is not computed again.
      const document = shareUnchanged(store.getState().document, next);
      // What was edited elsewhere meanwhile ends the step as well.
      const continues =
        typing !== null && typing === typingIn && store.getState().editedAt === edits;
      const history = store.temporal.getState();
      if (continues) history.pause();
      edits += 1;
      store.setState({ document, editedAt: edits });
      if (continues) history.resume();
      typingIn = typing;
    },

    undo(): void {
      typingIn = null;
      store.temporal.getState().undo();
    },

    redo(): void {
      typingIn = null;
      store.temporal.getState().redo();
    },

    /** Tells of every step, also of those that are taken back. */
    subscribe: (tell: () => void): (() => void) => store.temporal.subscribe(tell),

    /** When its last edit was made, the one that undo would take back, and the one that redo would bring again. */
    steps() {
      const { pastStates, futureStates } = store.temporal.getState();
      const { editedAt } = store.getState();
      return {
        last: editedAt,
        undo: pastStates.length === 0 ? null : editedAt,
        redo: futureStates.at(-1)?.editedAt ?? null,
      };
    },

    /** Replaces the document by another version of it, e.g. one saved elsewhere; the history starts anew. */
    replace(document: T): void {
      typingIn = null;
      store.setState({ document, editedAt: 0 });
      store.temporal.getState().clear();
    },
  };
}

function shareUnchanged<T extends object>(before: T, after: T): T {
  const kept = { ...after };
  for (const key of Object.keys(after) as (keyof T)[]) {
    if (JSON.stringify(before[key]) === JSON.stringify(after[key])) kept[key] = before[key];
  }
  return kept;
}
