'use client';

import { PlanQuantity } from '../../PlanQuantity';
import { BRIGHTNESS_FROM_AMPS } from '@/core/physics/circuit/brightness';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { DEVICE_KINDS, DEVICE_PRESETS } from '@/core/physics/circuit/devicePresets';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { Card } from '@/ui/Card';
import { LoadDrawing } from '@/ui/desk/LoadDrawing';
import { useEdit, usePlan } from '../../PlanProvider';
import { DeviceFields, ResistorFields } from './LoadFields';
import { LedCurves } from './LedCurves';
import { LessonDate } from './LessonDate';
import { LedFields } from './LedFields';
import { ResistorCard } from './ResistorCard';
import { UsualTimes } from '@/ui/UsualTimes';

const KINDS: readonly { kind: PlanTarget['kind']; name: string }[] = [
  { kind: 'led', name: 'An LED' },
  { kind: 'device', name: 'A small device' },
  { kind: 'resistor', name: 'A resistor' },
];

/** Station 1: what is to be powered, how well and for how long. */
export function PowerStation() {
  const plan = usePlan();
  const edit = useEdit();
  const { target } = plan;
  const setTarget = (next: PlanTarget): void => edit((before) => ({ ...before, target: next }));
  return (
    <Box
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { lg: 'minmax(0, 2fr) minmax(0, 1fr)' } }}
    >
      <Card title="What do you want to light or run?">
        <ToggleButtonGroup
          exclusive
          value={target.kind}
          aria-label="Kind of load"
          onChange={(_, kind: PlanTarget['kind'] | null) => {
            if (kind !== null && kind !== target.kind) setTarget(startOf(kind));
          }}
          sx={{ mb: 2 }}
        >
          {KINDS.map(({ kind, name }) => (
            <ToggleButton key={kind} value={kind} size="small" sx={{ px: 2 }}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {target.kind === 'led' ? <LedFields target={target} onChange={setTarget} /> : null}
        {target.kind === 'device' ? <DeviceFields target={target} onChange={setTarget} /> : null}
        {target.kind === 'resistor' ? <ResistorFields /> : null}
      </Card>
      <Box sx={{ gridRow: { lg: 'span 2' }, alignSelf: 'start' }}>
        <Card title="When, and for how long?">
          <PlanQuantity
            path="minutes"
            label="It must run for"
            kind="minutes"
            sx={{ mt: 1 }}
            helperText="The plan is judged for all of that time."
            fullWidth
          />
          <UsualTimes
            minutes={plan.minutes}
            onChoose={(minutes) => edit((before) => ({ ...before, minutes }))}
          />
          <LessonDate />
          <Box sx={{ display: 'flex', justifyContent: 'center', mt: 2 }}>
            <svg viewBox="-70 -62 140 124" width="170" aria-hidden="true">
              <LoadDrawing
                target={target}
                litAmps={target.kind === 'led' ? BRIGHTNESS_FROM_AMPS[target.brightness] : 0}
                running
              />
            </svg>
          </Box>
          <Typography variant="body2" color="textSecondary" align="center">
            {target.kind === 'led' && target.colour === 'infrared'
              ? 'Nobody sees infrared; a phone’s camera may.'
              : 'What you are aiming for.'}
          </Typography>
        </Card>
      </Box>
      {target.kind === 'resistor' ? null : <ResistorCard />}
      {target.kind === 'led' ? <LedCurves target={target} /> : null}
    </Box>
  );
}

/** Where each kind of load starts from. */
function startOf(kind: PlanTarget['kind']): PlanTarget {
  switch (kind) {
    case 'led':
      return { kind, colour: LED_COLOURS[1], brightness: 'dim' };
    case 'device': {
      const device = DEVICE_KINDS[0];
      const { leastVolts, amps } = DEVICE_PRESETS[device];
      return { kind, device, leastVolts, amps };
    }
    case 'resistor':
      return { kind, ohms: 1000, wantedAmps: 1e-3 };
  }
}
