'use client';

import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Popover from '@mui/material/Popover';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { SourceLinks } from './SourceLinks';
import type { Explanation } from '@/core/work/planning/explain';

interface ExplainedProps {
  /** Works the sum out; asked when the figure is opened, because that may take longer than an edit may. */
  readonly explain: () => Explanation;
  readonly children: ReactNode;
}

/** A figure that opens to show its sum and where its inputs come from. */
export function Explained({ explain, children }: ExplainedProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <ButtonBase
        onClick={(event) => setAnchor(event.currentTarget)}
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
      {anchor === null ? null : (
        <Sum explanation={explain()} anchor={anchor} onClose={() => setAnchor(null)} />
      )}
    </>
  );
}

interface SumProps {
  readonly explanation: Explanation;
  readonly anchor: HTMLElement;
  readonly onClose: () => void;
}

function Sum({ explanation, anchor, onClose }: SumProps) {
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
