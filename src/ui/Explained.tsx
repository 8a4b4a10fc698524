'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useState, type ReactNode } from 'react';
import type { Explanation } from '@/core/work/words/explain';
import { lazyPart } from './lazyPart';

const ExplainedSum = lazyPart(() => import('./ExplainedSum').then((module) => module.ExplainedSum));

interface ExplainedProps {
  /** Works the sum out; asked when the figure is opened, because that may take longer than an edit may. */
  readonly explain: () => Explanation;
  readonly children: ReactNode;
}

/** A figure that opens to show its sum and where its inputs come from. */
export function Explained({ explain, children }: ExplainedProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <ButtonBase
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="dialog"
        sx={{
          font: 'inherit',
          color: 'inherit',
          borderBottom: '1px dotted',
          borderColor: 'text.secondary',
          '&:focus-visible': { outline: '2px solid', outlineOffset: 2 },
        }}
      >
        {children}
      </ButtonBase>
      {anchor === null ? null : (
        <ExplainedSum explanation={explain()} anchor={anchor} onClose={() => setAnchor(null)} />
      )}
    </>
  );
}
