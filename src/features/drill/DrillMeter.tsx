'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { CURRENT_RANGES, VOLT_RANGES } from '@/core/physics/instruments/meter';
import type { Probing } from '@/core/work/drill/probing';
import { Card } from '@/ui/Card';

type Range = Probing['range'];

interface DrillMeterProps {
  readonly range: Range;
  readonly onRange: (range: Range) => void;
  /** What the display shows; dashes before the first reading. */
  readonly display: string;
  /** Whether this level measures currents. */
  readonly withCurrent: boolean;
  readonly ready: boolean;
  readonly onRead: () => void;
}

/** The stand-in meter: its display, its ranges, and the reading. */
export function DrillMeter({
  range,
  onRange,
  display,
  withCurrent,
  ready,
  onRead,
}: DrillMeterProps) {
  return (
    <Card title="The meter">
      <Box
        data-testid="drill-display"
        aria-live="polite"
        sx={{
          border: 1,
          borderColor: 'divider',
          borderRadius: 1,
          bgcolor: 'background.default',
          textAlign: 'right',
          fontSize: '1.9rem',
          fontWeight: 700,
          px: 1.5,
          py: 0.5,
          mb: 1.5,
        }}
      >
        {display}
      </Box>
      <Ranges label="Volts" ranges={VOLT_RANGES} range={range} onRange={onRange} />
      {withCurrent ? (
        <Ranges
          label="Current"
          ranges={CURRENT_RANGES.filter((one) => one !== '10 A')}
          range={range}
          onRange={onRange}
        />
      ) : null}
      <Button variant="contained" fullWidth disabled={!ready} onClick={onRead}>
        Take the reading
      </Button>
    </Card>
  );
}

function Ranges(props: {
  readonly label: string;
  readonly ranges: readonly Range[];
  readonly range: Range;
  readonly onRange: (range: Range) => void;
}) {
  const { label, ranges, range, onRange } = props;
  return (
    <Box sx={{ mb: 1.5 }}>
      <Typography variant="caption" color="textSecondary">
        {label}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={range}
        aria-label={`${label} range`}
        sx={{ display: 'flex' }}
        onChange={(_, chosen: Range | null) => {
          if (chosen !== null) onRange(chosen);
        }}
      >
        {ranges.map((one) => (
          <ToggleButton key={one} value={one} sx={{ px: 1.1, textTransform: 'none' }}>
            {one}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
