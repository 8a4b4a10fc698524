import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { CloseIcon } from './icons';
import { projected } from './projected';

/** Smallest text that is read at arm's length from a projected screen of 1920 × 1080, pixels. */
export const PROJECTED_TEXT = 28;

interface ProjectorFrameProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** The whole screen for what the back row shall read. */
export function ProjectorFrame({ title, onClose, children }: ProjectorFrameProps) {
  return (
    <Dialog
      open
      fullScreen
      onClose={onClose}
      slotProps={{
        paper: {
          'data-testid': 'projector',
          'aria-label': `${title}, for the projector`,
        } as object,
      }}
    >
      <Box
        sx={{
          height: '100vh',
          overflowY: 'auto',
          display: 'flex',
          flexDirection: 'column',
          p: 3,
          gap: 2,
          fontSize: projected(PROJECTED_TEXT),
        }}
      >
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 3 }}>
          <Typography variant="h1" sx={{ flex: 1, fontSize: '1.5em' }}>
            {title}
          </Typography>
          <IconButton aria-label="Leave the projector view" onClick={onClose}>
            <CloseIcon fontSize="large" />
          </IconButton>
        </Box>
        {children}
      </Box>
    </Dialog>
  );
}
