'use client';

import AddIcon from '@mui/icons-material/Add';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from '@mui/material/Link';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useState, useTransition } from 'react';
import type { PlanSummary } from '@/core/planning/planSummary';
import type { Result } from '@/core/result';
import { DEFERRAL } from '@/core/safety/cautions';
import { ThemeSwitch } from '@/ui/ThemeSwitch';
import { ImportButton } from './ImportButton';
import { NewPlanDialog } from './NewPlanDialog';
import { PlanCard } from './PlanCard';
import { UnreadableCard } from './UnreadableCard';
import { deletePlan, duplicatePlan, restorePlan, type ShelfAnswer } from './shelfApi';

interface ShelfProps {
  readonly entries: readonly { id: string; summary: Result<PlanSummary> }[];
}

/** Home: the plans as cards, and the ways to get a new one. */
export function Shelf({ entries }: ShelfProps) {
  const router = useRouter();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const [naming, setNaming] = useState(false);
  const [refusal, setRefusal] = useState<Extract<ShelfAnswer, { ok: false }> | null>(null);
  const [, startTransition] = useTransition();
  const refresh = (): void => startTransition(() => router.refresh());

  /** Shows a refusal, or goes on with the plan's id. */
  const settle = (answer: ShelfAnswer, done: (id: string) => void): void => {
    if (!answer.ok) setRefusal(answer);
    else {
      setRefusal(null);
      done(answer.id);
    }
  };

  const remove = async (id: string, title: string): Promise<void> => {
    settle(await deletePlan(id), () => {
      refresh();
      enqueueSnackbar(`“${title}” was taken off the shelf.`, {
        action: (key) => (
          <Button
            color="inherit"
            size="small"
            onClick={() => {
              closeSnackbar(key);
              void restorePlan(id).then((answer) => settle(answer, refresh));
            }}
          >
            Undo
          </Button>
        ),
      });
    });
  };

  return (
    <Box sx={{ maxWidth: 1180, mx: 'auto', p: { xs: 2, md: 4 } }}>
      <Box
        component="header"
        sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 3 }}
      >
        <Box sx={{ flex: 1, minWidth: 240 }}>
          <Typography variant="h1" sx={{ fontSize: '2rem' }}>
            Grozer
          </Typography>
          <Typography color="textSecondary">
            Say what you want to light and what you have in the cupboard.
          </Typography>
        </Box>
        <ImportButton
          onAnswer={(answer) => settle(answer, (id) => router.push(`/plans/${id}/arrange`))}
        />
        <Button variant="contained" startIcon={<AddIcon />} onClick={() => setNaming(true)}>
          New plan
        </Button>
        <ThemeSwitch />
      </Box>
      {refusal === null ? null : (
        <Alert
          severity="error"
          onClose={() => setRefusal(null)}
          sx={{ mb: 2 }}
          data-testid="refusal"
        >
          <strong>{refusal.message}</strong>
          <Box component="ul" sx={{ pl: 2, m: 0 }}>
            {refusal.details.map((detail) => (
              <li key={detail}>{detail}</li>
            ))}
          </Box>
        </Alert>
      )}
      <Box component="main">
        <Typography variant="h2" sx={{ mb: 1.5 }}>
          Your plans
        </Typography>
        {entries.length === 0 ? (
          <Typography color="textSecondary">
            The shelf is empty. A new plan starts with one question: what shall it light?
          </Typography>
        ) : (
          <Box
            component="ul"
            sx={{
              listStyle: 'none',
              p: 0,
              m: 0,
              display: 'grid',
              gap: 2,
              gridTemplateColumns: 'repeat(auto-fill, minmax(min(340px, 100%), 1fr))',
            }}
          >
            {entries.map(({ id, summary }) => (
              <li key={id}>
                {summary.ok ? (
                  <PlanCard
                    id={id}
                    summary={summary.value}
                    onDuplicate={() =>
                      void duplicatePlan(id).then((answer) => settle(answer, refresh))
                    }
                    onDelete={() => void remove(id, summary.value.title)}
                  />
                ) : (
                  <UnreadableCard
                    faults={summary.faults}
                    onDelete={() => void remove(id, 'Unreadable plan')}
                  />
                )}
              </li>
            ))}
          </Box>
        )}
        <Box component="nav" aria-label="Beside the plans" sx={{ mt: 4 }}>
          <Link component={NextLink} href="/mixing" color="inherit">
            Mixing bench
          </Link>
          {' · '}
          <Link component={NextLink} href="/two-solutions" color="inherit">
            Two solutions
          </Link>
        </Box>
        <Typography
          variant="caption"
          color="textSecondary"
          component="p"
          sx={{ mt: 2, maxWidth: 720 }}
        >
          {DEFERRAL}
        </Typography>
      </Box>
      <NewPlanDialog
        open={naming}
        onClose={() => setNaming(false)}
        onCreated={(id) => router.push(`/plans/${id}/power`)}
      />
    </Box>
  );
}
