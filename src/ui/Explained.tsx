'use client';

import ButtonBase from '@mui/material/ButtonBase';
import { useState, type ReactNode } from 'react';
import type { Explanation } from '@/core/work/words/explain';
import { lazyPart } from './lazyPart';

const ExplainedSum = lazyPart(() => import('./ExplainedSum').then((module) => module.ExplainedSum));

const NOT_FETCHED: Explanation = {
  title: 'This sum is not here yet',
  lines: ['Grozer’s computer did not answer. Nothing is lost: try again when it does.'],
  origin: '',
  sources: [],
};

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
    const explanation = await explain().catch((error: unknown) => {
      console.error(error);
      return NOT_FETCHED;
    });
    setOpened({ anchor, explanation });
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
