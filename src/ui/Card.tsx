import Paper from '@mui/material/Paper';
import type { SxProps, Theme } from '@mui/material/styles';
import Typography from '@mui/material/Typography';
import Box from '@mui/material/Box';
import { useId, type ReactNode } from 'react';

interface CardProps {
  readonly title: string;
  /** Controls on the right of the heading. */
  readonly actions?: ReactNode;
  readonly children: ReactNode;
  readonly sx?: SxProps<Theme>;
}

/** A titled region with a hairline. */
export function Card({ title, actions, children, sx }: CardProps) {
  const heading = useId();
  return (
    <Paper
      component="section"
      aria-labelledby={heading}
      variant="outlined"
      sx={[{ p: 2, minWidth: 0 }, ...(Array.isArray(sx) ? sx : [sx ?? false])]}
    >
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          justifyContent: 'space-between',
          gap: 1,
          mb: 1,
        }}
      >
        <Typography variant="h2" id={heading}>
          {title}
        </Typography>
        {actions}
      </Box>
      {children}
    </Paper>
  );
}
