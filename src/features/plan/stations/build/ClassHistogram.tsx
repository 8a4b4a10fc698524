import type { ExpectedReading } from '@/core/work/guide/guideStep';
import type { ClassFigure } from '@/core/work/guide/board';
import { quantityOf } from '@/core/records/logbook/measurement';
import { formatNumber } from '@/core/units';

const WIDTH = 640;
const HEIGHT = 150;
const BASE = 122;
const LEFT = 14;
const BINS = 16;
/** Expected band: two standard deviations either way. */
const BAND_DEVIATIONS = 2;
const DOT = 13;
/** More groups than these would not find room for their names. */
const MAX_NAMED = 16;

/** Every group as a named dot over the value that it read, stacked where they agree; the expected band behind them. */
export function ClassHistogram(props: {
  readonly figure: ClassFigure;
  readonly expected: ExpectedReading;
}) {
  const { figure, expected } = props;
  const { values, measurement } = figure;
  const volts = quantityOf(measurement) === 'volts';
  const band = BAND_DEVIATIONS * expected.deviation;
  const all = [...values.map(({ value }) => value), expected.value - band, expected.value + band];
  const least = Math.min(...all);
  const width = Math.max(...all) - least || 1;
  const x = (value: number): number => LEFT + ((value - least) / width) * (WIDTH - 2 * LEFT);
  const bins = new Map<number, string[]>();
  for (const { group, value } of values) {
    const bin = Math.min(BINS - 1, Math.floor(((value - least) / width) * BINS));
    bins.set(bin, [...(bins.get(bin) ?? []), group]);
  }
  const tallest = Math.max(...[...bins.values()].map(({ length }) => length));
  const step = Math.min(DOT + 4, (BASE - 12) / tallest);
  const text = (value: number): string =>
    volts ? `${formatNumber(value)} V` : `${formatNumber(1000 * value)} mA`;
  const ticks = Array.from({ length: 5 }, (_, index) => least + (width * index) / 4);
  const label = values.map(({ group, value }) => `${group} ${text(value)}`).join(', ');
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      fontFamily="inherit"
      fontSize="11"
      aria-label={`Readings of the class: ${label}. Expected ${text(expected.value)}.`}
    >
      <rect
        x={x(expected.value - band)}
        y="4"
        width={x(expected.value + band) - x(expected.value - band)}
        height={BASE - 4}
        fill="var(--mui-palette-success-light)"
      />
      <path
        d={`M${x(expected.value)} 4 V${BASE}`}
        stroke="var(--mui-palette-success-main)"
        strokeWidth="2"
        strokeDasharray="5 4"
      />
      <path d={`M${LEFT} ${BASE} H${WIDTH - LEFT}`} stroke="var(--mui-palette-text-primary)" />
      {[...bins].flatMap(([bin, groups]) =>
        groups.map((group, index) => {
          const centre = LEFT + ((bin + 0.5) / BINS) * (WIDTH - 2 * LEFT);
          const height = BASE - step * (index + 0.5);
          return (
            <g key={group}>
              <title>{group}</title>
              <circle
                cx={centre}
                cy={height}
                r={Math.max(2.5, step / 2 - 1.5)}
                fill="var(--mui-palette-primary-main)"
              />
              {index === groups.length - 1 && values.length <= MAX_NAMED ? (
                <text
                  transform={`translate(${centre + 2} ${height - 9}) rotate(-38)`}
                  fill="var(--mui-palette-text-primary)"
                >
                  {groups.join(', ')}
                </text>
              ) : null}
            </g>
          );
        }),
      )}
      {ticks.map((value, index) => (
        <text
          key={value}
          x={x(value)}
          y={HEIGHT - 10}
          textAnchor={index === 0 ? 'start' : index === 4 ? 'end' : 'middle'}
          fill="var(--mui-palette-text-secondary)"
        >
          {text(value)}
        </text>
      ))}
    </svg>
  );
}
