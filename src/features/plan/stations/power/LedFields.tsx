'use client';

import Button from '@mui/material/Button';
import { PlanQuantity } from '../../PlanQuantity';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormLabel from '@mui/material/FormLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import Typography from '@mui/material/Typography';
import {
  BRIGHTNESS_FROM_AMPS,
  WANTED_BRIGHTNESSES,
  type WantedBrightness,
} from '@/core/physics/circuit/brightness';
import { LED_COLOURS, LED_PRESETS, type LedColour } from '@/core/physics/circuit/load/ledPresets';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { formatAmps, formatVolts } from '@/core/units';
import { LoadDrawing } from '@/ui/desk/LoadDrawing';

type LedTarget = Extract<PlanTarget, { kind: 'led' }>;

const BRIGHTNESS_WORDS: Readonly<Record<WantedBrightness, string>> = {
  glimmer: 'A glimmer, in a darkened room',
  dim: 'Dim, visible on the desk',
  clear: 'Clear, seen by the whole class',
  bright: 'Bright',
};

interface LedFieldsProps {
  readonly target: LedTarget;
  readonly onChange: (target: PlanTarget) => void;
}

export function LedFields({ target, onChange }: LedFieldsProps) {
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: { sm: 'minmax(0, 3fr) minmax(0, 2fr)' },
      }}
    >
      <Box>
        <FormLabel id="led-colour">Colour of the LED, and its volts at 1 mA</FormLabel>
        <RadioGroup
          aria-labelledby="led-colour"
          value={target.colour}
          onChange={(event) => {
            // What was read is of one pack.
            const { brightness } = target;
            onChange({ kind: 'led', colour: event.target.value as LedColour, brightness });
          }}
          sx={{
            display: 'grid',
            gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))',
            gap: 1,
            mt: 1,
          }}
        >
          {LED_COLOURS.map((colour) => (
            <ColourChoice key={colour} colour={colour} chosen={colour === target.colour} />
          ))}
        </RadioGroup>
      </Box>
      <Box>
        <FormLabel id="led-brightness">How bright?</FormLabel>
        <RadioGroup
          aria-labelledby="led-brightness"
          value={target.brightness}
          onChange={(event) =>
            onChange({ ...target, brightness: event.target.value as WantedBrightness })
          }
          sx={{ gap: 0.5, '& .MuiFormControlLabel-label': { lineHeight: 1.3 } }}
        >
          {WANTED_BRIGHTNESSES.map((brightness) => (
            <FormControlLabel
              key={brightness}
              value={brightness}
              control={<Radio size="small" />}
              label={`${BRIGHTNESS_WORDS[brightness]} (from ${formatAmps(BRIGHTNESS_FROM_AMPS[brightness])})`}
            />
          ))}
        </RadioGroup>
        <Typography variant="caption" color="textSecondary" component="p" sx={{ mt: 1 }}>
          For a 3 mm high-efficiency LED. Of the visible ones red needs the least.
        </Typography>
        <LedPack target={target} onChange={onChange} />
      </Box>
    </Box>
  );
}

/** Packs of one colour differ; one LED of it that is read makes the pack known. */
function LedPack({ target, onChange }: LedFieldsProps) {
  const { pack, ...unread } = target;
  if (pack === undefined) {
    const start = { volts: LED_PRESETS[target.colour].voltsAt1mA, amps: 1e-3 };
    return (
      <Button size="small" sx={{ mt: 1 }} onClick={() => onChange({ ...target, pack: start })}>
        Read one LED of your pack
      </Button>
    );
  }
  return (
    <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr', mt: 1.5 }}>
      <PlanQuantity path="target.pack.volts" label="Volts across it" kind="volts" />
      <PlanQuantity path="target.pack.amps" label="mA through it" kind="milliamps" />
      <Typography variant="caption" color="textSecondary">
        Read while it is lit.
      </Typography>
      <Button size="small" onClick={() => onChange(unread)}>
        Do without
      </Button>
    </Box>
  );
}

function ColourChoice({ colour, chosen }: { colour: LedColour; chosen: boolean }) {
  const { name, voltsAt1mA } = LED_PRESETS[colour];
  const label = name.replace(/ LED$/, '');
  return (
    <FormControlLabel
      value={colour}
      control={<Radio size="small" sx={{ p: 0.5 }} />}
      sx={{
        m: 0,
        px: 1,
        py: 0.75,
        border: 1.5,
        borderColor: chosen ? 'primary.main' : 'divider',
        borderRadius: 1,
        '&:has(:focus-visible)': { outline: 2 },
      }}
      label={
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <svg viewBox="-22 -24 44 74" width="20" height="34" aria-hidden="true">
            <LoadDrawing
              target={{ kind: 'led', colour, brightness: 'dim' }}
              litAmps={0}
              running={false}
            />
          </svg>
          <span>
            <Box
              component="span"
              sx={{ display: 'block', fontWeight: chosen ? 700 : 500, lineHeight: 1.2 }}
            >
              {label}
            </Box>{' '}
            <Box component="span" sx={{ fontSize: '0.78rem', color: 'text.secondary' }}>
              {formatVolts(voltsAt1mA)}
            </Box>
          </span>
        </Box>
      }
    />
  );
}
