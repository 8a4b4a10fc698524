'use client';

import { dateWords } from '@/core/formats/dates';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Link from '@mui/material/Link';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { PlanSummary } from '@/core/work/judging/planSummary';
import { DeskMiniature } from '@/ui/desk/DeskMiniature';
import { VerdictPill } from '@/ui/VerdictPill';
import { Hint } from '@/ui/Hint';
import { CopyIcon, DeleteIcon } from '@/ui/icons';
import { PageLink } from '@/ui/PageLink';

interface PlanCardProps {
  readonly id: string;
  readonly summary: PlanSummary;
  readonly judgedAnew: boolean;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
}

/** A plan on the shelf: small picture, title, verdict. */
export function PlanCard({ id, summary, judgedAnew, onDuplicate, onDelete }: PlanCardProps) {
  const { title, verdict, lessonDate } = summary;
  return (
    <Paper
      component="article"
      variant="outlined"
      sx={{
        p: 2,
        height: '100%',
        display: 'flex',
        flexDirection: 'column',
        gap: 1,
        position: 'relative',
        '&:has(a:hover)': { borderColor: 'primary.main' },
      }}
    >
      <DeskMiniature {...summary} />
      <Link
        component={PageLink}
        href={`/plans/${id}/arrange`}
        color="inherit"
        underline="none"
        sx={{
          '&::after': { content: '""', position: 'absolute', inset: 0, borderRadius: 2.5 },
          '&:focus-visible::after': { outline: '2px solid' },
        }}
      >
        <Typography variant="h3" component="span" sx={{ fontSize: '1.15rem' }}>
          {title}
        </Typography>
      </Link>
      <VerdictPill {...verdict} />
      {judgedAnew ? (
        <Typography variant="caption" color="textSecondary">
          Made before plans were judged for all of their minutes: the verdict may be another than
          before, the plan is unchanged.
        </Typography>
      ) : null}
      <Box sx={{ display: 'flex', alignItems: 'center', mt: 'auto' }}>
        <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
          {lessonDate === null ? 'no lesson date yet' : `lesson on ${dateWords(lessonDate)}`}
        </Typography>
        <Hint text="Duplicate">
          <IconButton aria-label={`Duplicate ${title}`} onClick={onDuplicate} sx={{ zIndex: 1 }}>
            <CopyIcon fontSize="small" />
          </IconButton>
        </Hint>
        <Hint text="Delete">
          <IconButton aria-label={`Delete ${title}`} onClick={onDelete} sx={{ zIndex: 1 }}>
            <DeleteIcon fontSize="small" />
          </IconButton>
        </Hint>
      </Box>
    </Paper>
  );
}
