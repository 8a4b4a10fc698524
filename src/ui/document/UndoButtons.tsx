import IconButton from '@mui/material/IconButton';
import { useStore } from 'zustand';
import type { TitledDocument } from '@/core/formats/documentFormat';
import { RedoIcon, UndoIcon } from '../icons';
import type { DocumentStore } from './documentStore';

/** Undo and redo for an open document. */
export function UndoButtons<T extends TitledDocument>({
  documentStore,
}: {
  documentStore: DocumentStore<T>;
}) {
  const { temporal } = documentStore.store;
  const past = useStore(temporal, (history) => history.pastStates.length);
  const future = useStore(temporal, (history) => history.futureStates.length);
  return (
    <>
      <IconButton aria-label="Undo" disabled={past === 0} onClick={() => documentStore.undo()}>
        <UndoIcon fontSize="small" />
      </IconButton>
      <IconButton aria-label="Redo" disabled={future === 0} onClick={() => documentStore.redo()}>
        <RedoIcon fontSize="small" />
      </IconButton>
    </>
  );
}
