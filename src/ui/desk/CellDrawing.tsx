import { CARD, COPPER_FILL, INK } from './DeskPatterns';
import { CupBody } from './CupBody';
import { FruitBody } from './FruitBody';

interface CellDrawingProps {
  readonly drawing: 'fruit' | 'pile' | 'cup';
  readonly bodyId: string;
  /** Width of one layer set of a pile. */
  readonly spacing: number;
  readonly patternPrefix: string;
  /** Leave out the + and − signs where there is no room. */
  readonly signs: boolean;
}

/** Horizontal places of the two terminals of a cell drawn at full size. */
export const TERMINAL_X = 21;
export const TERMINAL_Y = -29;

/** One cell centred on the origin: − on the left, + on the right. */
export function CellDrawing(props: CellDrawingProps) {
  return props.drawing === 'pile' ? <PileCell {...props} /> : <BodyCell {...props} />;
}

function BodyCell({ drawing, bodyId, patternPrefix, signs }: CellDrawingProps) {
  return (
    <g>
      {drawing === 'cup' ? <CupBody id={bodyId} /> : <FruitBody id={bodyId} />}
      <rect
        x={-TERMINAL_X - 3.5}
        y={TERMINAL_Y}
        width="7"
        height="33"
        fill={`url(#${patternPrefix}-zinc)`}
        stroke={CARD}
        strokeWidth="0.8"
      />
      <rect
        x={TERMINAL_X - 3.5}
        y={TERMINAL_Y}
        width="7"
        height="33"
        fill={COPPER_FILL}
        stroke={CARD}
        strokeWidth="0.8"
      />
      {signs ? <Signs y={TERMINAL_Y - 5} x={TERMINAL_X} /> : null}
    </g>
  );
}

function PileCell({ spacing, patternPrefix, signs }: CellDrawingProps) {
  const layer = spacing / 3;
  return (
    <g>
      <rect
        x={-1.5 * layer}
        y="-20"
        width={layer}
        height="40"
        rx="2"
        fill={`url(#${patternPrefix}-zinc)`}
        stroke={CARD}
        strokeWidth="0.8"
      />
      <rect
        x={-0.5 * layer}
        y="-18"
        width={layer}
        height="36"
        rx="3"
        fill="#E9DCC0"
        stroke="#B9A67C"
        strokeWidth="0.8"
      />
      <rect
        x={0.5 * layer}
        y="-20"
        width={layer}
        height="40"
        rx="2"
        fill={COPPER_FILL}
        stroke={CARD}
        strokeWidth="0.8"
      />
      {signs ? <Signs y={-25} x={layer} /> : null}
    </g>
  );
}

function Signs({ x, y }: { x: number; y: number }) {
  return (
    <g fontSize="13" fontWeight="700" textAnchor="middle" fill={INK}>
      <text x={-x} y={y} fill="var(--mui-palette-secondary-main)">
        −
      </text>
      <text x={x} y={y} fill={COPPER_FILL}>
        +
      </text>
    </g>
  );
}
