'use client';

import { capital } from '@/core/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useCallback, useState } from 'react';
import { LED_COLOURS, LED_PRESETS, type LedColour } from '@/core/physics/circuit/load/ledPresets';
import { stockOnHandSchema, type StockOnHand } from '@/core/work/planning/bestFromCupboard';
import { nameOfTarget } from '@/core/records/plan/loadRequirement';
import { asPercentRounded } from '@/core/work/planning/verdict';
import { formatAmps, formatMinutes } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';
import { JobStatus } from '@/ui/JobStatus';
import { useWorkerJob } from '@/workers/useWorkerJob';
import { useEdit, usePlan, usePlanContext } from '../../../PlanProvider';
import { withWiringOption } from './withWiringOption';

const VISIBLE = LED_COLOURS.filter((colour) => LED_PRESETS[colour].visible);

/** “I have so many of these”: the best thing that can be lit with them. */
export function FromCupboard({ onClose }: { onClose: () => void }) {
  const plan = usePlan();
  const edit = useEdit();
  const { cell } = usePlanContext().evaluation;
  const [cupboard, setCupboard] = useState<StockOnHand>({
    bodies: 9,
    plusMetals: 10,
    minusMetals: 14,
    colours: VISIBLE,
    leds: 1,
  });
  const job = useWorkerJob(
    useCallback((jobs) => jobs.bestFromCupboard(cell, plan, cupboard), [cell, plan, cupboard]),
  );
  const best = job.latest;
  const field = (label: string, key: 'bodies' | 'plusMetals' | 'minusMetals') => (
    <QuantityField
      label={label}
      kind="count"
      value={cupboard[key]}
      format={String}
      schema={stockOnHandSchema.shape[key]}
      onCommit={(count) => {
        if (count !== null) setCupboard({ ...cupboard, [key]: count });
      }}
    />
  );
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="cupboard-title">
      <DialogTitle id="cupboard-title">What is in the cupboard?</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr 1fr' }, my: 1 }}>
          {field(capital(cell.body.plural), 'bodies')}
          {field(`− ${cell.recipe.minus.material} parts`, 'minusMetals')}
          {field(`+ ${cell.recipe.plus.material} parts`, 'plusMetals')}
        </Box>
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '2fr 1fr' }, mb: 1 }}>
          <TextField
            select
            label="LEDs that are there"
            value={cupboard.colours}
            onChange={(event) =>
              setCupboard({ ...cupboard, colours: coloursOf(event.target.value) })
            }
            slotProps={{ select: { multiple: true } }}
          >
            {VISIBLE.map((colour) => (
              <MenuItem key={colour} value={colour}>
                {LED_PRESETS[colour].name}
              </MenuItem>
            ))}
          </TextField>
          <QuantityField
            label="Lit at once"
            kind="count"
            value={cupboard.leds}
            format={String}
            schema={stockOnHandSchema.shape.leds}
            onCommit={(leds) => {
              if (leds !== null) setCupboard({ ...cupboard, leds });
            }}
          />
        </Box>
        {best === null || job.failure !== null ? <JobStatus job={job} /> : null}
        <Box component="ul" aria-label="What can be lit" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {best?.map(({ target, candidate }) => (
            <Box
              component="li"
              key={`${nameOfTarget(target)}`}
              sx={{
                display: 'flex',
                alignItems: 'center',
                gap: 1,
                borderBottom: 1,
                borderColor: 'divider',
                py: 0.5,
              }}
            >
              <Typography variant="body2" sx={{ flex: 1 }}>
                <strong>
                  {cupboard.leds === 1 ? '' : `${cupboard.leds} × `}
                  {capital(nameOfTarget(target))}
                  {target.kind === 'led' ? `, ${target.brightness}` : ''}
                </strong>
                : {candidate.cellsInSeries} in series × {candidate.strings}
                {candidate.pairsPerBody === 1
                  ? ''
                  : ` with ${candidate.pairsPerBody} pairs each`};{' '}
                {formatAmps(candidate.atEnd.amps)} after {formatMinutes(plan.minutes)}, works in{' '}
                {asPercentRounded(candidate.chance)} of 100 classes
              </Typography>
              <Button
                size="small"
                onClick={() => {
                  edit((before) => ({ ...withWiringOption(before, candidate, true), target }));
                  onClose();
                }}
              >
                Plan that
              </Button>
            </Box>
          ))}
        </Box>
        {best?.length === 0 ? (
          <Typography variant="body2">
            No LED that is there glows with so few: more bodies, or more metal in them, are needed.
          </Typography>
        ) : null}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}

/** What a field with several choices gives, as colours. */
function coloursOf(value: unknown): LedColour[] {
  const chosen: unknown[] = Array.isArray(value) ? value : [];
  return VISIBLE.filter((colour) => chosen.includes(colour));
}
