'use client';

import Box from '@mui/material/Box';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import {
  DEVICE_KINDS,
  DEVICE_PRESETS,
  type DeviceKind,
} from '@/core/physics/circuit/devicePresets';
import {
  deviceTargetSchema,
  resistorTargetSchema,
  type PlanTarget,
} from '@/core/records/plan/planSchema';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { QuantityField } from '@/ui/QuantityField';

interface FieldsProps<Kind extends PlanTarget['kind']> {
  readonly target: Extract<PlanTarget, { kind: Kind }>;
  readonly onChange: (target: PlanTarget, typing?: string) => void;
}

export function DeviceFields({ target, onChange }: FieldsProps<'device'>) {
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 520 }}>
      <Selection
        label="Device"
        value={target.device}
        onChange={(chosen) => {
          const device = chosen as DeviceKind;
          const { leastVolts, amps } = DEVICE_PRESETS[device];
          onChange({ kind: 'device', device, leastVolts, amps });
        }}
      >
        {DEVICE_KINDS.map((device) => (
          <option key={device} value={device}>
            {DEVICE_PRESETS[device].name}
          </option>
        ))}
      </Selection>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr' }}>
        <QuantityField
          label="Runs from (volts)"
          kind="volts"
          value={target.leastVolts}
          format={formatVolts}
          schema={deviceTargetSchema.shape.leastVolts}
          onCommit={(leastVolts) => {
            if (leastVolts !== null) onChange({ ...target, leastVolts }, 'least-volts');
          }}
        />
        <QuantityField
          label="Draws while running (mA)"
          kind="milliamps"
          value={target.amps}
          format={formatAmps}
          schema={deviceTargetSchema.shape.amps}
          onCommit={(amps) => {
            if (amps !== null) onChange({ ...target, amps }, 'device-amps');
          }}
        />
      </Box>
      <Typography variant="caption" color="textSecondary">
        Typical values; what stands on the device or its packet is better.
      </Typography>
    </Box>
  );
}

export function ResistorFields({ target, onChange }: FieldsProps<'resistor'>) {
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', maxWidth: 520 }}>
      <QuantityField
        label="Resistance (ohms)"
        kind="ohms"
        value={target.ohms}
        format={formatOhms}
        schema={resistorTargetSchema.shape.ohms}
        onCommit={(ohms) => {
          if (ohms !== null) onChange({ ...target, ohms }, 'ohms');
        }}
      />
      <QuantityField
        label="Current wanted through it (mA)"
        kind="milliamps"
        value={target.wantedAmps}
        format={formatAmps}
        schema={resistorTargetSchema.shape.wantedAmps}
        onCommit={(wantedAmps) => {
          if (wantedAmps !== null) onChange({ ...target, wantedAmps }, 'wanted-amps');
        }}
      />
    </Box>
  );
}
