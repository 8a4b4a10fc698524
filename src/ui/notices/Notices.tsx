'use client';

import dynamic from 'next/dynamic';
import { useStore } from 'zustand';
import { noticeStore } from './notices';

// Where it cannot be fetched nothing is said; what was done is done.
const ShownNotices = dynamic(() =>
  import('./ShownNotices').then(
    (module) => module.ShownNotices,
    () => () => null,
  ),
);

/** Where notices appear; fetched with the first of them. */
export function Notices() {
  const any = useStore(noticeStore, (notices) => notices.length > 0);
  return any ? <ShownNotices /> : null;
}
