'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { MISCONCEPTIONS, type MisconceptionId } from './misconceptions';
import { fetched } from '@/ui/fetched';

const MisconceptionDialog = fetched(() =>
  import('./MisconceptionDialog').then((module) => module.MisconceptionDialog),
);

/** Common beliefs, each one click from its answer worked out for this battery. */
export function BeliefLine() {
  const [opened, setOpened] = useState<MisconceptionId | null>(null);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.75, mt: 1 }}>
      <Typography variant="body2" color="textSecondary">
        Is it true?
      </Typography>
      {MISCONCEPTIONS.map(({ id, claim }) => (
        <Chip
          key={id}
          size="small"
          variant="outlined"
          label={claim}
          onClick={() => setOpened(id)}
        />
      ))}
      {opened === null ? null : <MisconceptionDialog id={opened} onClose={() => setOpened(null)} />}
    </Box>
  );
}
