'use client';

import Button from '@mui/material/Button';
import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import { describePath, type Issue } from '@/core/result';

/** A stored plan that cannot be read: what is wrong with it, where. */
export function UnreadableCard({
  faults,
  onDelete,
}: {
  faults: readonly Issue[];
  onDelete: () => void;
}) {
  return (
    <Paper component="article" variant="outlined" sx={{ p: 2, borderColor: 'error.main' }}>
      <Typography variant="h3">A plan that cannot be read</Typography>
      {faults.map((fault) => (
        <Typography key={describePath(fault.path)} variant="body2">
          {describePath(fault.path)}: {fault.message}
        </Typography>
      ))}
      <Button size="small" color="error" onClick={onDelete} sx={{ mt: 1 }}>
        Take it off the shelf
      </Button>
    </Paper>
  );
}
