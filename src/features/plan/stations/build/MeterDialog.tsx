'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { TextInput } from '@/ui/TextInput';
import { useState } from 'react';
import { meterSettingsSchema, type MeterSettings } from '@/core/physics/instruments/meterSettings';

interface MeterDialogProps {
  readonly settings: MeterSettings;
  readonly onUse: (settings: MeterSettings) => void;
  readonly onClose: () => void;
}

/** Where the bench meter is. */
export function MeterDialog({ settings, onUse, onClose }: MeterDialogProps) {
  const [host, setHost] = useState(settings.host);
  const [port, setPort] = useState(String(settings.port));
  const parsed = meterSettingsSchema.safeParse({ host, port: Number(port) });
  const problemOf = (field: string): string | undefined =>
    parsed.error?.issues.find(({ path }) => path[0] === field)?.message;
  return (
    <Dialog open onClose={onClose} aria-labelledby="meter-address">
      <DialogTitle id="meter-address">Where is the meter?</DialogTitle>
      <DialogContent>
        <Box sx={{ display: 'grid', gap: 1.5, pt: 1, minWidth: 320 }}>
          <TextInput
            label="Name or address"
            value={host}
            onChange={(event) => setHost(event.target.value)}
            error={problemOf('host') !== undefined}
            helperText={problemOf('host')}
          />
          <TextInput
            label="Port"
            value={port}
            onChange={(event) => setPort(event.target.value)}
            error={problemOf('port') !== undefined}
            helperText={problemOf('port')}
          />
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={!parsed.success}
          onClick={() => {
            if (parsed.success) onUse(parsed.data);
          }}
        >
          Use this
        </Button>
      </DialogActions>
    </Dialog>
  );
}
