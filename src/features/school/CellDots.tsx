import type { SchoolCell } from '@/core/records/school/schoolSchema';
import { formatVolts } from '@/core/units';
import { useRoles } from '@/ui/useRoles';

interface CellDotsProps {
  readonly cells: readonly SchoolCell[];
  /** Least and most volts on the line. */
  readonly ends: readonly [number, number];
}

const WIDTH = 320;
const HEIGHT = 30;
const INSET = 48;
const RADIUS = 4;

/** A lesson's cells as dots over their volts; those taken out are rings. */
export function CellDots({ cells, ends: [least, most] }: CellDotsProps) {
  const roles = useRoles();
  const span = most - least;
  const x = (volts: number): number =>
    span === 0 ? WIDTH / 2 : INSET + ((volts - least) / span) * (WIDTH - 2 * INSET);
  const label = { fontSize: 11, fill: roles.softInk, dominantBaseline: 'middle' } as const;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: 420 }}
      role="img"
      aria-label={`Cells from ${formatVolts(least)} to ${formatVolts(most)}: ${cells.map(({ openVolts }) => formatVolts(openVolts)).join(', ')}`}
    >
      <line x1={INSET} x2={WIDTH - INSET} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke={roles.rule} />
      <text x={0} y={HEIGHT / 2} {...label}>
        {formatVolts(least)}
      </text>
      <text x={WIDTH} y={HEIGHT / 2} textAnchor="end" {...label}>
        {formatVolts(most)}
      </text>
      {cells.map(({ id, openVolts, counted }) => (
        <circle
          key={id}
          cx={x(openVolts)}
          cy={HEIGHT / 2}
          r={RADIUS}
          fill={counted ? roles.copper : roles.card}
          fillOpacity={counted ? 0.65 : 1}
          stroke={roles.copper}
        />
      ))}
    </svg>
  );
}
