'use client';

import { PlanQuantity } from '../../PlanQuantity';
import Box from '@mui/material/Box';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { DEVICE_KINDS, DEVICE_PRESETS } from '@/core/physics/circuit/devicePresets';
import type { PlanTarget } from '@/core/records/plan/planSchema';

interface DeviceFieldsProps {
  readonly target: Extract<PlanTarget, { kind: 'device' }>;
  readonly onChange: (target: PlanTarget) => void;
}

export function DeviceFields({ target, onChange }: DeviceFieldsProps) {
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 520 }}>
      <Selection
        label="Device"
        value={target.device}
        onChange={(device) => {
          const { leastVolts, amps } = DEVICE_PRESETS[device];
          onChange({ kind: 'device', device, leastVolts, amps });
        }}
        options={DEVICE_KINDS.map((device) => [device, DEVICE_PRESETS[device].name] as const)}
      />
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr' }}>
        <PlanQuantity path="target.leastVolts" label="Runs from (volts)" kind="volts" />
        <PlanQuantity path="target.amps" label="Draws while running (mA)" kind="milliamps" />
      </Box>
      <Typography variant="caption" color="textSecondary">
        Typical values; what stands on the device or its packet is better.
      </Typography>
    </Box>
  );
}

export function ResistorFields() {
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', maxWidth: 520 }}>
      <PlanQuantity path="target.ohms" label="Resistance (ohms)" kind="ohms" />
      <PlanQuantity
        path="target.wantedAmps"
        label="Current wanted through it (mA)"
        kind="milliamps"
      />
    </Box>
  );
}
