'use client';

import Box from '@mui/material/Box';
import { useSearchParams } from 'next/navigation';
import { useMemo, type ReactNode } from 'react';
import type { PlannedCell } from '@/core/physics/readings/plannedCell';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { answerOf } from '@/core/work/reality/question';
import type { Wish } from '@/core/records/plan/wishSchema';
import type { Running } from '@/core/records/plan/runningSchema';
import { AnswerCard } from './AnswerCard';
import { askedAt } from './questionInAddress';
import { WouldField } from './WouldField';
import { QuestionList } from './QuestionList';

interface RealityCheckProps {
  readonly cell: PlannedCell;
  /** How it is left; nothing said: in an ordinary room. */
  readonly running?: Running;
  readonly cupboard: CupboardState;
  readonly wishes: readonly Wish[];
  readonly onWishes: (wishes: Wish[]) => void;
  /** What the print is asked for: the plan, or the recipe and body. */
  readonly printOf: Readonly<Record<string, string>>;
  /** Stands above the questions: of which cell they are asked. */
  readonly children: ReactNode;
}

/** Wishes and claims at the left, the one that is looked at worked out beside them. */
export function RealityCheck(props: RealityCheckProps) {
  const { cell, running, cupboard, wishes, onWishes, printOf, children } = props;
  const address = useSearchParams();
  const [ask, would] = [address.get('ask'), address.get('would')];
  const asked = useMemo(() => askedAt(ask, wishes, would), [ask, wishes, would]);
  const answer = useMemo(
    () => answerOf(asked, cell, cupboard, running),
    [asked, cell, cupboard, running],
  );
  const print = new URLSearchParams({ asked: JSON.stringify(asked), ...printOf });
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '290px minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {children}
        <QuestionList asked={asked} wishes={wishes} onWishes={onWishes} />
      </Box>
      <AnswerCard answer={answer} printHref={`/api/reality/print?${print.toString()}`}>
        {asked.kind === 'claim' ? null : (
          <WouldField key={ask} many={cell.body.plural} count={asked.would ?? null} />
        )}
      </AnswerCard>
    </Box>
  );
}
