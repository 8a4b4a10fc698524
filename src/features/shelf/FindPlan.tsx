'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { TextInput } from '@/ui/TextInput';

/** Rest after the last letter before it is looked for, milliseconds. */
const QUIET_MS = 250;

/** A field that narrows the shelf to plans with a word in their title. */
export function FindPlan({ find }: { readonly find: string }) {
  const router = useRouter();
  const [typed, setTyped] = useState(find);
  useEffect(() => {
    if (typed.trim() === find) return;
    const look = setTimeout(
      () =>
        router.replace(
          typed.trim() === '' ? '/' : `/?${new URLSearchParams({ find: typed.trim() })}`,
        ),
      QUIET_MS,
    );
    return () => clearTimeout(look);
  }, [typed, find, router]);
  return (
    <form role="search" action="/">
      <TextInput
        label="Find a plan"
        name="find"
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
      />
    </form>
  );
}
