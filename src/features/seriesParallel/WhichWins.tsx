'use client';

import { chartAxis, chartText, curve, lineAt } from '@/ui/chart/chartParts';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { wattsOfTwo } from '@/core/work/seriesParallel/compareJoining';
import { formatOhms, formatWatts } from '@/core/units';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';

const EMF_VOLTS = 1;
const LAMP_OHMS = 100;
const LEAST = 0.1;
const DECADES = 4.3;
const POINTS = 80;

const ohmsAt = (position: number): number => LEAST * 10 ** (position * DECADES);

/** Power into one lamp from two cells, both ways, against the resistance inside each cell. */
export function WhichWins() {
  const roles = useRoles();
  const [position, setPosition] = useState(0.1);
  const ohms = ohmsAt(position);
  const { series, parallel } = wattsOfTwo(EMF_VOLTS, ohms, LAMP_OHMS);
  const option = optionOf(ohms, roles);
  const words =
    Math.abs(series / parallel - 1) < 0.03
      ? 'both ways give the same'
      : series > parallel
        ? 'series gives more'
        : 'parallel gives more';
  return (
    <Box>
      <Chart
        option={option}
        height={240}
        label={`Power of the lamp in series and in parallel. At ${formatOhms(ohms)} in each cell ${words}.`}
      />
      <Typography variant="caption" color="textSecondary" component="p">
        Line: in series · dashed: in parallel
      </Typography>
      <Typography id="cell-ohms" variant="body2">
        Resistance inside each cell: {formatOhms(ohms)}
      </Typography>
      <Slider
        aria-labelledby="cell-ohms"
        value={position}
        min={0}
        max={1}
        step={0.01}
        onChange={(_, value) => setPosition(value as number)}
        getAriaValueText={(value) => formatOhms(ohmsAt(value))}
      />
      <Typography data-testid="which-wins" role="status" sx={{ fontWeight: 700 }}>
        In series {formatWatts(series)}, in parallel {formatWatts(parallel)}: {words}.
      </Typography>
    </Box>
  );
}

function optionOf(ohms: number, roles: Roles) {
  const ohmsDrawn = Array.from({ length: POINTS }, (_, index) => ohmsAt(index / (POINTS - 1)));
  const powers = (name: 'series' | 'parallel') =>
    ohmsDrawn.map((one) => [one, 1000 * wattsOfTwo(EMF_VOLTS, one, LAMP_OHMS)[name]]);
  return {
    animation: false,
    grid: { left: 56, right: 20, top: 34, bottom: 40 },
    xAxis: chartAxis(roles, {
      type: 'log',
      name: 'ohms inside each cell',
      nameLocation: 'middle',
      nameGap: 26,
      min: LEAST,
      max: ohmsAt(1),
      axisLabel: { ...chartText(roles), formatter: (value: number) => formatOhms(value) },
    }),
    // Decades, or what parallel gains at the right would be too small to see.
    yAxis: chartAxis(roles, { type: 'log', name: 'mW in the lamp' }),
    series: [
      curve(
        'in series',
        powers('series'),
        { color: roles.copper },
        { markLine: lineAt({ xAxis: ohms }, roles) },
      ),
      curve('in parallel', powers('parallel'), { color: roles.zinc, type: 'dashed' }),
    ],
  };
}
