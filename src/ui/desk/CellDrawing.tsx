import { cellShapes, signsAbove, type CellLooks } from '@/core/physics/desk/drawing/cellShapes';
import { COPPER_FILL } from './DeskPatterns';
import { Shapes } from './Shapes';

interface CellDrawingProps {
  readonly looks: CellLooks;
  /** Width of one layer set of a pile. */
  readonly spacing: number;
  readonly patternPrefix: string;
  /** Leave out the + and − signs where there is no room. */
  readonly signs: boolean;
  /** The other way round: + on the left. */
  readonly turned?: boolean;
}

/** One cell centred on the origin: − on the left, + on the right, unless it is turned round. */
export function CellDrawing(props: CellDrawingProps) {
  const { looks, patternPrefix, signs, spacing, turned = false } = props;
  const metals = turned ? { plus: looks.minus, minus: looks.plus } : {};
  const { x, y } = signsAbove(looks, spacing);
  return (
    <g>
      <Shapes shapes={cellShapes({ ...looks, ...metals }, spacing)} prefix={patternPrefix} />
      {signs ? (
        <>
          <Sign sign="−" x={turned ? x : -x} y={y} />
          <Sign sign="+" x={turned ? -x : x} y={y} />
        </>
      ) : null}
    </g>
  );
}

/** The sign of a pole, its middle at x. */
export function Sign({ sign, x, y }: { sign: '−' | '+'; x: number; y: number }) {
  const fill = sign === '+' ? COPPER_FILL : 'var(--mui-palette-secondary-main)';
  return (
    <text x={x} y={y} fontSize="14" fontWeight="700" textAnchor="middle" fill={fill}>
      {sign}
    </text>
  );
}
