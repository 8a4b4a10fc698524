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
  /** How large the whole is drawn: signs stay legible. */
  readonly scale?: number;
}

/** One cell centred on the origin: − on the left, + on the right, unless it is turned round. */
export function CellDrawing(props: CellDrawingProps) {
  const { looks, patternPrefix, signs, spacing, turned = false, scale = 1 } = props;
  const metals = turned ? { plus: looks.minus, minus: looks.plus } : {};
  const { x, y } = signsAbove(looks, spacing);
  return (
    <g>
      <Shapes shapes={cellShapes({ ...looks, ...metals }, spacing)} prefix={patternPrefix} />
      {signs ? (
        <>
          <Sign sign="−" x={turned ? x : -x} y={y} scale={scale} />
          <Sign sign="+" x={turned ? -x : x} y={y} scale={scale} />
        </>
      ) : null}
    </g>
  );
}

const SIGN_PIXELS = 14;
const LEAST_SIGN_PIXELS = 11;

interface SignProps {
  readonly sign: '−' | '+';
  readonly x: number;
  readonly y: number;
  readonly scale?: number;
}

/** The sign of a pole, its middle at x. */
export function Sign({ sign, x, y, scale = 1 }: SignProps) {
  const fill = sign === '+' ? COPPER_FILL : 'var(--mui-palette-secondary-main)';
  return (
    <text
      x={x}
      y={y}
      fontSize={Math.max(SIGN_PIXELS, LEAST_SIGN_PIXELS / scale)}
      fontWeight="700"
      textAnchor="middle"
      fill={fill}
    >
      {sign}
    </text>
  );
}
