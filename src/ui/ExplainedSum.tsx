'use client';

import Box from '@mui/material/Box';
import Popover from '@mui/material/Popover';
import Typography from '@mui/material/Typography';
import type { Explanation } from '@/core/work/words/explain';
import { SourceLinks } from './SourceLinks';

interface ExplainedSumProps {
  readonly explanation: Explanation;
  readonly anchor: HTMLElement;
  readonly onClose: () => void;
}

/** The sum behind a figure, fetched when the first figure is opened. */
export function ExplainedSum({ explanation, anchor, onClose }: ExplainedSumProps) {
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      slotProps={{
        paper: {
          role: 'dialog',
          'aria-label': explanation.title,
          variant: 'outlined',
          sx: { p: 2, maxWidth: 380 },
        },
      }}
    >
      <Typography variant="h3" gutterBottom>
        {explanation.title}
      </Typography>
      {explanation.lines.map((line) => (
        <Typography key={line} variant="body2" sx={{ mb: 0.5 }}>
          {line}
        </Typography>
      ))}
      <Box sx={{ mt: 1, borderTop: 1, borderColor: 'divider', pt: 1 }}>
        <Typography variant="caption" color="textSecondary">
          {explanation.origin}
        </Typography>
        <SourceLinks ids={explanation.sources} />
      </Box>
    </Popover>
  );
}
