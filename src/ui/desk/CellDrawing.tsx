import type { ReactNode } from 'react';
import type { CellLook, Material } from '@/core/physics/chemistry/recipe';
import { CupBody } from './CupBody';
import { CARD, COPPER_FILL, INK, materialFill } from './DeskPatterns';
import { FruitBody } from './FruitBody';
import { PouchBody, RodBody, SpongeBody, TowelBody, VesselsBody } from './OtherBodies';

interface CellLooks {
  readonly look: CellLook;
  readonly plus: Material;
  readonly minus: Material;
  readonly bodyId: string;
}

interface CellDrawingProps extends CellLooks {
  /** Width of one layer set of a pile. */
  readonly spacing: number;
  readonly patternPrefix: string;
  /** Leave out the + and − signs where there is no room. */
  readonly signs: boolean;
  /** The other way round: + on the left. */
  readonly turned?: boolean;
}

/** Places of the two terminals of a cell drawn at full size. */
const TERMINAL_X = 21;
const TERMINAL_Y = -29;

/** One cell centred on the origin: − on the left, + on the right, unless it is turned round. */
export function CellDrawing(props: CellDrawingProps) {
  const { look, patternPrefix, signs, spacing, turned = false } = props;
  const [plus, minus] = turned ? [props.minus, props.plus] : [props.plus, props.minus];
  const fills = {
    plus: materialFill(plus, patternPrefix),
    minus: materialFill(minus, patternPrefix),
  };
  if (look === 'pile') {
    return (
      <g>
        <PileLayers spacing={spacing} {...fills} />
        {signs ? <Signs y={-25} x={spacing / (turned ? -3 : 3)} /> : null}
      </g>
    );
  }
  return (
    <g>
      {bodyOf(props, fills)}
      {look === 'rod' ? null : (
        <>
          <Electrode x={-TERMINAL_X} fill={fills.minus} />
          <Electrode x={TERMINAL_X} fill={fills.plus} />
        </>
      )}
      {signs ? <Signs y={TERMINAL_Y - 5} x={turned ? -TERMINAL_X : TERMINAL_X} /> : null}
    </g>
  );
}

interface Fills {
  readonly plus: string;
  readonly minus: string;
}

function bodyOf({ look, bodyId }: CellDrawingProps, fills: Fills): ReactNode {
  switch (look) {
    case 'fruit':
      return <FruitBody id={bodyId} />;
    case 'cup':
      return <CupBody id={bodyId} />;
    case 'sponge':
      return <SpongeBody />;
    case 'towel':
      return <TowelBody />;
    case 'pouch':
      return <PouchBody />;
    case 'rod':
      return <RodBody {...fills} />;
    case 'vessels':
      return <VesselsBody />;
    case 'pile':
      return null;
  }
}

function Electrode({ x, fill }: { x: number; fill: string }) {
  return (
    <rect
      x={x - 3.5}
      y={TERMINAL_Y}
      width="7"
      height="33"
      fill={fill}
      stroke={CARD}
      strokeWidth="0.8"
    />
  );
}

function PileLayers({ spacing, plus, minus }: Fills & { spacing: number }) {
  const layer = spacing / 3;
  const disc = (left: number, fill: string) => (
    <rect
      x={left}
      y="-20"
      width={layer}
      height="40"
      rx="2"
      fill={fill}
      stroke={CARD}
      strokeWidth="0.8"
    />
  );
  return (
    <>
      {disc(-1.5 * layer, minus)}
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
      {disc(0.5 * layer, plus)}
    </>
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
