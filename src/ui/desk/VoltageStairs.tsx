import { formatFixed, formatVolts } from '@/core/units';
import type { DeskGeometry } from '@/core/physics/desk/deskGeometry';
import { COPPER_FILL, HALO, INK, RULE, SOFT_INK } from './DeskPatterns';

interface VoltageStairsProps {
  readonly geometry: DeskGeometry;
  /** Which string's, from 0. */
  readonly string: number;
  /** Volts above the − end after each cell, nothing connected. */
  readonly openVolts: readonly number[];
  /** The same with the load connected. */
  readonly loadedVolts: readonly number[];
  /** The same at the end of the wanted time; `null` where one moment is shown. */
  readonly endVolts: readonly number[] | null;
  /** What is connected: `amber LED`. */
  readonly loadName: string;
  /** Size of the text against the usual one. */
  readonly textScale: number;
}

/** Loaded steps that rise less than this in all carry no figures but the last, drawing units. */
const MIN_LABELLED_RISE = 30;
/** Closer steps than this carry no figures but the last. */
const MIN_LABEL_SPACING = 44;

/** The potential along one string, step under cell: dashed with nothing connected, filled under load. */
export function VoltageStairs({
  geometry,
  string,
  openVolts,
  loadedVolts,
  endVolts,
  loadName,
  textScale,
}: VoltageStairsProps) {
  const { stepsX, leftBusX, rightBusX, stairsTop, stairsBase, spacing } = geometry;
  const stepX = stepsX[string] ?? [];
  const highest = Math.max(...openVolts, ...loadedVolts, 0.001);
  // A cell the wrong way round can take the string below its − end.
  const lowest = Math.min(0, ...openVolts, ...loadedVolts);
  const y = (volts: number): number =>
    stairsBase - ((volts - lowest) / (highest - lowest)) * (stairsBase - stairsTop - 22);
  const end = (index: number): number => stepX[index + 1] ?? rightBusX;
  const last = (index: number): boolean => index === stepX.length - 1;
  const labelled = (index: number): boolean =>
    spacing >= MIN_LABEL_SPACING * textScale || last(index);
  const openPath = stepX
    .map((x, index) => `H${x} V${y(openVolts[index] ?? 0)} H${end(index)}`)
    .join(' ');
  const lastLoaded = loadedVolts.at(-1) ?? 0;
  const beside = geometry.layout === 'wide';
  const titleY = stairsTop - (beside ? 12 : 42);
  const projected = textScale > 1;
  const dashed = `dashed: ${projected ? 'no load' : 'nothing connected'}`;
  const filled = `filled: ${projected ? 'loaded' : `${loadName} connected`}`;
  const dotted = endVolts === null ? '' : 'dotted: at the end';
  const rises = y(0) - y(lastLoaded) >= MIN_LABELLED_RISE;
  return (
    <g fontSize={11 * textScale}>
      <text x={leftBusX} y={titleY} fill={SOFT_INK}>
        <tspan fontSize={12 * textScale} fontWeight="700" fill={INK}>
          {`Volts along string ${string + 1}`}
        </tspan>
        {beside ? (
          <tspan dx="16">{[dashed, filled, dotted].filter(Boolean).join(' · ')}</tspan>
        ) : null}
      </text>
      {beside ? null : (
        <text fill={SOFT_INK}>
          <tspan x={leftBusX} y={titleY + 15}>
            {[dashed, dotted].filter(Boolean).join(' · ')}
          </tspan>
          <tspan x={leftBusX} dy="15">
            {filled}
          </tspan>
        </text>
      )}
      {stepX.map((x, index) => (
        <rect
          key={index}
          x={x}
          y={Math.min(y(0), y(loadedVolts[index] ?? 0))}
          width={end(index) - x}
          height={Math.abs(y(0) - y(loadedVolts[index] ?? 0))}
          fill="var(--mui-palette-primary-light)"
        />
      ))}
      <path
        d={`M${leftBusX} ${y(0)} ${openPath}`}
        fill="none"
        stroke={SOFT_INK}
        strokeWidth="1.4"
        strokeDasharray="4 3"
      />
      {endVolts === null ? null : (
        <path
          d={`M${leftBusX} ${y(0)} ${stepX.map((x, index) => `H${x} V${y(endVolts[index] ?? 0)} H${end(index)}`).join(' ')}`}
          fill="none"
          stroke={COPPER_FILL}
          strokeWidth="1.8"
          strokeDasharray="1.5 3"
        />
      )}
      <path
        d={`M${leftBusX} ${y(0)} H${rightBusX + (beside ? 40 : 10)}`}
        stroke={INK}
        strokeWidth="1.2"
        opacity="0.6"
      />
      {stepX.map((x, index) =>
        labelled(index) ? (
          <g key={index}>
            <text x={x + 5} y={y(openVolts[index] ?? 0) - 5} fill={SOFT_INK} {...HALO}>
              {formatFixed(openVolts[index] ?? 0)}
            </text>
            {rises || last(index) ? (
              <text
                x={x + 5}
                y={Math.min(y(loadedVolts[index] ?? 0) + 13 * textScale, stairsBase - 4)}
                fontWeight="700"
                fill={COPPER_FILL}
                {...HALO}
                stroke="var(--mui-palette-primary-light)"
              >
                {formatFixed(loadedVolts[index] ?? 0)} V
              </text>
            ) : null}
          </g>
        ) : null,
      )}
      {beside ? (
        <>
          <path
            d={`M${rightBusX + 4} ${y(lastLoaded)} h26`}
            stroke="var(--mui-palette-warning-main)"
            strokeWidth="2"
          />
          <text x={rightBusX + 34} y={y(lastLoaded) + 4} fill="var(--mui-palette-warning-main)">
            gets {formatVolts(lastLoaded)}
          </text>
        </>
      ) : null}
      <path d={`M${leftBusX} ${stairsTop - 4} V${stairsBase}`} stroke={RULE} />
    </g>
  );
}
