'use client';

import NextLink from 'next/link';
import { useState, type ComponentProps } from 'react';

/**
 * A link within the app. Its page is asked for ahead once it is pointed at, touched or reached by key; not because it is in
 * view: a shelf would ask for each page that it leads to, twice, for the one that is opened.
 */
export function PageLink({ onPointerEnter, onFocus, ...rest }: ComponentProps<typeof NextLink>) {
  const [meant, setMeant] = useState(false);
  return (
    <NextLink
      {...rest}
      prefetch={meant ? null : false}
      onPointerEnter={(event) => {
        setMeant(true);
        onPointerEnter?.(event);
      }}
      onFocus={(event) => {
        setMeant(true);
        onFocus?.(event);
      }}
    />
  );
}
