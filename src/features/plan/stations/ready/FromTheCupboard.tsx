'use client';

import { dateOfMoment } from '@/core/formats/dates';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { amountWords } from '@/core/work/parts/amountWords';
import type { LessonFacts } from '@/core/work/preparation/sheets/lessonFacts';
import { putBack, shortOf, takeOut } from '@/core/work/preparation/takeOut';
import { Card } from '@/ui/Card';
import { notify } from '@/ui/notices/notices';
import type { useTool } from '@/ui/document/useTool';
import { PutBackDialog } from '@/ui/have/PutBackDialog';
import { usePlanContext } from '../../PlanProvider';

interface FromTheCupboardProps {
  readonly facts: LessonFacts;
  readonly bench: ReturnType<typeof useTool<CupboardState>>;
}

/** The kit is taken out for the lesson, and put back after it. */
export function FromTheCupboard({ facts, bench }: FromTheCupboardProps) {
  const { id } = usePlanContext().open;
  const { state: cupboard, change, open } = bench;
  const [asked, setAsked] = useState<'short' | 'back' | null>(null);
  const [out] = cupboard.taken.filter(({ planId }) => planId === id);
  const short = shortOf(cupboard, facts.kit);
  const edit = (next: CupboardState, message: string): void => {
    change(next);
    setAsked(null);
    notify(message, () => open.documentStore.undo());
  };
  const take = (): void => {
    const takenAt = new Date().toISOString();
    const lesson = { planId: id, title: facts.plan.title, takenAt };
    edit(takeOut(cupboard, facts.kit, lesson), 'Kit removed from stock.');
  };
  return (
    <Card title="From the cupboard">
      <Typography variant="body2" sx={{ mb: 1 }}>
        {out === undefined
          ? 'Before the lesson its kit is removed from stock; afterwards what is left goes back.'
          : `Taken out on ${dateOfMoment(out.takenAt)}: ${Object.keys(out.parts).length} kinds of parts.`}
      </Typography>
      {out === undefined ? (
        <Button
          variant="outlined"
          size="small"
          onClick={() => (short.length === 0 ? take() : setAsked('short'))}
        >
          Take the kit out
        </Button>
      ) : (
        <Button variant="outlined" size="small" onClick={() => setAsked('back')}>
          Put it back
        </Button>
      )}
      {asked === 'short' ? (
        <Dialog open onClose={() => setAsked(null)} aria-labelledby="short-title">
          <DialogTitle id="short-title">The kit is not complete</DialogTitle>
          <DialogContent>
            <Typography>The cupboard is short of these; they stay on the shopping list:</Typography>
            <ul data-testid="short-of">
              {short.map(({ part, needed, there }) => (
                <li key={part}>{amountWords(part, needed - there)}</li>
              ))}
            </ul>
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setAsked(null)}>Not yet</Button>
            <Button variant="contained" onClick={take}>
              Take out what is there
            </Button>
          </DialogActions>
        </Dialog>
      ) : null}
      {asked === 'back' && out !== undefined ? (
        <PutBackDialog
          taken={out}
          onClose={() => setAsked(null)}
          onPutBack={(left) => edit(putBack(cupboard, id, left), 'What is left is back.')}
        />
      ) : null}
    </Card>
  );
}
