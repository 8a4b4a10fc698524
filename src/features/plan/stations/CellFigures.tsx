'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { formatAmps, formatOhms, formatVolts, formatWatts } from '@/core/units';
import { usePlanContext } from '../PlanProvider';

/** What the plan reckons one cell with, and what that means. */
export function CellFigures() {
  const { model, origin } = usePlanContext().evaluation.cell;
  const { emfVolts, resistanceOhms } = model;
  const mostWatts = emfVolts ** 2 / (4 * resistanceOhms);
  return (
    <Box
      sx={{ mt: 2, p: 1.5, borderRadius: 1, bgcolor: 'primary.light' }}
      data-testid="cell-figures"
    >
      <Typography variant="h3" gutterBottom>
        {origin === 'own' ? 'Your cell, measured' : 'A typical cell'}
      </Typography>
      <Box
        component="dl"
        sx={{ m: 0, display: 'grid', gridTemplateColumns: '1fr auto', rowGap: 0.5 }}
      >
        <Figure name="Open-circuit voltage">{formatVolts(emfVolts)}</Figure>
        <Figure name="Internal resistance">{formatOhms(resistanceOhms)}</Figure>
        <Figure name="Current when shorted">{formatAmps(emfVolts / resistanceOhms)}</Figure>
        <Figure name="Most power it can give">{formatWatts(mostWatts)}</Figure>
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        The most power is E² ÷ 4r, at half the voltage. Volts × amps from the two readings would be
        four times too much: they never occur together.
      </Typography>
    </Box>
  );
}

function Figure({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <Typography component="dt" variant="body2">
        {name}
      </Typography>
      <Typography component="dd" variant="body2" sx={{ m: 0, fontWeight: 700, textAlign: 'right' }}>
        {children}
      </Typography>
    </>
  );
}
