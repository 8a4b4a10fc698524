import type { Measurement } from '@/core/records/logbook/measurement';

const CELL = 64;
const HEIGHT = 96;
const MAX_DRAWN = 8;

interface ProbePictureProps {
  readonly measurement: Measurement;
  /** Cells that stand in the string. */
  readonly built: number;
}

/** Where the probes go: the cells of the string from − to +, red on the + metal, black on the − metal. */
export function ProbePicture({ measurement, built }: ProbePictureProps) {
  if (measurement.kind === 'lights') return null;
  const ends = probesAt(measurement, built);
  // Of a long string only the cells round the probes are drawn.
  const first = Math.max(1, Math.min(ends.from, built - MAX_DRAWN + 1));
  const last = Math.min(built, first + MAX_DRAWN - 1);
  const cells = Array.from({ length: last - first + 1 }, (_, index) => first + index);
  const x = (cell: number): number => 24 + (cell - first) * CELL;
  const minus = x(Math.max(first, ends.from)) + 12;
  const plus = x(Math.min(last, ends.to)) + 44;
  const width = 24 + cells.length * CELL + 8;
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width={Math.min(width * 1.15, 560)}
      role="img"
      aria-label={`Red probe on the + metal of cell ${ends.to}, black probe on the − metal of cell ${ends.from}.`}
      fontFamily="inherit"
      fontSize="12"
      style={{ maxWidth: '100%' }}
    >
      {cells.map((cell) => {
        const lifted = measurement.kind === 'volts-without' && measurement.cell === cell;
        const clipsOff = ends.alone && cell === ends.from;
        return (
          <g key={cell} opacity={lifted ? 0.3 : 1}>
            {cell > first && !clipsOff && !(ends.alone && cell - 1 === ends.from) ? (
              <path
                d={`M${x(cell) - 20} 46 H${x(cell) + 12}`}
                stroke="var(--mui-palette-text-primary)"
                strokeWidth="1.5"
              />
            ) : null}
            <rect
              x={x(cell)}
              y="52"
              width="56"
              height="30"
              rx="14"
              fill="var(--mui-palette-success-light)"
              stroke="var(--mui-palette-success-main)"
            />
            <Metal x={x(cell) + 9} colour="secondary" sign="−" />
            <Metal x={x(cell) + 40} colour="primary" sign="+" />
            <text
              x={x(cell) + 28}
              y="74"
              textAnchor="middle"
              fill="var(--mui-palette-text-primary)"
            >
              {cell}
            </text>
          </g>
        );
      })}
      <g strokeWidth="2.5" fill="none">
        <path d={`M${minus} 38 V14`} stroke="var(--mui-palette-text-primary)" />
        <path d={`M${plus} 38 V14`} stroke="var(--mui-palette-error-main)" />
      </g>
      <text x={minus} y="10" textAnchor="middle" fill="var(--mui-palette-text-primary)">
        black
      </text>
      <text
        x={plus}
        y="10"
        textAnchor="middle"
        fontWeight="700"
        fill="var(--mui-palette-error-main)"
      >
        red
      </text>
    </svg>
  );
}

/** A strip of metal that stands out of its cell, with its sign. */
function Metal(props: {
  readonly x: number;
  readonly colour: 'primary' | 'secondary';
  readonly sign: string;
}) {
  const { x, colour, sign } = props;
  return (
    <>
      <rect x={x} y="40" width="7" height="30" fill={`var(--mui-palette-${colour}-main)`} />
      <text x={x - 6} y="36" fill="var(--mui-palette-text-secondary)">
        {sign}
      </text>
    </>
  );
}

interface Probes {
  readonly from: number;
  readonly to: number;
  /** The clips of the cell are off. */
  readonly alone: boolean;
}

function probesAt(measurement: Measurement, built: number): Probes {
  switch (measurement.kind) {
    case 'volts':
      return { from: measurement.from, to: measurement.to, alone: false };
    case 'shorted-volts':
      return { from: 1, to: measurement.to, alone: false };
    case 'cell-volts':
    case 'cell-short':
      return { from: measurement.cell, to: measurement.cell, alone: true };
    default:
      return { from: 1, to: built, alone: false };
  }
}
