'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useState, type ReactNode } from 'react';
import type { Explanation } from '@/core/work/words/explain';
import { lazyPart } from './lazyPart';

const ExplainedSum = lazyPart(() => import('./ExplainedSum').then((module) => module.ExplainedSum));

interface ExplainedProps {
  /** Fetches what works the sum out, and does so; asked when the figure is opened. */
  readonly explain: () => Promise<Explanation>;
  readonly children: ReactNode;
}

/** A figure that opens to show its sum and where its inputs come from. */
export function Explained({ explain, children }: ExplainedProps) {
  const [opened, setOpened] = useState<{ anchor: HTMLElement; explanation: Explanation } | null>(
    null,
  );
  const open = async (anchor: HTMLElement): Promise<void> => {
    setOpened({ anchor, explanation: await explain() });
  };
  return (
    <>
      <ButtonBase
        onClick={({ currentTarget }) => void open(currentTarget)}
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
      {opened === null ? null : <ExplainedSum {...opened} onClose={() => setOpened(null)} />}
    </>
  );
}
