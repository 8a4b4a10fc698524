'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { MISCONCEPTIONS, type MisconceptionId } from './misconceptions';
import { lazyPart } from '@/ui/lazyPart';

const MisconceptionAnswer = lazyPart(() =>
  import('./MisconceptionAnswer').then((module) => module.MisconceptionAnswer),
);

/** Common beliefs; the one that is pressed is answered below, worked out for this battery, while the battery stays in view. */
export function BeliefLine() {
  const [opened, setOpened] = useState<MisconceptionId | null>(null);
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.75, mt: 1 }}>
        <Typography variant="body2" color="textSecondary">
          Is it true?
        </Typography>
        {MISCONCEPTIONS.map(({ id, claim }) => (
          <Chip
            key={id}
            size="small"
            variant={opened === id ? 'filled' : 'outlined'}
            color={opened === id ? 'primary' : 'default'}
            label={claim}
            aria-pressed={opened === id}
            onClick={() => setOpened(opened === id ? null : id)}
          />
        ))}
      </Box>
      <div aria-live="polite">{opened === null ? null : <MisconceptionAnswer id={opened} />}</div>
    </>
  );
}
