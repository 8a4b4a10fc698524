'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { describePath, type Issue } from '@/core/result';
import type { DocumentKind } from '@/core/documents/documentKinds';

/** Faults that are listed; with one version too new or too old there are dozens. */
const MOST_FAULTS = 3;

interface UnreadableCardProps {
  readonly kind: DocumentKind;
  /** What people call it: “plan”. */
  readonly noun: string;
  readonly id: string;
  readonly faults: readonly Issue[];
  readonly onDelete: () => void;
}

/** A stored document that cannot be read or worked out: what is wrong with it, where; its file can be saved. */
export function UnreadableCard({ kind, noun, id, faults, onDelete }: UnreadableCardProps) {
  return (
    <Paper component="article" variant="outlined" sx={{ p: 2, borderColor: 'error.main' }}>
      <Typography variant="h3">A {noun} that cannot be read</Typography>
      {faults.slice(0, MOST_FAULTS).map((fault) => (
        <Typography key={describePath(fault.path)} variant="body2">
          {fault.path.length === 0 ? '' : `${describePath(fault.path)}: `}
          {fault.message}
        </Typography>
      ))}
      {faults.length > MOST_FAULTS ? (
        <Typography variant="body2">and {faults.length - MOST_FAULTS} more</Typography>
      ) : null}
      <Box sx={{ mt: 1 }}>
        <Button size="small" component="a" href={`/api/${kind}/${id}/export?raw=yes`} download>
          Save the file as it is stored
        </Button>
        <Button size="small" color="error" onClick={onDelete}>
          Delete it
        </Button>
      </Box>
    </Paper>
  );
}
