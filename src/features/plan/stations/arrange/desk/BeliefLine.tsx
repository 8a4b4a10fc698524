'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { MISBELIEFS, type MisbeliefId } from './misbeliefs';
import { MisbeliefDialog } from './MisbeliefDialog';

/** Common beliefs, each one click from its answer worked out for this battery. */
export function BeliefLine() {
  const [opened, setOpened] = useState<MisbeliefId | null>(null);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 0.75, mt: 1 }}>
      <Typography variant="body2" color="textSecondary">
        Is it true?
      </Typography>
      {MISBELIEFS.map(({ id, claim }) => (
        <Chip
          key={id}
          size="small"
          variant="outlined"
          label={claim}
          onClick={() => setOpened(id)}
        />
      ))}
      {opened === null ? null : <MisbeliefDialog id={opened} onClose={() => setOpened(null)} />}
    </Box>
  );
}
