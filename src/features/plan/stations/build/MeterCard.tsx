'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { meterSettingsSchema, type MeterSettings } from '@/core/physics/instruments/meterSettings';
import { Card } from '@/ui/Card';
import type { useTool } from '@/ui/document/useTool';

export type MeterBench = ReturnType<typeof useTool<MeterSettings>>;

/** Where the bench meter is; most classes have none and type. */
export function MeterCard({ meter }: { readonly meter: MeterBench }) {
  const { host, port } = meter.state;
  const [draft, setDraft] = useState<{ host: string; port: string } | null>(null);
  const parsed = meterSettingsSchema.safeParse({
    host: draft?.host ?? host,
    port: Number(draft?.port ?? port),
  });
  const problemOf = (field: string): string | undefined =>
    parsed.error?.issues.find(({ path }) => path[0] === field)?.message;
  return (
    <Card
      title="Bench meter"
      actions={
        <Button size="small" onClick={() => setDraft({ host, port: String(port) })}>
          Address
        </Button>
      }
    >
      <Typography variant="body2" color="textSecondary">
        {host}:{port}. Readings can be taken from a bench meter that speaks SCPI over the network,
        or from its stand-in (npm run meter). A hand meter is read and typed.
      </Typography>
      <Dialog open={draft !== null} onClose={() => setDraft(null)} aria-labelledby="meter-address">
        <DialogTitle id="meter-address">Where is the meter?</DialogTitle>
        <DialogContent>
          <Box sx={{ display: 'grid', gap: 1.5, pt: 1, minWidth: 320 }}>
            <TextField
              label="Name or address"
              value={draft?.host ?? ''}
              onChange={(event) => setDraft({ host: event.target.value, port: draft?.port ?? '' })}
              error={problemOf('host') !== undefined}
              helperText={problemOf('host')}
            />
            <TextField
              label="Port"
              value={draft?.port ?? ''}
              onChange={(event) => setDraft({ host: draft?.host ?? '', port: event.target.value })}
              error={problemOf('port') !== undefined}
              helperText={problemOf('port')}
            />
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setDraft(null)}>Cancel</Button>
          <Button
            variant="contained"
            disabled={!parsed.success}
            onClick={() => {
              if (parsed.success) meter.change(parsed.data);
              setDraft(null);
            }}
          >
            Use this
          </Button>
        </DialogActions>
      </Dialog>
    </Card>
  );
}
