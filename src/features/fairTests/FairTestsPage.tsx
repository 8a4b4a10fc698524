'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { FairTestCard } from '@/core/records/fairTest/cardOfFairTest';
import type { Issue } from '@/core/result';
import { createRemote } from '@/ui/document/documentApi';
import { ImportButton } from '@/ui/document/ImportButton';
import { UnreadableCard } from '@/ui/document/UnreadableCard';
import { RefusalAlert } from '@/ui/document/RefusalAlert';
import { useDocumentList } from '@/ui/document/useDocumentList';
import { AddIcon } from '@/ui/icons';
import { PageFrame } from '@/ui/PageFrame';
import { PageLink } from '@/ui/PageLink';
import { FACTOR_NAMES } from './words';

/** All fair tests, with what each has shown so far. */
export function FairTestsPage({
  tests,
  unreadable,
}: {
  tests: readonly { readonly id: string; readonly card: FairTestCard }[];
  unreadable: readonly { readonly id: string; readonly faults: readonly Issue[] }[];
}) {
  const { refusal, clearRefusal, settle, remove, duplicate, openAt } =
    useDocumentList('fair-tests');
  const openTest = (id: string): void => openAt(`/fair-tests/${id}`);
  return (
    <PageFrame
      heading="Fair tests"
      subtitle="Change one thing, keep all the rest."
      widest={1080}
      actions={
        <>
          <ImportButton
            kind="fair-tests"
            label="Import a fair test"
            onAnswer={(answer) => settle(answer, openTest)}
          />
          <Button
            variant="contained"
            startIcon={<AddIcon />}
            onClick={() =>
              void createRemote('fair-tests', 'Which gives most?').then((answer) =>
                settle(answer, openTest),
              )
            }
          >
            New fair test
          </Button>
        </>
      }
    >
      <RefusalAlert refusal={refusal} onClose={clearRefusal} />
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {tests.length === 0 ? (
          <Typography color="textSecondary">
            None yet. A fair test starts with one question: what is varied?
          </Typography>
        ) : null}
        {tests.map(({ id, card }) => (
          <TestCard
            key={id}
            id={id}
            card={card}
            onDuplicate={() => void duplicate(id)}
            onDelete={() => void remove(id, `The fair test “${card.title}” was deleted.`)}
          />
        ))}
        {unreadable.map(({ id, faults }) => (
          <UnreadableCard
            key={id}
            kind="fair-tests"
            noun="fair test"
            id={id}
            faults={faults}
            onDelete={() => void remove(id, 'The unreadable fair test was deleted.')}
          />
        ))}
      </Box>
    </PageFrame>
  );
}

interface TestCardProps {
  readonly id: string;
  readonly card: FairTestCard;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

function TestCard({ id, card, onDuplicate, onDelete }: TestCardProps) {
  const { title, factor, read, planned, shown } = card;
  return (
    <Paper component="article" variant="outlined" sx={{ p: 2 }}>
      <Typography variant="h2">
        <Link component={PageLink} href={`/fair-tests/${id}`} color="inherit">
          {title}
        </Link>
      </Typography>
      <Typography variant="body2" color="textSecondary">
        Varied: {FACTOR_NAMES[factor]}. {read} of {planned} read.
      </Typography>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        {shown}
      </Typography>
      <Box sx={{ ml: -0.75, mt: 0.5 }}>
        <Button size="small" onClick={onDuplicate}>
          Duplicate without readings
        </Button>
        <Button size="small" href={`/api/fair-tests/${id}/export`} download>
          Export
        </Button>
        <Button size="small" color="inherit" onClick={onDelete}>
          Delete
        </Button>
      </Box>
    </Paper>
  );
}
