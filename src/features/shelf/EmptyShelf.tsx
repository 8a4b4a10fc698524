'use client';

import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { PageLink } from '@/ui/PageLink';

/** No plan yet: the three ways to the first one. */
export function EmptyShelf({ onNew }: { readonly onNew: () => void }) {
  return (
    <Box
      data-testid="empty-shelf"
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: 'repeat(auto-fit, minmax(min(260px, 100%), 1fr))',
      }}
    >
      <Way title="Light something" onClick={onNew}>
        Start from an LED, a buzzer or a clock. Grozer says how many cells it takes, and how sure
        that is.
      </Way>
      <Way title="I have …" href="/i-have">
        Start from the fruit, nails and strips on your table. Grozer says what they can light.
      </Way>
      <Way title="Check a claim" href="/reality-check">
        Can potatoes charge a phone? See the sum, line by line.
      </Way>
    </Box>
  );
}

interface WayProps {
  readonly title: string;
  readonly href?: string;
  readonly onClick?: () => void;
  readonly children: ReactNode;
}

function Way({ title, href, onClick, children }: WayProps) {
  return (
    <ButtonBase
      {...(href === undefined ? { onClick } : { component: PageLink, href })}
      sx={{
        display: 'flex',
        flexDirection: 'column',
        alignItems: 'flex-start',
        justifyContent: 'flex-start',
        lineHeight: 1.5,
        textAlign: 'left',
        fontFamily: 'inherit',
        p: 2.5,
        border: 1,
        borderColor: 'divider',
        borderRadius: '10px',
        bgcolor: 'background.paper',
        '&:hover, &:focus-visible': { borderColor: 'primary.main' },
      }}
    >
      <Typography variant="h3" component="span" sx={{ display: 'block', mb: 0.5 }}>
        {title}
      </Typography>
      <Typography variant="body2" component="span" color="textSecondary">
        {children}
      </Typography>
    </ButtonBase>
  );
}
