'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { cellAmpsAt, isLinearCell } from '@/core/physics/cell/cellModel';
import type { FittedParameter } from '@/core/physics/readings/fitCell';
import { maxPowerWatts } from '@/core/physics/cell/maxPower';
import type { PlannedCell } from '@/core/physics/readings/plannedCell';
import { formatAmps, formatNumber, formatOhms, formatVolts, formatWatts } from '@/core/units';
import { usePlanContext } from '../../PlanProvider';

const HEADINGS: Readonly<Record<PlannedCell['origin'], string>> = {
  own: 'Your cell, measured',
  school: 'Such a cell at your school',
  typical: 'A typical cell',
};

/** The cell that was read, or what is expected of one, and what that means. */
export function CellFigures() {
  const { cell } = usePlanContext().evaluation;
  const { origin, own } = cell;
  const model = own?.status === 'used' ? own.model : cell.model;
  const remark = remarkOn(cell);
  const errorOf = (name: FittedParameter['name']): number | null =>
    own?.status === 'used'
      ? (own.fits?.best.parameters.find((one) => one.name === name)?.standardError ?? null)
      : null;
  const { emfVolts } = model;
  const shortAmps = cellAmpsAt(model, 0);
  return (
    <Box sx={{ p: 1.5, borderRadius: 1, bgcolor: 'primary.light' }} data-testid="cell-figures">
      <Typography variant="h3" gutterBottom>
        {HEADINGS[origin]}
      </Typography>
      <Box
        component="dl"
        sx={{ m: 0, display: 'grid', gridTemplateColumns: '1fr auto', rowGap: 0.5 }}
      >
        <Figure name="Open-circuit voltage">
          {withError(emfVolts, errorOf('emfVolts'), formatVolts)}
        </Figure>
        <Figure name={isLinearCell(model) ? 'Internal resistance' : 'Resistance when shorted'}>
          {isLinearCell(model)
            ? withError(model.resistanceOhms, errorOf('resistanceOhms'), formatOhms)
            : formatOhms(emfVolts / shortAmps)}
        </Figure>
        <Figure name="Current when shorted">{formatAmps(shortAmps)}</Figure>
        <Figure name="Most power it can give">{formatWatts(maxPowerWatts(model))}</Figure>
      </Box>
      {remark === null ? null : (
        <Typography variant="caption" component="p" sx={{ mt: 1, fontWeight: 700 }}>
          {remark}
        </Typography>
      )}
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {isLinearCell(model)
          ? 'The most power is E² ÷ 4r, at half the voltage. Volts × amps from the two readings would be four times too much: they never occur together.'
          : 'A polarisation curve: the volts sag at once a little, then steadily, then fall away when the reactions cannot keep up. Volts × amps from two readings never occur together.'}
      </Typography>
    </Box>
  );
}

/** Why these figures are not quite those of the readings: films had built up by then. */
function remarkOn({ own }: PlannedCell): string | null {
  return own?.status === 'used' && own.secondsAfter > 0
    ? `You read it after ${formatNumber(own.secondsAfter, 2)} s; these are its figures at once after connecting.`
    : null;
}

/** A figure with its standard error, where one is known. */
function withError(value: number, error: number | null, format: (value: number) => string): string {
  return error === null ? format(value) : `${format(value)} ± ${format(error)}`;
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
