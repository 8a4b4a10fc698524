import type { Active, DragOverEvent, Over } from '@dnd-kit/core';
import { announcements } from './DeskBoard';
import { idOf, placeOf } from './dragIds';
import { BIN, NEW_STRING } from './DropZones';

const active = { id: idOf({ string: 1, item: 2 }) } as Active;
const over = (id: string | null) =>
  ({ active, over: id === null ? null : ({ id } as Over) }) as DragOverEvent;

test('places go into ids and come back; anything else is no place', () => {
  expect(placeOf(idOf({ string: 0, item: 11 }))).toEqual({ string: 0, item: 11 });
  for (const id of [BIN, NEW_STRING, '', '1', '1-', '-1-2', '1-2-3', 'a-b']) {
    expect(placeOf(id)).toBeNull();
  }
});

test('a screen reader hears places as people count them', () => {
  expect(announcements.onDragStart({ active })).toBe('Lifted the cell at string 2, place 3.');
  expect(announcements.onDragOver(over('0-0'))).toBe('Over string 1, place 1.');
  expect(announcements.onDragOver(over(NEW_STRING))).toBe('Over a string of its own.');
  expect(announcements.onDragEnd(over(BIN))).toBe('Put at away from the desk.');
});

test('what is let go of nowhere is said to be where it was', () => {
  expect(announcements.onDragEnd(over(null))).toBe('Put back where it was.');
  expect(announcements.onDragCancel(over(null))).toBe('Left where it was.');
});
