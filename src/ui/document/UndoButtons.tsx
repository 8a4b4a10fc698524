import IconButton from '@mui/material/IconButton';
import { RedoIcon, UndoIcon } from '../icons';
import { useUndo, type Undoable } from './useUndo';

/** Undo and redo for what is open. */
export function UndoButtons({ stores }: { readonly stores: Undoable }) {
  const { undo, redo } = useUndo(stores);
  return (
    <>
      <IconButton aria-label="Undo" disabled={undo === null} onClick={() => undo?.()}>
        <UndoIcon fontSize="small" />
      </IconButton>
      <IconButton aria-label="Redo" disabled={redo === null} onClick={() => redo?.()}>
        <RedoIcon fontSize="small" />
      </IconButton>
    </>
  );
}
