'use client';

import { PlanQuantity } from '../../PlanQuantity';
import { BRIGHTNESS_FROM_AMPS } from '@/core/physics/circuit/brightness';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { DEVICE_KINDS, DEVICE_PRESETS } from '@/core/physics/circuit/devicePresets';
import { LED_COLOURS } from '@/core/physics/circuit/load/ledPresets';
import type { PlanTarget, SeriesResistor } from '@/core/records/plan/planSchema';
import { Card } from '@/ui/Card';
import { LoadDrawing } from '@/ui/desk/LoadDrawing';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { LedCurves } from './LedCurves';
import { EveningHours } from './EveningHours';
import { LessonDate } from './LessonDate';
import { LedFields } from './LedFields';
import {
  BulbFields,
  CapacitorFields,
  DeviceFields,
  LedsFields,
  MotorFields,
  ResistorFields,
} from './LoadFields';
import { TOY_MOTOR } from '@/core/physics/circuit/load/motor';
import { TORCH_BULB } from '@/core/physics/circuit/load/bulb';
import { isLit } from '@/core/records/plan/targetWords';
import { UsualTimes } from '@/ui/UsualTimes';
import { Selection } from '@/ui/TextInput';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';

const KINDS: readonly { kind: PlanTarget['kind']; name: string }[] = [
  { kind: 'led', name: 'An LED' },
  { kind: 'leds', name: 'Several LEDs' },
  { kind: 'device', name: 'A small device' },
  { kind: 'motor', name: 'A motor' },
  { kind: 'bulb', name: 'A bulb' },
  { kind: 'capacitor', name: 'A capacitor' },
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
          sx={{ mb: 2, flexWrap: 'wrap' }}
        >
          {KINDS.map(({ kind, name }) => (
            <ToggleButton key={kind} value={kind} size="small" sx={{ px: 1.5 }}>
              {name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <TargetFields target={target} onChange={setTarget} />
      </Card>
      <Box sx={{ gridRow: { lg: 'span 2' }, alignSelf: 'start' }}>
        <Card title="When, and for how long?">
          <PlanQuantity
            path="minutes"
            label="It must run for"
            kind="minutes"
            sx={{ mt: 1 }}
            fullWidth
          />
          <UsualTimes
            minutes={plan.minutes}
            onChoose={(minutes) => edit((before) => ({ ...before, minutes }))}
          />
          <EveningHours />
          <LessonDate />
          <Box sx={{ display: 'flex', justifyContent: 'center', mt: 2 }}>
            <svg viewBox="-70 -62 140 124" width="170" aria-hidden="true">
              <LoadDrawing
                target={target}
                litAmps={isLit(target) ? BRIGHTNESS_FROM_AMPS[target.brightness] : 0}
                running
              />
            </svg>
          </Box>
          {target.kind === 'led' && target.colour === 'infrared' ? (
            <Typography variant="body2" color="textSecondary" align="center">
              Nobody sees infrared; a phone’s camera may.
            </Typography>
          ) : null}
        </Card>
      </Box>
      {target.kind === 'led' || target.kind === 'device' ? <ResistorCard /> : null}
      {target.kind === 'led' ? <LedCurves target={target} /> : null}
    </Box>
  );
}

interface TargetFieldsProps {
  readonly target: PlanTarget;
  readonly onChange: (target: PlanTarget) => void;
}

function TargetFields({ target, onChange }: TargetFieldsProps) {
  switch (target.kind) {
    case 'led':
      return <LedFields target={target} onChange={onChange} />;
    case 'leds':
      return <LedsFields target={target} onChange={onChange} />;
    case 'device':
      return <DeviceFields target={target} onChange={onChange} />;
    case 'motor':
      return <MotorFields />;
    case 'bulb':
      return <BulbFields target={target} onChange={onChange} />;
    case 'capacitor':
      return <CapacitorFields />;
    case 'resistor':
      return <ResistorFields />;
  }
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
    case 'leds':
      return { kind, colours: ['red', 'amber'], joined: 'side-by-side', brightness: 'dim' };
    case 'motor':
      return { kind, ...TOY_MOTOR };
    case 'bulb':
      return { kind, ...TORCH_BULB, look: 'glows' };
    case 'capacitor':
      return { kind, farads: 4.7e-3, volts: 3, withinMinutes: 5 };
    case 'resistor':
      return { kind, ohms: 1000, wantedAmps: 1e-3 };
  }
}

const CHOICES: Readonly<Record<SeriesResistor['kind'], string>> = {
  'as-needed': 'where one is needed',
  none: 'none',
  own: 'my own',
};
const FIRST_OWN_OHMS = 100;

/** A resistor in series keeps strong cells from burning an LED or a device. */
export function ResistorCard() {
  const { seriesResistor } = usePlan();
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const { seriesResistorOhms, limit, strong, need } = evaluation;
  const set = (next: SeriesResistor, typing: string | null = null): void =>
    edit((before) => ({ ...before, seriesResistor: next }), typing);
  const atMost = limit?.kind === 'volts' ? formatVolts(strong.volts) : formatAmps(strong.amps);
  return (
    <Card title="A resistor in series">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'start', mt: 1 }}>
        <Selection
          label="Resistor"
          value={seriesResistor.kind}
          onChange={(kind) =>
            set(
              kind === 'own'
                ? { kind, ohms: seriesResistorOhms ?? FIRST_OWN_OHMS }
                : { kind: kind === 'none' ? 'none' : 'as-needed' },
            )
          }
          options={Object.entries(CHOICES).map(([kind, name]) => [kind, name] as const)}
        />
        {seriesResistor.kind === 'own' ? (
          <PlanQuantity path="seriesResistor.ohms" label="Its resistance" kind="ohms" />
        ) : null}
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        {seriesResistorOhms === null
          ? `None: a strong class gives the ${need.name} ${atMost} at most.`
          : `${formatOhms(seriesResistorOhms)} stand between + and the ${need.name}: a strong class gives ${atMost} at most.`}
        {limit?.kind === 'amps' ? ` It bears ${formatAmps(limit.most)}.` : ''}
      </Typography>
    </Card>
  );
}
