'use client';

import Box from '@mui/material/Box';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { Selection, TextInput } from '@/ui/TextInput';

/** Rest after the last letter before it is looked for, milliseconds. */
const QUIET_MS = 250;

const ORDERS = [
  ['changed', 'last changed first'],
  ['title', 'by title'],
  ['lesson', 'by lesson date'],
] as const;
/** How the shelf is sorted. */
export type ShelfOrder = (typeof ORDERS)[number][0];

/** The address of the shelf as somebody wants to see it. */
export function addressOfShelf({
  find,
  sort,
  show,
  past = false,
}: {
  readonly find: string;
  readonly sort: ShelfOrder;
  readonly show?: number;
  readonly past?: boolean;
}): string {
  const asked = new URLSearchParams({
    ...(find === '' ? {} : { find }),
    ...(sort === 'changed' ? {} : { sort }),
    ...(past ? { past: 'yes' } : {}),
    ...(show === undefined ? {} : { show: String(show) }),
  });
  return asked.size === 0 ? '/' : `/?${asked}`;
}

/** Narrows the shelf to plans with a word in their title, and sorts it. */
export function FindPlan({ find, sort }: { readonly find: string; readonly sort: ShelfOrder }) {
  const router = useRouter();
  const [typed, setTyped] = useState(find);
  useEffect(() => {
    if (typed.trim() === find) return;
    const look = setTimeout(
      () => router.replace(addressOfShelf({ find: typed.trim(), sort })),
      QUIET_MS,
    );
    return () => clearTimeout(look);
  }, [typed, find, sort, router]);
  return (
    <Box
      component="form"
      role="search"
      action="/"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}
    >
      <TextInput
        label="Find a plan"
        name="find"
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
      />
      <Selection
        label="Order"
        value={sort}
        onChange={(chosen) => router.replace(addressOfShelf({ find, sort: chosen }))}
        options={ORDERS}
      />
    </Box>
  );
}
