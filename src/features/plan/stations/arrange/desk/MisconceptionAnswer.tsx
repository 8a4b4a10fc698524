'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { withSharedBody } from '@/core/physics/desk/deskEdits';
import { SourceLinks } from '@/ui/SourceLinks';
import { withDesk } from '../../../arrangementEdits';
import { useEdit, usePlanContext } from '../../../PlanProvider';
import { MISCONCEPTIONS, type MisconceptionId } from './misconceptions';

/** What the plan's own cell says to a common belief; it follows the desk as that is changed. */
export function MisconceptionAnswer({ id }: { id: MisconceptionId }) {
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const belief = MISCONCEPTIONS.find((one) => one.id === id);
  if (belief === undefined) return null;
  const { title, lines, origin, sources } = belief.answer(evaluation);
  return (
    <Box
      component="section"
      aria-label={title}
      // Below the fold of a small window it is brought into view, no further than needed.
      ref={(box: HTMLElement | null) => box?.scrollIntoView({ block: 'nearest' })}
      sx={{ mt: 1, p: 1.5, borderRadius: 1, bgcolor: 'primary.light' }}
    >
      <Typography variant="h3">{title}</Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 0.5 }}>
        “{belief.claim}”: no.
      </Typography>
      {lines.map((line) => (
        <Typography key={line} variant="body2" sx={{ mb: 0.5 }}>
          {line}
        </Typography>
      ))}
      <Typography variant="caption" color="textSecondary">
        {origin}
      </Typography>
      <SourceLinks ids={sources} />
      {id === 'one-body' ? (
        <Button
          size="small"
          onClick={() =>
            edit((before) => withDesk(before, evaluation.wiring, (desk) => withSharedBody(desk, 0)))
          }
        >
          Show it on the desk
        </Button>
      ) : null}
    </Box>
  );
}
