'use client';

import type { BenchRow } from '@/core/work/diagnosis/judgeReadings';
import { measurementOfRow } from '@/core/work/guide/stairs';
import { measurementKey } from '@/core/records/logbook/measurement';
import { formatFixed, formatNumber } from '@/core/units';
import { counted } from '@/core/words';
import type { ReactNode } from 'react';
import { Card } from '../Card';
import { Readable } from '../plain/Readable';

/** Widths in which it is drawn: on a page, and on a phone, where the letters must not shrink. */
const WIDTHS = { page: 690, phone: 350 } as const;
/** On a narrower page the picture is moved under the finger rather than made illegible. */
const READABLE_WIDTH = 630;
const HEIGHT = 210;
const LEFT = 52;
const BASE = 176;
const TOP = 14;
/** Expected band: two standard deviations either way. */
const BAND_DEVIATIONS = 2;

const NOTHING_PREDICTED: ReadonlyMap<string, number> = new Map();

/** The expected steps as bands, the readings as bars on them. */
export function ReadingStairs({
  rows,
  title = 'Volts, cell by cell',
  actions,
  room = 'page',
  string = 1,
  predicted = NOTHING_PREDICTED,
  hidden = false,
  sound = false,
}: {
  readonly rows: readonly BenchRow[];
  readonly title?: string;
  readonly actions?: ReactNode;
  readonly room?: keyof typeof WIDTHS;
  readonly string?: number;
  /** What the group expected, volts, by `measurementKey`. */
  readonly predicted?: ReadonlyMap<string, number>;
  /** A step’s band is shown only once it was predicted or read. */
  readonly hidden?: boolean;
  /** All readings together were judged to be sound: no single one is shown as wrong. */
  readonly sound?: boolean;
}) {
  const width = WIDTHS[room];
  const steps = rows
    .filter(({ kind }) => kind === 'open-circuit')
    .map((row) => ({
      ...row,
      predicted: predicted.get(measurementKey(measurementOfRow(string, row))) ?? null,
    }));
  const highest = Math.max(
    0.1,
    ...steps.map((row) =>
      Math.max(
        row.expected + BAND_DEVIATIONS * row.scatter,
        row.read ?? 0,
        Math.min(row.predicted ?? 0, 2 * row.expected),
      ),
    ),
  );
  const tick = tickOf(highest);
  const y = (volts: number): number => BASE - (Math.max(volts, 0) / highest) * (BASE - TOP);
  const stepRoom = (width - LEFT - 10) / steps.length;
  const half = Math.min(54, stepRoom * 0.42);
  const ticks = Array.from({ length: Math.floor(highest / tick) + 1 }, (_, index) => index * tick);
  const done = steps.filter(({ read }) => read !== null).length;
  return (
    <Card title={title} actions={actions}>
      <Readable least={room === 'page' ? READABLE_WIDTH : 0}>
        <svg
          viewBox={`0 0 ${width} ${HEIGHT}`}
          width="100%"
          role="img"
          fontFamily="inherit"
          fontSize="12"
          aria-label={`Expected and read volts after each of ${counted(steps.length, 'cell', 'cells')}; ${done} read. The same figures stand in the table below.`}
        >
          {ticks.map((volts) => (
            <g key={volts}>
              <path d={`M${LEFT} ${y(volts)} H${width - 10}`} stroke="var(--mui-palette-divider)" />
              <text
                x={LEFT - 8}
                y={y(volts) + 4}
                textAnchor="end"
                fill="var(--mui-palette-text-secondary)"
              >
                {formatNumber(volts)} V
              </text>
            </g>
          ))}
          {steps.map((row, index) => (
            <Step
              key={row.cells}
              row={row}
              sound={sound}
              told={!hidden || row.predicted !== null || row.read !== null}
              x={LEFT + stepRoom * (index + 0.5)}
              half={half}
              y={y}
            />
          ))}
          <text x={LEFT} y={HEIGHT - 5} fill="var(--mui-palette-text-secondary)" fontSize="11">
            {room === 'phone'
              ? `${hidden ? 'ring: you predicted · ' : ''}green: expected · bar: read`
              : `green band: expected, with ordinary scatter · bar: what was read${predicted.size > 0 ? ' · ring: what was predicted' : ''}`}
          </text>
        </svg>
      </Readable>
    </Card>
  );
}

interface StepProps {
  readonly row: BenchRow & { readonly predicted: number | null };
  readonly sound: boolean;
  readonly told: boolean;
  readonly x: number;
  readonly half: number;
  readonly y: (volts: number) => number;
}

function Step({ row, sound, told, x, half, y }: StepProps) {
  const { expected, scatter, read, predicted } = row;
  const wrong = !sound && row.meaning !== null && !row.meaning.fine;
  const colour = wrong ? 'var(--mui-palette-error-main)' : 'var(--mui-palette-primary-main)';
  const missing = wrong && row.missing !== null && half > 16 ? row.missing : null;
  const high = y(expected + BAND_DEVIATIONS * scatter);
  const low = y(expected - BAND_DEVIATIONS * scatter);
  return (
    <g>
      {told ? (
        <>
          <rect
            x={x - half}
            y={high}
            width={2 * half}
            height={low - high}
            fill="var(--mui-palette-success-light)"
          />
          <path
            d={`M${x - half} ${y(expected)} H${x + half}`}
            stroke="var(--mui-palette-success-main)"
            strokeWidth="2"
            strokeDasharray="5 4"
          />
        </>
      ) : (
        <text x={x} y={BASE - 8} textAnchor="middle" fill="var(--mui-palette-text-secondary)">
          ?
        </text>
      )}
      {predicted === null ? null : (
        <circle
          cx={x + half * 0.6}
          cy={Math.max(TOP, y(predicted))}
          r="5.5"
          fill="var(--mui-palette-background-paper)"
          stroke="var(--mui-palette-secondary-main)"
          strokeWidth="2.5"
        />
      )}
      {read === null ? null : (
        <>
          <rect
            x={x - half * 0.88}
            y={y(read) - 3}
            width={2 * half * 0.88}
            height="6"
            fill={colour}
          />
          {half > 16 ? (
            <text
              x={x}
              y={y(read) > BASE - 24 ? y(read) - 8 : y(read) + 18}
              textAnchor="middle"
              fontWeight="700"
              fill={colour}
            >
              {formatFixed(read)} V
            </text>
          ) : null}
        </>
      )}
      {missing === null || read === null ? null : (
        <g fill={colour}>
          <path
            d={`M${x} ${y(read) - 3} V${y(read + missing)}`}
            stroke={colour}
            strokeWidth="1.5"
          />
          <text x={x + 6} y={(y(read) + y(read + missing)) / 2 + 4} fontWeight="700">
            {formatFixed(missing)} V missing
          </text>
        </g>
      )}
      <text x={x} y={BASE + 16} textAnchor="middle" fill="var(--mui-palette-text-primary)">
        {half > 30 ? `${row.cells} ${row.cells === 1 ? 'cell' : 'cells'}` : row.cells}
      </text>
    </g>
  );
}

/** A round distance between grid lines that gives three to six of them. */
function tickOf(highest: number): number {
  const steps = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20];
  return steps.find((step) => highest / step <= 5) ?? 50;
}
