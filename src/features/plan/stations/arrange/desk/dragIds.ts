import type { DeskPlace } from '@/core/physics/desk/deskEdits';

/** An item's place as the id of what is dragged: `string-item`, both from 0. */
export function idOf({ string, item }: Pick<DeskPlace, 'string' | 'item'>): string {
  return `${string}-${item}`;
}

/** The place of an id, or `null` where it is none of an item. */
export function placeOf(id: string): Pick<DeskPlace, 'string' | 'item'> | null {
  const match = /^(\d+)-(\d+)$/.exec(id);
  return match === null ? null : { string: Number(match[1]), item: Number(match[2]) };
}
