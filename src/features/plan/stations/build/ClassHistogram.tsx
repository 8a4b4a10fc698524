import { Readable } from '@/ui/plain/Readable';
import { expectedRange } from '@/core/work/guide/expectedWords';
import type { ExpectedReading } from '@/core/work/guide/guideStep';
import type { ClassFigure } from '@/core/work/guide/board';
import { dotPlot } from '@/core/work/guide/dotPlot';
import { quantityOf } from '@/core/records/logbook/measurement';
import { formatNumber } from '@/core/units';

const WIDTH = 640;
const LEFT = 14;
const DOT = 15;
/** Rows of dots that the picture has room for without growing. */
const LEAST_ROWS = 5;

interface ClassHistogramProps {
  readonly figure: ClassFigure;
  readonly expected: ExpectedReading;
  /** Letters against their usual size. */
  readonly textScale?: number;
}

/** Every group as a dot over the value that it read, stacked where they agree; the expected band behind them. */
export function ClassHistogram({ figure, expected, textScale = 1 }: ClassHistogramProps) {
  const { values, measurement } = figure;
  const volts = quantityOf(measurement) === 'volts';
  const band = expectedRange(measurement, expected);
  const inner = WIDTH - 2 * LEFT;
  const { dots, least, most, ticks } = dotPlot(values, band, DOT / inner);
  const rows = Math.max(LEAST_ROWS, ...dots.map(({ level }) => level + 1));
  const letters = 12 * textScale;
  const base = rows * DOT + letters + 10;
  const x = (value: number): number => LEFT + ((value - least) / (most - least)) * inner;
  const text = (value: number): string =>
    volts ? `${formatNumber(value)} V` : `${formatNumber(1000 * value)} mA`;
  const label = values.map(({ group, value }) => `${group} ${text(value)}`).join(', ');
  return (
    <Readable least={540}>
      <svg
        viewBox={`0 0 ${WIDTH} ${base + letters + 12}`}
        width="100%"
        role="img"
        fontFamily="inherit"
        fontSize={letters}
        aria-label={`Readings of the class: ${label}. Expected ${text(band[0])} to ${text(band[1])}.`}
      >
        <rect
          x={x(band[0])}
          y="2"
          width={x(band[1]) - x(band[0])}
          height={base - 2}
          fill="var(--mui-palette-success-light)"
        />
        <text x={x(band[0]) + 5} y={letters + 3} fill="var(--mui-palette-success-main)">
          expected
        </text>
        <path d={`M${LEFT} ${base} H${WIDTH - LEFT}`} stroke="var(--mui-palette-text-primary)" />
        {dots.map(({ group, value, level }) => (
          <circle
            key={group}
            cx={x(value)}
            cy={base - DOT * (level + 0.5)}
            r={DOT / 2 - 1.5}
            fill="var(--mui-palette-primary-main)"
          >
            <title>{`${group} ${text(value)}`}</title>
          </circle>
        ))}
        {ticks.map((value) => (
          <g key={value}>
            <path
              d={`M${x(value)} ${base} v4`}
              stroke="var(--mui-palette-text-primary)"
              strokeWidth="1"
            />
            <text
              x={x(value)}
              y={base + letters + 6}
              textAnchor={x(value) < 40 ? 'start' : x(value) > WIDTH - 40 ? 'end' : 'middle'}
              fill="var(--mui-palette-text-secondary)"
            >
              {text(value)}
            </text>
          </g>
        ))}
      </svg>
    </Readable>
  );
}
