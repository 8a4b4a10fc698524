import { useId } from 'react';
import type { TwoSolutions } from '@/core/physics/cell/twoSolutions';
import { COPPER_FILL, DeskPatterns, INK, materialFill, SOFT_INK } from '@/ui/desk/DeskPatterns';

interface VesselsPictureProps {
  readonly request: TwoSolutions;
  readonly plusIsRight: boolean;
}

/** Least and greatest tint of a solution, over the four decades that the sliders span. */
const DECADES = 4.3;

/** The two vessels, the stronger solution darker, with + and − as the voltage has it. */
export function VesselsPicture({ request, plusIsRight }: VesselsPictureProps) {
  const prefix = useId();
  const left = request.cell === 'copper-zinc' ? 'zinc' : 'copper';
  const tint = (molPerLitre: number): number =>
    0.12 + (0.75 * (Math.log10(molPerLitre) + 4)) / DECADES;
  return (
    <svg
      viewBox="0 0 320 132"
      width="100%"
      role="img"
      aria-label={`Two vessels: ${left} on the left, copper on the right, ${request.bridge === 'bridge' ? 'joined by a bridge' : 'not joined'}; the ${plusIsRight ? 'right' : 'left'} one is +.`}
      style={{ maxHeight: 150, marginBottom: 12 }}
    >
      <DeskPatterns prefix={prefix} />
      <Vessel
        x={40}
        fill={left === 'zinc' ? '#9FB2B8' : '#2F7FB8'}
        tint={tint(request.left)}
        electrode={materialFill(left, prefix)}
      />
      <Vessel
        x={190}
        fill="#2F7FB8"
        tint={tint(request.right)}
        electrode={materialFill('copper', prefix)}
      />
      {request.bridge === 'bridge' ? (
        <path
          d="M112 92 V40 H208 V92"
          fill="none"
          stroke="#C9B98F"
          strokeWidth="12"
          strokeLinejoin="round"
        />
      ) : null}
      <path d="M75 20 V8 H245 V20" fill="none" stroke={INK} strokeWidth="1.6" />
      <circle
        cx="160"
        cy="8"
        r="7.5"
        fill="var(--mui-palette-background-paper)"
        stroke={INK}
        strokeWidth="1.4"
      />
      <text x="160" y="12" fontSize="10.5" textAnchor="middle" fill={INK}>
        V
      </text>
      <Sign x={58} plus={!plusIsRight} />
      <Sign x={262} plus={plusIsRight} />
    </svg>
  );
}

function Vessel({
  x,
  fill,
  tint,
  electrode,
}: {
  x: number;
  fill: string;
  tint: number;
  electrode: string;
}) {
  return (
    <g>
      <rect x={x} y="62" width="90" height="64" fill={fill} opacity={tint} />
      <path
        d={`M${x} 36 V126 H${x + 90} V36`}
        fill="none"
        stroke={SOFT_INK}
        strokeWidth="2"
        strokeLinejoin="round"
      />
      <rect x={x < 100 ? x + 27 : x + 47} y="20" width="16" height="88" fill={electrode} />
    </g>
  );
}

function Sign({ x, plus }: { x: number; plus: boolean }) {
  return (
    <text
      x={x}
      y="34"
      fontSize="18"
      fontWeight="700"
      textAnchor="middle"
      fill={plus ? COPPER_FILL : 'var(--mui-palette-secondary-main)'}
    >
      {plus ? '+' : '−'}
    </text>
  );
}
