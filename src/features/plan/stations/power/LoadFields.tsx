'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { WANTED_BRIGHTNESSES } from '@/core/physics/circuit/brightness';
import { DEVICE_KINDS, DEVICE_PRESETS } from '@/core/physics/circuit/devicePresets';
import { LED_COLOURS, LED_PRESETS, type LedColour } from '@/core/physics/circuit/load/ledPresets';
import { deviceTargetSchema, MAX_LEDS, type PlanTarget } from '@/core/records/plan/planSchema';
import { Choice } from '@/ui/Choice';
import { CountStepper } from '@/ui/CountStepper';
import { Selection } from '@/ui/TextInput';
import { WordsField } from '@/ui/WordsField';
import { PlanQuantity } from '../../PlanQuantity';

interface FieldsProps<Kind extends PlanTarget['kind']> {
  readonly target: Extract<PlanTarget, { kind: Kind }>;
  readonly onChange: (target: PlanTarget) => void;
}

const TWO = { display: 'grid', gap: 2, gridTemplateColumns: '1fr 1fr', maxWidth: 520 } as const;

function Note({ children }: { readonly children: string }) {
  return (
    <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1.5 }}>
      {children}
    </Typography>
  );
}

/** How many LEDs, of which colours, joined how. */
export function LedsFields({ target, onChange }: FieldsProps<'leds'>) {
  const { colours, joined, brightness } = target;
  const withCount = (count: number): LedColour[] =>
    Array.from({ length: count }, (_, index) => colours[index] ?? colours.at(-1) ?? 'red');
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 560 }}>
      <CountStepper
        label="LEDs"
        value={colours.length}
        least={2}
        most={MAX_LEDS}
        onChange={(count) => onChange({ ...target, colours: withCount(count) })}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {colours.map((colour, index) => (
          <Selection
            key={index}
            label={`LED ${index + 1}`}
            value={colour}
            onChange={(chosen) => onChange({ ...target, colours: colours.with(index, chosen) })}
            options={LED_COLOURS.map(
              (one) => [one, LED_PRESETS[one].name.replace(/ LED$/, '')] as const,
            )}
            sx={{ minWidth: 120 }}
          />
        ))}
      </Box>
      <Choice
        label="How they are joined"
        value={joined}
        options={[
          ['side-by-side', 'side by side: each takes its own current'],
          ['in-a-row', 'one after another: their volts add up'],
        ]}
        onChange={(chosen) => onChange({ ...target, joined: chosen })}
      />
      <Selection
        label="How bright is each at least?"
        value={brightness}
        onChange={(chosen) => onChange({ ...target, brightness: chosen })}
        options={WANTED_BRIGHTNESSES.map((one) => [one, one] as const)}
      />
      <Note>
        Side by side the colour that needs least volts takes most of the current: the plan is judged
        by the darkest.
      </Note>
    </Box>
  );
}

export function DeviceFields({ target, onChange }: FieldsProps<'device'>) {
  return (
    <Box sx={{ display: 'grid', gap: 2, maxWidth: 520 }}>
      <Selection
        label="Device"
        value={target.device}
        onChange={(device) => {
          const { leastVolts, mostVolts, amps } = DEVICE_PRESETS[device];
          const own = device === 'own-device' ? { name: 'my device', mostVolts } : {};
          onChange({ kind: 'device', device, leastVolts, amps, ...own });
        }}
        options={DEVICE_KINDS.map((device) => [device, DEVICE_PRESETS[device].name] as const)}
      />
      {target.device === 'own-device' ? (
        <WordsField
          label="What it is called"
          value={target.name ?? ''}
          schema={deviceTargetSchema.shape.name.def.innerType}
          onCommit={(name) => onChange({ ...target, name })}
        />
      ) : null}
      <Box sx={TWO}>
        <PlanQuantity path="target.leastVolts" label="Runs from (volts)" kind="volts" />
        <PlanQuantity path="target.amps" label="Draws while running (mA)" kind="milliamps" />
        {target.mostVolts === undefined ? null : (
          <PlanQuantity path="target.mostVolts" label="At most (volts)" kind="volts" />
        )}
      </Box>
      <Note>Typical values; what stands on the device or its packet is better.</Note>
    </Box>
  );
}

export function MotorFields() {
  return (
    <>
      <Box sx={TWO}>
        <PlanQuantity path="target.startVolts" label="Starts from (volts)" kind="volts" />
        <PlanQuantity path="target.freeAmps" label="Running free (mA)" kind="milliamps" />
        <PlanQuantity path="target.ratedVolts" label="Held still at (volts)" kind="volts" />
        <PlanQuantity path="target.stallAmps" label="Held still it takes (mA)" kind="milliamps" />
      </Box>
      <Note>
        A motor that stands still takes many times what it takes turning. The plan is judged by the
        start: it must be able to start at any moment of its time.
      </Note>
    </>
  );
}

export function BulbFields({ target, onChange }: FieldsProps<'bulb'>) {
  return (
    <>
      <Box sx={TWO}>
        <PlanQuantity path="target.ratedVolts" label="Printed on it (volts)" kind="volts" />
        <PlanQuantity path="target.ratedAmps" label="Printed on it (mA)" kind="milliamps" />
      </Box>
      <Choice
        label="How should it look?"
        value={target.look}
        options={[
          ['glows', 'it glows: a twentieth of its power'],
          ['shines', 'it shines: half of its power'],
        ]}
        onChange={(look) => onChange({ ...target, look })}
      />
      <Note>
        Cold, a filament has a tenth of its hot resistance. Most cells of ours cannot feed it.
      </Note>
    </>
  );
}

export function CapacitorFields() {
  return (
    <>
      <Box sx={TWO}>
        <PlanQuantity path="target.farads" label="Capacitor" kind="farads" />
        <PlanQuantity path="target.volts" label="Charged to (volts)" kind="volts" />
        <PlanQuantity path="target.withinMinutes" label="Within" kind="minutes" />
      </Box>
      <Note>An adult’s work: mind + and − and the rated voltage.</Note>
    </>
  );
}

export function ResistorFields() {
  return (
    <Box sx={TWO}>
      <PlanQuantity path="target.ohms" label="Resistance (ohms)" kind="ohms" />
      <PlanQuantity
        path="target.wantedAmps"
        label="Current wanted through it (mA)"
        kind="milliamps"
      />
    </Box>
  );
}
