'use client';

import { chartAxis, chartText, curve, points } from '@/ui/chart/chartParts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import {
  afterDoubling,
  nernstLine,
  solveTwoSolutions,
  type TwoSolutions,
} from '@/core/physics/cell/twoSolutions';
import { TWO_SOLUTIONS_DOCUMENT } from '@/core/documents/tools/twoSolutionsDocument';
import { cautionsOf } from '@/core/physics/safety/cautions';
import { formatNumber, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { CautionList } from '@/ui/CautionList';
import { Choice } from '@/ui/Choice';
import { DocumentFrame } from '@/ui/document/DocumentFrame';
import { type FoundTool, useTool } from '@/ui/document/useTool';
import { VesselsPicture } from './VesselsPicture';
import { useMemo } from 'react';
import { Chart } from '@/ui/chart/Chart';
import type { Roles } from '@/ui/roles';
import { useRoles } from '@/ui/useRoles';

/** Two vessels and a bridge: the Nernst equation to play with. */
export function TwoSolutionsPage({ found }: { found: FoundTool<TwoSolutions> }) {
  const { open, state: request, change } = useTool('two-solutions', TWO_SOLUTIONS_DOCUMENT, found);
  const answer = solveTwoSolutions(request);
  const leftSalt = request.cell === 'copper-zinc' ? 'zinc sulfate' : 'copper sulfate';
  return (
    <DocumentFrame
      open={open}
      heading="Two solutions"
      back={{ href: '/', name: 'Back to the shelf' }}
    >
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { md: 'minmax(0, 5fr) minmax(0, 6fr)' },
        }}
      >
        <Card title="In the vessels" style={{ alignSelf: 'start' }}>
          <VesselsPicture request={request} plusIsRight={(answer.volts ?? 0) >= 0} />
          <Choice
            label="Metals"
            value={request.cell}
            options={[
              ['copper-copper', 'Copper twice'],
              ['copper-zinc', 'Zinc and copper'],
            ]}
            onChange={(cell) => change({ cell })}
          />
          <Strength
            name={`Left: ${leftSalt}`}
            value={request.left}
            onChange={(left) => change({ left }, 'left')}
            onWater={() => change({ left: afterDoubling(request.left) })}
          />
          <Strength
            name="Right: copper sulfate"
            value={request.right}
            onChange={(right) => change({ right }, 'right')}
            onWater={() => change({ right: afterDoubling(request.right) })}
          />
          <Typography id="warmth" variant="body2" sx={{ mt: 1 }}>
            Temperature: {formatNumber(request.celsius)} °C
          </Typography>
          <Slider
            aria-labelledby="warmth"
            value={request.celsius}
            min={0}
            max={80}
            onChange={(_, celsius) => change({ celsius: Number(celsius) }, 'celsius')}
          />
          <Choice
            label="Between the vessels"
            value={request.bridge}
            options={[
              ['bridge', 'Wick or salt bridge'],
              ['none', 'Nothing'],
            ]}
            onChange={(bridge) => change({ bridge })}
          />
          <Choice
            label="Activities"
            value={request.activity}
            options={[
              ['ideal', 'Concentration (ideal)'],
              ['tabled', 'Activities (tables)'],
            ]}
            onChange={(activity) => change({ activity })}
          />
        </Card>
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <Card title="What the meter reads">
            <Typography data-testid="nernst" sx={{ fontSize: '1.25rem', fontWeight: 700 }}>
              {answer.beyond === null
                ? sentenceOf(request, answer.volts)
                : 'No figure: too strong or too weak.'}
            </Typography>
            <Typography variant="body2" sx={{ mt: 1 }}>
              E = {formatVolts(answer.standardVolts)} + (RT ÷ 2F) × ln({formatNumber(request.right)}{' '}
              ÷ {formatNumber(request.left)})
              {request.activity === 'tabled' ? ', with activities' : ''}. Ten times the ratio adds
              29.6 mV at 25 °C.
            </Typography>
            {answer.beyond === null ? null : (
              <Alert severity="warning" sx={{ mt: 1 }}>
                {answer.beyond}
              </Alert>
            )}
          </Card>
          <Card title="What happens in it">
            {cellStory(request, answer.volts).map((line) => (
              <Typography key={line} variant="body2" sx={{ mb: 0.5 }}>
                {line}
              </Typography>
            ))}
          </Card>
          <NernstChart request={request} volts={answer.volts} />
          <CautionList cautions={cautionsOf(['metal-salts'])} />
        </Box>
      </Box>
    </DocumentFrame>
  );
}

function sentenceOf({ cell }: TwoSolutions, volts: number | null): string {
  if (volts === null) return 'Nothing: without a bridge the circuit is not closed.';
  const plus = volts > 0 ? 'right' : 'left';
  if (Math.abs(volts) < 1e-5) return 'Nothing: both sides are the same.';
  const why = cell === 'copper-copper' ? ', because it is stronger' : '';
  return `${formatVolts(Math.abs(volts))}: the ${plus} side is +${why}.`;
}

/** Half-reactions and what the bridge does. */
function cellStory({ cell, bridge }: TwoSolutions, volts: number | null): string[] {
  if (bridge === 'none') {
    return [
      'Nothing flows: ions cannot pass from one vessel to the other, so no electrons move in the wire.',
    ];
  }
  const rightIsPlus = (volts ?? 0) >= 0;
  const [plus, minus] = rightIsPlus ? ['right', 'left'] : ['left', 'right'];
  const anode = cell === 'copper-zinc' && rightIsPlus ? 'Zn → Zn²⁺ + 2 e⁻' : 'Cu → Cu²⁺ + 2 e⁻';
  return [
    `− (${minus}): ${anode}; the metal dissolves (oxidation, the anode).`,
    `+ (${plus}): Cu²⁺ + 2 e⁻ → Cu; copper settles on the metal, which grows (reduction, the cathode).`,
    'The bridge lets ions pass and keeps the solutions apart: sulfate moves towards the − side, metal ions towards the + side. Without it charge would pile up and everything would stop at once.',
  ];
}

interface StrengthProps {
  readonly name: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  /** Adds as much water as there is solution. */
  readonly onWater: () => void;
}

/** A concentration on a logarithmic slider, with a button that dilutes. */
function Strength({ name, value, onChange, onWater }: StrengthProps) {
  return (
    <Box sx={{ mb: 1 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}>
        <Typography variant="body2">
          {name}, {formatNumber(value)} mol/L
        </Typography>
        <Button size="small" onClick={onWater} aria-label={`${name}: add as much water`}>
          Add as much water
        </Button>
      </Box>
      <Slider
        aria-label={`${name}, concentration`}
        value={Math.log10(value)}
        min={-4}
        max={Math.log10(2)}
        step={0.01}
        valueLabelDisplay="off"
        getAriaValueText={(exponent) => `${formatNumber(10 ** exponent)} mol/L`}
        onChange={(_, exponent) => onChange(Math.min(2, Math.max(1e-4, 10 ** Number(exponent))))}
      />
    </Box>
  );
}

interface NernstChartProps {
  readonly request: TwoSolutions;
  readonly volts: number | null;
}

/** The Nernst line with the working point on it. */
export function NernstChart({ request, volts }: NernstChartProps) {
  const roles = useRoles();
  const option = useMemo(() => optionOf(request, volts, roles), [request, volts, roles]);
  const ratio = formatNumber(request.right / request.left);
  const label = `Voltage against the ratio of right to left concentration on a logarithmic scale; the working point is at ratio ${ratio}${volts === null ? ', without a bridge' : ` and ${formatVolts(volts)}`}.`;
  return (
    <Card title="The Nernst line">
      <Chart option={option} label={label} height={260} />
    </Card>
  );
}

function optionOf(request: TwoSolutions, volts: number | null, roles: Roles) {
  const point = volts === null ? [] : [[request.right / request.left, 1000 * volts]];
  return {
    animation: false,
    grid: { left: 56, right: 24, top: 30, bottom: 42 },
    xAxis: chartAxis(roles, {
      type: 'log',
      name: 'right ÷ left',
      nameLocation: 'middle',
      nameGap: 26,
      axisLabel: { ...chartText(roles), formatter: (value: number) => formatNumber(value) },
      axisLine: { onZero: false, lineStyle: { color: roles.rule } },
    }),
    yAxis: chartAxis(roles, {
      name: 'mV',
      scale: true,
      axisLine: { show: true, onZero: false, lineStyle: { color: roles.rule } },
    }),
    series: [
      curve(
        'every ratio',
        nernstLine(request).map(({ ratio, volts: at }) => [ratio, 1000 * at]),
        { color: roles.copper },
      ),
      points('these two', point, roles, { symbolSize: 13 }),
    ],
  };
}
