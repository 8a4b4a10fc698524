import { createStore } from 'zustand';

/** Something that was done, said for a while below the page. */
export interface Notice {
  readonly id: number;
  readonly text: string;
  /** Takes it back; `null` where nothing is to be taken back. */
  readonly undo: (() => void) | null;
}

export const noticeStore = createStore<readonly Notice[]>(() => []);

/** More are never shown at once. */
const KEPT = 9;

/** Says what was done. */
export function notify(text: string, undo: Notice['undo'] = null): void {
  const before = noticeStore.getState();
  noticeStore.setState(
    [...before.slice(-KEPT), { id: (before.at(-1)?.id ?? 0) + 1, text, undo }],
    true,
  );
}
