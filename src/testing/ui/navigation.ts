/** Stand-in of `next/navigation` for pages in jsdom: where the page is, and where it was sent. */
export const navigation = {
  segment: 'power',
  search: '',
  pushed: [] as string[],
  useRouter: () => ({
    push: (href: string) => navigation.pushed.push(href),
    replace: (href: string) => navigation.pushed.push(href),
    refresh: () => undefined,
    prefetch: () => undefined,
  }),
  useSearchParams: () => new URLSearchParams(navigation.search),
  useSelectedLayoutSegment: () => navigation.segment,
  usePathname: () => `/plans/tested/${navigation.segment}`,
};
