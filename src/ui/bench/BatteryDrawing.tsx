import type { BatteryScene } from '@/core/work/guide/benchScene';
import type { GroupFacts } from '@/core/work/guide/stairs';
import { CellDrawing } from '../desk/CellDrawing';
import { LoadDrawing } from '../desk/LoadDrawing';
import { looksOfTarget } from '@/core/records/plan/targetLooks';
import { pinsOfLoad } from '@/core/physics/desk/drawing/loadShapes';

export type Place = readonly [x: number, y: number];
/** Size of a drawing, and where the probes touch it; `null`: nothing is measured. */
export interface Layout {
  readonly width: number;
  readonly height: number;
  readonly probes: { readonly red: Place; readonly black: Place } | null;
}

const INK = 'var(--mui-palette-text-primary)';
const SOFT = 'var(--mui-palette-text-secondary)';
const NEW = 'var(--mui-palette-primary-main)';
/** Strings that are drawn of a battery. */
const MOST_STRINGS = 3;
const ROW = 46;
const ROW_LEFT = 44;
const MINI = 0.5;
const MINI_SPACING = 40;
const MOST_MINI = 6;
const DEVICE_X = 70;
const DEVICE_ROOM = 170;

function batteryWidth(): number {
  return ROW_LEFT + MOST_MINI * MINI_SPACING + 30;
}

export function batteryLayout({ probes, withDevice }: BatteryScene, strings: number): Layout {
  const rows = Math.min(strings, MOST_STRINGS);
  const right = batteryWidth();
  const rail = 24;
  const below = rows * ROW + 30;
  return {
    width: right + 20 + (withDevice ? DEVICE_ROOM : 0),
    height: below + 22,
    probes:
      probes === null
        ? null
        : probes === 'battery'
          ? { red: [right, rail], black: [ROW_LEFT - 24, rail] }
          : probes === 'device'
            ? { red: [right + DEVICE_X - 16, rail], black: [right + 2 * DEVICE_X - 12, rail] }
            : { red: [right + 6, 12], black: [right + DEVICE_X - 24, 12] },
  };
}

/** The strings between their rails, and the device where it is connected. */
export function BatteryDrawing(props: {
  readonly scene: BatteryScene;
  readonly facts: Pick<GroupFacts, 'looks' | 'target' | 'device' | 'seriesResistorOhms'>;
  readonly prefix: string;
}) {
  const { scene, facts, prefix } = props;
  const { looks, target, device, seriesResistorOhms } = facts;
  const rows = looks.slice(0, MOST_STRINGS);
  const right = batteryWidth();
  const minusX = ROW_LEFT - 24;
  const rails = { stroke: scene.joining ? NEW : INK, strokeWidth: scene.joining ? 3.6 : 2 };
  const bottom = 24 + rows.length * ROW;
  const pins = pinsOfLoad(looksOfTarget(target));
  const x = right + DEVICE_X;
  const y = Math.max(44, bottom / 2);
  // Legs are met from below, pins at the side as they are.
  const below = target.kind === 'resistor' ? 0 : 7;
  const [plusPin, minusPin] = scene.deviceTurned
    ? [pins.minus, pins.plus]
    : [pins.plus, pins.minus];
  return (
    <g>
      {rows.map((places, row) => {
        const middle = 24 + ROW * (row + 0.5);
        const shown = places.slice(0, MOST_MINI);
        const end = ROW_LEFT + shown.length * MINI_SPACING;
        return (
          <g key={row}>
            <path d={`M${minusX} ${middle} H${ROW_LEFT - 6}`} {...rails} />
            <path d={`M${end} ${middle} H${right}`} {...rails} />
            {shown.map((cell, index) => (
              <g
                key={index}
                transform={`translate(${ROW_LEFT + (index + 0.5) * MINI_SPACING - 4} ${middle + 4}) scale(${MINI})`}
              >
                <CellDrawing looks={cell} spacing={54} patternPrefix={prefix} signs={false} />
              </g>
            ))}
            {places.length > MOST_MINI ? (
              <text x={end} y={middle - 12} textAnchor="end" fill={SOFT}>
                … {places.length} cells
              </text>
            ) : null}
          </g>
        );
      })}
      <path d={`M${minusX} 24 V${bottom} M${right} 24 V${bottom}`} fill="none" {...rails} />
      <text x={minusX - 10} y="34" fontWeight="700" fontSize="15" textAnchor="middle" fill={SOFT}>
        −
      </text>
      <text x={right - 10} y="34" fontWeight="700" fontSize="15" textAnchor="middle" fill={NEW}>
        +
      </text>
      {looks.length > rows.length ? (
        <text x={right / 2} y={bottom + 14} textAnchor="middle" fill={SOFT}>
          and {looks.length - rows.length} more strings like these
        </text>
      ) : null}
      {scene.withDevice ? (
        <g>
          <path
            d={`M${right} 24 H${x - 34} V${y + plusPin[1] * 0.8 + below} H${x + plusPin[0] * 0.8} V${y + plusPin[1] * 0.8}`}
            fill="none"
            stroke={INK}
            strokeWidth="2"
          />
          <path
            d={`M${minusX} ${bottom} V${bottom + 18} H${x + minusPin[0] * 0.8} V${y + minusPin[1] * 0.8}`}
            fill="none"
            stroke={INK}
            strokeWidth="2"
          />
          <g transform={`translate(${x} ${y}) scale(0.8)`}>
            <LoadDrawing target={target} litAmps={0} running={false} />
          </g>
          {seriesResistorOhms === null ? null : (
            <rect x={right + 10} y="17" width="26" height="14" rx="3" fill="#E7D3A8" stroke={INK} />
          )}
          <text x={x + 20} y={y + 2} fill={SOFT}>
            {device}
          </text>
        </g>
      ) : null}
    </g>
  );
}
