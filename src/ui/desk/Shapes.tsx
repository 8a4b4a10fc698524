import type { Paint, Shape } from '@/core/physics/desk/drawing/shape';
import { CARD, INK, materialFill, SOFT_INK } from './DeskPatterns';

interface ShapesProps {
  readonly shapes: readonly Shape[];
  /** Names the picture's own patterns. */
  readonly prefix: string;
  /** The drawing is mirrored about the vertical: its letters stay as they are read. */
  readonly mirrored?: boolean;
}

/** A drawing on the screen. */
export function Shapes({ shapes, prefix, mirrored = false }: ShapesProps) {
  return (
    <g strokeLinejoin="round">
      {shapes.map((shape, index) => (
        // A drawing never changes its order.
        <ShapeElement key={index} shape={shape} prefix={prefix} mirrored={mirrored} />
      ))}
    </g>
  );
}

interface ShapeElementProps extends Omit<Required<ShapesProps>, 'shapes'> {
  readonly shape: Shape;
}

function ShapeElement({ shape, prefix, mirrored }: ShapeElementProps) {
  const painted = {
    fill: shape.fill === null ? 'none' : painting(shape.fill, prefix),
    ...(shape.stroke === null
      ? {}
      : { stroke: painting(shape.stroke, prefix), strokeWidth: shape.strokeWidth }),
    ...(shape.dash === null ? {} : { strokeDasharray: shape.dash.join(' ') }),
  };
  switch (shape.kind) {
    case 'ellipse':
      return <ellipse cx={shape.cx} cy={shape.cy} rx={shape.rx} ry={shape.ry} {...painted} />;
    case 'path':
      return <path d={shape.d} {...painted} />;
    case 'text':
      return (
        <text
          {...(mirrored ? { transform: 'scale(-1 1)' } : {})}
          x={mirrored ? -shape.x : shape.x}
          y={shape.y}
          fontSize={shape.size}
          fontWeight="700"
          textAnchor="middle"
          {...painted}
        >
          {shape.text}
        </text>
      );
    case 'rect': {
      const { x, y, width, height, radius, turned } = shape;
      const about = `${x + width / 2} ${y + height / 2}`;
      return (
        <rect
          {...{ x, y, width, height }}
          rx={radius}
          {...(turned === 0 ? {} : { transform: `rotate(${turned} ${about})` })}
          {...painted}
        />
      );
    }
  }
}

const ROLES = { ink: INK, 'soft-ink': SOFT_INK, card: CARD } as const;

function painting(paint: Paint, prefix: string): string {
  if ('metal' in paint) return materialFill(paint.metal, prefix);
  if ('role' in paint) return ROLES[paint.role];
  return paint.colour;
}
