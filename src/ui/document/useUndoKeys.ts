'use client';

import { useHotkeys } from 'react-hotkeys-hook';
import { useUndo, type Undoable } from './useUndo';

/** Radio buttons and the like are form fields too, but nobody types in them. */
const NOT_TYPED_IN = new Set(['radio', 'checkbox', 'button', 'range', 'file']);

function isTypedIn(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !NOT_TYPED_IN.has(target.type);
  return (
    target instanceof HTMLElement && (target.isContentEditable || target.tagName === 'TEXTAREA')
  );
}

/** Options of keys that must not act while a field is typed in. */
export const KEYS_WHILE_NOT_TYPING = {
  enableOnFormTags: true,
  ignoreEventWhen: (event: KeyboardEvent) => isTypedIn(event.target),
} as const;

/** Undo and redo by key while no field is being typed in. */
export function useUndoKeys(stores: Undoable): void {
  const { undo, redo } = useUndo(stores);
  const options = { ...KEYS_WHILE_NOT_TYPING, preventDefault: true };
  useHotkeys('mod+z', () => undo?.(), options, [undo]);
  useHotkeys('mod+shift+z', () => redo?.(), options, [redo]);
}
