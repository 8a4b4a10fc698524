'use client';

import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import { useSearchParams } from 'next/navigation';
import type { ReactNode } from 'react';

interface PartTabsProps<Name extends string> {
  readonly label: string;
  /** Begins the ids of tabs and panels. */
  readonly prefix: string;
  readonly parts: readonly (readonly [name: Name, title: string])[];
  /** The part that is shown where the address names none: usually the first. */
  readonly usual?: Name | undefined;
  /** What stands between the tabs and the part. */
  readonly notice?: ReactNode;
  readonly children: (part: Name) => ReactNode;
}

/** The parts of a station behind tabs; the address names the one that is shown, so that it can be linked to. */
export function PartTabs<Name extends string>(props: PartTabsProps<Name>) {
  const { label, prefix, parts, usual = parts[0]?.[0], notice, children } = props;
  const asked = useSearchParams().get('part');
  const part = parts.find(([name]) => name === asked)?.[0] ?? usual;
  if (part === undefined) throw new Error(`${label}: there are no parts`);
  return (
    <Box sx={{ display: 'grid', gap: 1.5, minWidth: 0 }}>
      <Tabs
        value={part}
        // Nothing is asked of the server.
        onChange={(_, chosen: Name) => showPart(chosen)}
        variant="scrollable"
        allowScrollButtonsMobile
        aria-label={label}
      >
        {parts.map(([name, title]) => (
          <Tab
            key={name}
            value={name}
            label={title}
            sx={{ minWidth: { xs: 0, sm: 90 }, px: { xs: 1, sm: 2 } }}
            id={`${prefix}-tab-${name}`}
            aria-controls={`${prefix}-${name}`}
          />
        ))}
      </Tabs>
      {notice}
      <Box role="tabpanel" id={`${prefix}-${part}`} aria-labelledby={`${prefix}-tab-${part}`}>
        {children(part)}
      </Box>
    </Box>
  );
}

/** Goes from one part to another at its top: the browser's way back leads here again. */
export function enterPart(name: string): void {
  window.history.pushState(null, '', `?part=${name}`);
  window.scrollTo({ top: 0 });
}

/** Shows another part of the station that is open. */
export function showPart(name: string): void {
  window.history.replaceState(null, '', `?part=${name}`);
}
