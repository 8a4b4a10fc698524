'use client';

import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { verdictOf } from '@/core/work/judging/verdict';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { deskGeometry } from '@/core/physics/desk/deskGeometry';
import { DeskPicture } from '@/ui/desk/DeskPicture';
import { ProjectorFrame } from '@/ui/ProjectorFrame';
import { VerdictPill } from '@/ui/VerdictPill';
import { usePlan, usePlanContext } from './PlanProvider';

/** Text in the picture against its usual size: it is shown about one and three quarter times as large as it is drawn. */
const PICTURE_TEXT = 1.45;

/** Desk, stairs and verdict alone, large enough for the back row. */
export function ProjectorView({ onClose }: { onClose: () => void }) {
  const plan = usePlan();
  const { evaluation } = usePlanContext();
  const { desk, need, source, amps, volts } = evaluation;
  const geometry = useMemo(() => deskGeometry(desk), [desk]);
  return (
    <ProjectorFrame title={plan.title} onClose={onClose}>
      <Box sx={{ '& *': { fontSize: 'inherit !important' } }}>
        <VerdictPill {...verdictOf(evaluation)} />
      </Box>
      <Box
        sx={{
          flex: 1,
          height: 0,
          minHeight: '50vh',
          '& svg': { width: '100%', height: '100%' },
        }}
      >
        <DeskPicture
          desk={desk}
          geometry={geometry}
          strings={evaluation.strings}
          target={plan.target}
          loadName={need.name}
          running={amps >= 0.999 * need.amps}
          amps={amps}
          atEnd={evaluation.atEnd}
          resistorOhms={evaluation.seriesResistorOhms}
          textScale={PICTURE_TEXT}
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 6, fontWeight: 700 }}>
        <span>{formatVolts(source.emfVolts)} with nothing connected</span>
        <span>internal resistance {formatOhms(source.resistanceOhms)}</span>
        <span>
          {formatAmps(amps)} at {formatVolts(volts)}
        </span>
      </Box>
    </ProjectorFrame>
  );
}
