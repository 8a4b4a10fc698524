'use client';

import { chartText, chartAxis, curve, lineAt } from '@/ui/chart/chartParts';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { BRIGHTNESS_FROM_AMPS } from '@/core/physics/circuit/brightness';
import { ledVolts } from '@/core/physics/circuit/load/led';
import {
  LED_COLOURS,
  LED_PRESETS,
  ledModelOf,
  type LedColour,
} from '@/core/physics/circuit/load/ledPresets';
import { photonElectronvolts } from '@/core/physics/circuit/load/photon';
import { ROOM_THERMAL_VOLTS } from '@/core/constants';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { formatAmps, formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';

type LedTarget = Extract<PlanTarget, { kind: 'led' }>;

const MAX_MILLIAMPS = 5;
const POINTS = 50;

/** The diode curves of all colours, the chosen one in front: why a colour needs its voltage. */
export function LedCurves({ target }: { target: LedTarget }) {
  const roles = useRoles();
  const option = useMemo(() => optionOf(target, roles), [target, roles]);
  const { name, wavelengthNm } = LED_PRESETS[target.colour];
  const wantedAmps = BRIGHTNESS_FROM_AMPS[target.brightness];
  const volts = ledVolts(ledModelOf(target.colour), wantedAmps, ROOM_THERMAL_VOLTS);
  const holds = `At ${formatAmps(wantedAmps)} the ${name} holds ${formatVolts(volts)}.`;
  const why =
    wavelengthNm === null
      ? 'White is a blue chip under a yellow phosphor, so it needs what blue needs.'
      : `Its light, ${wavelengthNm} nm, has ${formatNumber(photonElectronvolts(wavelengthNm))} eV a photon: the bluer, the more volts.`;
  return (
    <Card title="What it asks of the battery">
      <Chart
        option={option}
        height={200}
        label={`Current against voltage of all LED colours. ${holds}`}
      />
      <Typography variant="body2">
        {holds} {why} Below its voltage an LED takes next to nothing and at most glimmers; above,
        the current shoots up.
      </Typography>
    </Card>
  );
}

function curveOf(colour: LedColour): [number, number][] {
  const led = ledModelOf(colour);
  return Array.from({ length: POINTS + 1 }, (_, index) => {
    const milliamps = MAX_MILLIAMPS * (index / POINTS) ** 3;
    return [ledVolts(led, milliamps / 1000, ROOM_THERMAL_VOLTS), milliamps];
  });
}

function optionOf(target: LedTarget, roles: Roles) {
  const text = chartText(roles);
  return {
    animation: false,
    grid: { left: 42, right: 40, top: 26, bottom: 24 },
    xAxis: chartAxis(roles, { min: 0, max: 3.5, axisLabel: { ...text, formatter: '{value} V' } }),
    yAxis: chartAxis(roles, { min: 0, max: MAX_MILLIAMPS, name: 'mA' }),
    series: LED_COLOURS.map((colour) => {
      const wanted = { yAxis: 1000 * BRIGHTNESS_FROM_AMPS[target.brightness] };
      return colour === target.colour
        ? curve(
            LED_PRESETS[colour].name,
            curveOf(colour),
            { color: roles.amber, width: 3 },
            {
              z: 5,
              endLabel: {
                show: true,
                formatter: colour,
                color: roles.amber,
                fontWeight: 'bold',
                fontFamily: 'inherit',
              },
              markLine: lineAt(wanted, roles, { formatter: 'wanted', position: 'insideStartTop' }),
            },
          )
        : curve(LED_PRESETS[colour].name, curveOf(colour), {
            color: roles.softInk,
            width: 1,
            opacity: 0.5,
          });
    }),
  };
}
