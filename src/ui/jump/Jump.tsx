'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { NamedStation } from './targets';
import { lazyPart } from '../lazyPart';

const JumpDialog = lazyPart(() => import('./JumpDialog').then((module) => module.JumpDialog));

/** Ctrl or ⌘ with K, on every page of the teacher: go anywhere. */
export function Jump({ stations }: { readonly stations: readonly NamedStation[] }) {
  const [open, setOpen] = useState(false);
  const id = /^\/(?:plans|wall)\/([^/]+)/.exec(usePathname())?.[1] ?? null;
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      setOpen((before) => !before);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  return open ? (
    <JumpDialog plan={id === null ? null : { id, stations }} onClose={() => setOpen(false)} />
  ) : null;
}
