'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { TakenReading } from '@/core/work/drill/drillHints';
import { ProjectorFrame } from '@/ui/ProjectorFrame';
import { displayWords, probingWords } from './DrillRecord';

interface DrillProjectorProps {
  readonly promise: string;
  readonly taken: readonly TakenReading[];
  readonly named: boolean;
  /** The desk, which can be touched here too. */
  readonly desk: ReactNode;
  /** Ranges and the press that takes the reading. */
  readonly meter: ReactNode;
  readonly onClose: () => void;
}

/** The meter of the page, as large as the back row needs it. */
const METER_ZOOM = { xs: 1.3, xl: 1.8 };
/** Readings that fit under the desk. */
const SHOWN = 6;

/** The drill for a whole class: the desk, the meter and the last readings, large enough for the back row. */
export function DrillProjector(props: DrillProjectorProps) {
  const { promise, taken, named, desk, meter, onClose } = props;
  return (
    <ProjectorFrame title={promise} onClose={onClose}>
      <Box sx={{ '& svg': { maxHeight: '31vh !important' }, '& svg text': { fontSize: 18 } }}>
        {desk}
      </Box>
      <Box sx={{ display: 'grid', gap: 4, gridTemplateColumns: { xs: '1fr', md: '2fr 3fr' } }}>
        <Box sx={{ zoom: METER_ZOOM }}>{meter}</Box>
        <Box component="ol" aria-label="Last readings" sx={{ m: 0, pl: 0, listStyle: 'none' }}>
          {taken.slice(-SHOWN).map(({ probing, value }, index) => (
            <Typography key={index} component="li" sx={{ fontSize: 'inherit' }}>
              {probingWords(probing, named)}: <strong>{displayWords(probing.range, value)}</strong>
            </Typography>
          ))}
        </Box>
      </Box>
    </ProjectorFrame>
  );
}
