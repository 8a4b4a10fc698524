import type { Announcements, UniqueIdentifier } from '@dnd-kit/core';
import { BIN, NEW_STRING } from './DropZones';
import { placeOf } from './dragIds';

export const SCREEN_READER_HELP =
  'Press Enter for what can be changed. Press Space to lift the cell, the arrow keys to move it, Space again to put it down, Escape to leave it where it was.';

function placeWords(id: UniqueIdentifier | undefined): string {
  if (id === BIN) return 'away from the desk';
  if (id === NEW_STRING) return 'a string of its own';
  const place = placeOf(String(id));
  return place === null ? 'nowhere' : `string ${place.string + 1}, place ${place.item + 1}`;
}

/** What a screen reader is told while a cell is moved. */
export const announcements: Announcements = {
  onDragStart: ({ active }) => `Lifted the cell at ${placeWords(active.id)}.`,
  onDragOver: ({ over }) => `Over ${placeWords(over?.id)}.`,
  onDragEnd: ({ over }) =>
    over === null ? 'Put back where it was.' : `Put at ${placeWords(over.id)}.`,
  onDragCancel: () => 'Left where it was.',
};
