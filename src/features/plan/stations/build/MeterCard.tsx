'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { MeterSettings } from '@/core/physics/instruments/meterSettings';
import { measurementName, quantityOf, type Measurement } from '@/core/records/logbook/measurement';
import { Card } from '@/ui/Card';
import type { useTool } from '@/ui/document/useTool';
import { lazyPart } from '@/ui/lazyPart';
import type { Taking } from './useMeter';

export type MeterBench = ReturnType<typeof useTool<MeterSettings>>;

const MeterDialog = lazyPart(() => import('./MeterDialog').then((module) => module.MeterDialog));

interface MeterCardProps {
  /** What is read next; `null`: nothing. */
  readonly next: Measurement | null;
  readonly taking: Taking;
  readonly meter: MeterBench;
}

/** Readings from a hand meter are typed; those of a meter in the network are taken with one press. */
export function MeterCard({ next, taking, meter }: MeterCardProps) {
  const [open, setOpen] = useState(false);
  const { inUse } = meter.state;
  const canTake = inUse && next !== null && quantityOf(next) !== 'light';
  return (
    <Card title="The meter" style={{ background: 'var(--mui-palette-background-default)' }}>
      <Typography variant="body2" color="textSecondary">
        {canTake
          ? `Next: ${measurementName(next)}.`
          : 'Read the hand meter and type what it shows at the step: 0.94, 0,94 or 940 mV.'}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        {canTake ? (
          <Button
            size="small"
            variant="outlined"
            disabled={taking.busy}
            onClick={() => taking.take(next)}
          >
            {taking.busy ? 'Reading …' : 'From the meter (R)'}
          </Button>
        ) : null}
        <Button size="small" onClick={() => setOpen(true)}>
          {inUse ? 'Address' : 'A meter in the network …'}
        </Button>
      </Box>
      {taking.problem === null ? null : (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {taking.problem}
        </Alert>
      )}
      {open ? (
        <MeterDialog
          settings={meter.state}
          onUse={(settings) => {
            meter.change(settings);
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </Card>
  );
}
