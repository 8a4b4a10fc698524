'use client';

import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { verdictOf } from '@/core/planning/verdict';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { deskGeometry } from '@/core/desk/deskGeometry';
import { DeskPicture } from '@/ui/desk/DeskPicture';
import { VerdictPill } from '@/ui/VerdictPill';
import { usePlan, usePlanContext } from './PlanProvider';

/** Smallest text that is read at arm's length from a projected screen of 1920 × 1080, pixels. */
const PROJECTED_TEXT = 28;

/** The same in the picture, which is shown about one and three quarter times as large as it is drawn. */
const PICTURE_TEXT = 1.45;

/** Desk, stairs and verdict alone, large enough for the back row. */
export function ProjectorView({ onClose }: { onClose: () => void }) {
  const plan = usePlan();
  const { evaluation } = usePlanContext();
  const { desk, need, source, amps, volts } = evaluation;
  const geometry = useMemo(() => deskGeometry(desk), [desk]);
  return (
    <Dialog
      open
      fullScreen
      onClose={onClose}
      aria-label={`${plan.title}, for the projector`}
      slotProps={{ paper: { 'data-testid': 'projector' } as object }}
    >
      <Box
        sx={{
          height: '100vh',
          display: 'flex',
          flexDirection: 'column',
          p: 3,
          gap: 2,
          fontSize: PROJECTED_TEXT,
        }}
      >
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 3 }}>
          <Typography variant="h1" sx={{ flex: 1, fontSize: 1.5 * PROJECTED_TEXT }}>
            {plan.title}
          </Typography>
          <IconButton aria-label="Leave the projector view" onClick={onClose}>
            <CloseIcon fontSize="large" />
          </IconButton>
        </Box>
        <Box sx={{ '& *': { fontSize: `${PROJECTED_TEXT}px !important` } }}>
          <VerdictPill {...verdictOf(evaluation)} />
        </Box>
        <Box
          sx={{
            flex: 1,
            minHeight: 0,
            '& svg': { width: '100%', height: '100%' },
          }}
        >
          <DeskPicture
            desk={desk}
            geometry={geometry}
            strings={evaluation.strings}
            target={plan.target}
            loadName={need.name}
            brightness={evaluation.brightness}
            running={amps >= 0.999 * need.amps}
            amps={amps}
            textScale={PICTURE_TEXT}
          />
        </Box>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 6, fontWeight: 700 }}>
          <span>{formatVolts(source.emfVolts)} open</span>
          <span>{formatOhms(source.resistanceOhms)} inside</span>
          <span>
            {formatAmps(amps)} at {formatVolts(volts)}
          </span>
        </Box>
      </Box>
    </Dialog>
  );
}
