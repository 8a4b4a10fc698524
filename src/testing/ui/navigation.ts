import { useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

/** As in the app, what the page itself writes into the address is read from there. */
const { replaceState, pushState } = window.history;
window.history.replaceState = (...address) => {
  replaceState.apply(window.history, address);
  for (const tell of listeners) tell();
};
window.history.pushState = (...address) => {
  pushState.apply(window.history, address);
  for (const tell of listeners) tell();
};

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Stand-in of `next/navigation` for pages in jsdom: where the page is, and where it was sent. */
export const navigation = {
  segment: 'power',
  /** The address from `?` on, without it. */
  set search(search: string) {
    replaceState.call(window.history, null, '', search === '' ? '/' : `/?${search}`);
  },
  pushed: [] as string[],
  useRouter: () => ({
    push: (href: string) => navigation.pushed.push(href),
    replace: (href: string) => navigation.pushed.push(href),
    refresh: () => undefined,
    prefetch: () => undefined,
  }),
  useSearchParams: () =>
    new URLSearchParams(useSyncExternalStore(subscribe, () => window.location.search)),
  useSelectedLayoutSegment: () => navigation.segment,
  usePathname: () => `/plans/tested/${navigation.segment}`,
};
