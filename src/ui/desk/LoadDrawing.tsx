import { glowOf } from '@/core/physics/circuit/brightness';
import { LIGHT, lensesOf, loadShapes } from '@/core/physics/desk/drawing/loadShapes';
import type { LedColour } from '@/core/physics/circuit/load/ledPresets';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { looksOfTarget } from '@/core/records/plan/targetLooks';
import { Shapes } from './Shapes';

/** Rings of light about the lens: how far each reaches and how strong it is at full glow. */
const RINGS = [
  [42, 0.24],
  [27, 0.42],
  [13, 0.5],
] as const;
const LENS_RADIUS = 15;
/** An LED inside a device: how far it glows. */
const DEVICE_GLOW = 0.6;

interface LoadDrawingProps {
  readonly target: PlanTarget;
  /** Current through an LED in amperes: how far it glows. */
  readonly litAmps: number;
  /** Whether anything else runs. */
  readonly running: boolean;
  /** + towards the right. */
  readonly mirrored?: boolean;
}

/** The load centred on the origin, + towards the left wire. */
export function LoadDrawing({ target, litAmps, running, mirrored = false }: LoadDrawingProps) {
  const looks = looksOfTarget(target);
  const glow = target.kind === 'device' ? (running ? DEVICE_GLOW : 0) : glowOf(litAmps);
  return (
    <g transform={mirrored ? 'scale(-1 1)' : undefined}>
      {looks.drawing === 'led' && glow > 0 ? <Glow colours={looks.colours} glow={glow} /> : null}
      <Shapes shapes={loadShapes(looks, running)} prefix="" mirrored={mirrored} />
    </g>
  );
}

function Glow({ colours, glow }: { colours: readonly LedColour[]; glow: number }) {
  const { places, scale } = lensesOf(colours);
  return places.map(([x, y], index) => {
    const light = colours[index] ?? 'infrared';
    return light === 'infrared'
      ? null
      : RINGS.map(([reach, opacity]) => (
          <circle
            key={`${index} ${reach}`}
            cx={x}
            cy={y}
            r={scale * (LENS_RADIUS + reach * glow)}
            fill={LIGHT[light]}
            opacity={opacity * Math.sqrt(glow)}
          />
        ));
  });
}
