'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { MeterSettings } from '@/core/physics/instruments/meterSettings';
import { Card } from '@/ui/Card';
import type { useTool } from '@/ui/document/useTool';
import { fetched } from '@/ui/fetched';

export type MeterBench = ReturnType<typeof useTool<MeterSettings>>;

const MeterDialog = fetched(() => import('./MeterDialog').then((module) => module.MeterDialog));

/** Where the bench meter is; most classes have none and type. */
export function MeterCard({ meter }: { readonly meter: MeterBench }) {
  const { host, port } = meter.state;
  const [open, setOpen] = useState(false);
  return (
    <Card
      title="Bench meter"
      actions={
        <Button size="small" onClick={() => setOpen(true)}>
          Address
        </Button>
      }
    >
      <Typography variant="body2" color="textSecondary">
        {host}:{port}. Readings can be taken from a bench meter that speaks SCPI over the network,
        or from its stand-in (npm run meter). A hand meter is read and typed.
      </Typography>
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
