'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogContentText from '@mui/material/DialogContentText';
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
  const parsed = meterSettingsSchema.safeParse({ host, port: Number(port), inUse: true });
  const problemOf = (field: string): string | undefined =>
    parsed.error?.issues.find(({ path }) => path[0] === field)?.message;
  return (
    <Dialog open onClose={onClose} aria-labelledby="meter-address">
      <DialogTitle id="meter-address">Where is the meter?</DialogTitle>
      <DialogContent>
        <DialogContentText>
          A bench meter that speaks SCPI over the network can be read from here. A hand meter needs
          nothing of this.
        </DialogContentText>
        <Box sx={{ display: 'grid', gap: 1.5, pt: 2, minWidth: 280 }}>
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
        {settings.inUse ? (
          <Button onClick={() => onUse({ ...settings, inUse: false })}>Use no such meter</Button>
        ) : null}
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
