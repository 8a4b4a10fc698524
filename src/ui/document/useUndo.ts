'use client';

import { useCallback, useSyncExternalStore } from 'react';
import type { TitledDocument } from '@/core/formats/documentFormat';
import type { DocumentStore } from './documentStore';

/** Open documents whose edits are taken back together, the newest first. */
export type Undoable = readonly Pick<
  DocumentStore<TitledDocument>,
  'subscribe' | 'steps' | 'undo' | 'redo'
>[];

/** Undo and redo over all of them; `null` where there is nothing to take back or to bring again. */
export function useUndo(stores: Undoable) {
  const subscribe = useCallback(
    (tell: () => void) => {
      const stops = stores.map((store) => store.subscribe(tell));
      return () => stops.forEach((stop) => stop());
    },
    [stores],
  );
  const undoable = useSyncExternalStore(subscribe, () => newest(stores) !== null, never);
  const redoable = useSyncExternalStore(subscribe, () => next(stores) !== null, never);
  return {
    undo: undoable ? () => newest(stores)?.undo() : null,
    redo: redoable ? () => next(stores)?.redo() : null,
  };
}

const never = (): boolean => false;

function newest(stores: Undoable): Undoable[number] | null {
  const edited = stores.filter((store) => store.steps().undo !== null);
  return edited.toSorted((a, b) => Number(b.steps().undo) - Number(a.steps().undo))[0] ?? null;
}

/** The oldest of what was taken back; none of it where something else was edited since. */
function next(stores: Undoable): Undoable[number] | null {
  const last = Math.max(...stores.map((store) => store.steps().last));
  const takenBack = stores.filter((store) => Number(store.steps().redo) > last);
  return takenBack.toSorted((a, b) => Number(a.steps().redo) - Number(b.steps().redo))[0] ?? null;
}
