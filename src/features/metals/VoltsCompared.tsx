import { Readable } from '@/ui/plain/Readable';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { MetalPairAnswer } from '@/core/physics/cell/metalPair';
import { METAL_FACT } from '@/core/physics/cell/metals';
import { formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { CARD, INK, SOFT_INK } from '@/ui/desk/DeskPatterns';

type CellAnswer = Extract<MetalPairAnswer, { status: 'cell' }>;

const WIDTH = 520;
const LEFT = 10;
const RIGHT = 30;

/** What thermodynamics allows against what is read, on one scale, and why they differ. */
export function VoltsCompared({ answer }: { answer: CellAnswer }) {
  const { plus, minus, practical, allowed, reasons } = answer;
  const most = Math.max(practical.high, ...allowed.map(({ volts }) => volts), 0.5) * 1.05;
  const x = (volts: number): number => LEFT + ((WIDTH - LEFT - RIGHT) * Math.max(0, volts)) / most;
  const height = 34 + 24 * allowed.length;
  return (
    <Card title="What the meter reads">
      <Typography data-testid="metal-answer" sx={{ fontSize: '1.2rem', fontWeight: 700 }}>
        About {formatVolts(practical.low)} to {formatVolts(practical.high)}:{' '}
        {METAL_FACT[plus.metal].name} is +, {METAL_FACT[minus.metal].name} is −.
      </Typography>
      <Typography variant="caption" color="textSecondary">
        {practical.source}
      </Typography>
      <Box sx={{ my: 1 }}>
        <Readable least={430}>
          <svg
            viewBox={`0 0 ${WIDTH} ${height}`}
            width="100%"
            role="img"
            aria-label={`Read in class: ${formatVolts(practical.low)} to ${formatVolts(practical.high)}. ${allowed.map(({ reaction, volts }) => `The tables allow at most ${formatVolts(volts)} ${reaction}.`).join(' ')}`}
          >
            <rect
              x={x(practical.low)}
              y="4"
              width={Math.max(4, x(practical.high) - x(practical.low))}
              height={height - 8}
              fill="var(--mui-palette-primary-main)"
              opacity="0.22"
            />
            <text x={x(practical.low)} y="18" fontSize="13" fill={INK} fontWeight="700">
              read in class
            </text>
            {allowed.map(({ reaction, volts }, index) => {
              const y = 38 + 24 * index;
              const beyondMiddle = x(volts) > WIDTH / 2;
              return (
                <g key={reaction}>
                  <line x1={LEFT} x2={x(volts)} y1={y} y2={y} stroke={SOFT_INK} strokeWidth="1.5" />
                  <circle cx={x(volts)} cy={y} r="4" fill={INK} />
                  <text
                    x={beyondMiddle ? x(volts) - 8 : x(volts) + 8}
                    y={y - 5}
                    fontSize="12.5"
                    stroke={CARD}
                    strokeWidth="3"
                    paintOrder="stroke"
                    textAnchor={beyondMiddle ? 'end' : 'start'}
                    fill={INK}
                  >
                    {`at most ${formatVolts(volts)} ${reaction}`}
                  </text>
                </g>
              );
            })}
          </svg>
        </Readable>
      </Box>
      {reasons.map((reason) => (
        <Typography key={reason} variant="body2" sx={{ mb: 0.75 }}>
          {reason}
        </Typography>
      ))}
    </Card>
  );
}
