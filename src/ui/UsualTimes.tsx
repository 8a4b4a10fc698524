'use client';

import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import { USUAL_MINUTES } from '@/core/records/plan/newPlan';
import { formatMinutes } from '@/core/units';

/** Times that people ask for, minutes. */
const TIMES: readonly { readonly name: string; readonly minutes: number }[] = [
  { name: 'just to show it', minutes: 1 / 6 },
  { name: 'while the class looks', minutes: USUAL_MINUTES },
  { name: 'a lesson', minutes: 45 },
  { name: 'an evening', minutes: 240 },
  { name: 'days', minutes: 2880 },
];

interface UsualTimesProps {
  readonly minutes: number;
  readonly onChoose: (minutes: number) => void;
}

/** The usual times as presses. */
export function UsualTimes({ minutes, onChoose }: UsualTimesProps) {
  return (
    <Box
      role="group"
      aria-label="Usual times"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 1, mb: 2 }}
    >
      {TIMES.map(({ name, minutes: usual }) => {
        const chosen = Math.abs(minutes - usual) < 1e-3;
        return (
          <Chip
            key={name}
            size="small"
            clickable
            aria-pressed={chosen}
            color={chosen ? 'primary' : 'default'}
            variant={chosen ? 'filled' : 'outlined'}
            label={`${name} (${formatMinutes(usual)})`}
            onClick={() => onChoose(usual)}
          />
        );
      })}
    </Box>
  );
}
