import type { BatteryScene } from '@/core/work/guide/benchScene';
import type { GroupFacts } from '@/core/work/guide/stairs';
import { CellDrawing } from '../desk/CellDrawing';
import { LoadDrawing } from '../desk/LoadDrawing';
import { plusOfTarget } from '@/core/records/plan/targetWords';
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
const RED = 'var(--mui-palette-error-main)';
const NEW = 'var(--mui-palette-primary-main)';
/** Strings that are drawn of a battery. */
const MOST_STRINGS = 3;
const ROW = 46;
const MINUS_X = 48;
const ROW_LEFT = 72;
const MINI = 0.5;
const MINI_SPACING = 38;
const MOST_MINI = 6;
const PLUS_X = ROW_LEFT + MOST_MINI * MINI_SPACING + 22;
const WIDTH = PLUS_X + 42;
/** The device stands above the strings, its wires towards them: − at the left and + at the right, as the rails. */
const DEVICE = { x: (MINUS_X + PLUS_X) / 2, y: 44, scale: 0.9 } as const;
const DEVICE_ROOM = 112;
const ALONE_ROOM = 24;

const railTop = ({ withDevice }: Pick<BatteryScene, 'withDevice'>): number =>
  withDevice ? DEVICE_ROOM : ALONE_ROOM;

/** Where the wires of the device end, + at the right; turned round, its own + is at the left. */
function pinsAt(
  target: GroupFacts['target'],
  turned: boolean,
): { readonly plus: Place; readonly minus: Place } {
  const pins = pinsOfLoad(looksOfTarget(target));
  const [right, left] = turned ? [pins.minus, pins.plus] : [pins.plus, pins.minus];
  const at = ([x, y]: Place, side: 1 | -1): Place => [
    DEVICE.x + side * Math.abs(x) * DEVICE.scale,
    DEVICE.y + y * DEVICE.scale,
  ];
  return { plus: at(right, 1), minus: at(left, -1) };
}

export function batteryLayout(
  scene: BatteryScene,
  { looks, target }: Pick<GroupFacts, 'looks' | 'target'>,
): Layout {
  const rows = Math.min(looks.length, MOST_STRINGS);
  const top = railTop(scene);
  const pins = pinsAt(target, scene.deviceTurned);
  const ends = { red: [PLUS_X, top], black: [MINUS_X, top] } as const;
  const probes = {
    battery: ends,
    device: { red: pins.plus, black: pins.minus },
    'in-series': { red: ends.red, black: pins.plus },
  } as const;
  return {
    width: WIDTH,
    height: top + rows * ROW + 26,
    probes: scene.probes === null ? null : probes[scene.probes],
  };
}

type DrawnFacts = Pick<GroupFacts, 'looks' | 'target' | 'device' | 'seriesResistorOhms'>;

interface BatteryDrawingProps {
  readonly scene: BatteryScene;
  readonly facts: DrawnFacts;
  readonly prefix: string;
}

/** The strings between their rails, and the device where it is connected. */
export function BatteryDrawing({ scene, facts, prefix }: BatteryDrawingProps) {
  const { looks } = facts;
  const rows = looks.slice(0, MOST_STRINGS);
  const rails = { stroke: scene.joining ? NEW : INK, strokeWidth: scene.joining ? 3.6 : 2 };
  const top = railTop(scene);
  const bottom = top + rows.length * ROW;
  return (
    <g>
      {rows.map((places, row) => {
        const middle = top + ROW * (row + 0.5);
        const shown = places.slice(0, MOST_MINI);
        const end = ROW_LEFT + shown.length * MINI_SPACING;
        return (
          <g key={row}>
            <path
              d={`M${MINUS_X} ${middle} H${ROW_LEFT - 6} M${end} ${middle} H${PLUS_X}`}
              {...rails}
            />
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
      <path
        d={`M${MINUS_X} ${top} V${bottom - ROW / 2} M${PLUS_X} ${top} V${bottom - ROW / 2}`}
        fill="none"
        {...rails}
      />
      <text
        x={MINUS_X - 14}
        y={top + 14}
        fontWeight="700"
        fontSize="15"
        textAnchor="middle"
        fill={SOFT}
      >
        −
      </text>
      <text
        x={PLUS_X + 14}
        y={top + 14}
        fontWeight="700"
        fontSize="15"
        textAnchor="middle"
        fill={NEW}
      >
        +
      </text>
      {looks.length > rows.length ? (
        <text x={DEVICE.x} y={bottom + 14} textAnchor="middle" fill={SOFT}>
          and {looks.length - rows.length} more strings like these
        </text>
      ) : null}
      {scene.withDevice ? <Device scene={scene} facts={facts} /> : null}
    </g>
  );
}

/** The device with its two leads; with the meter in one of them that lead is open. */
function Device({ scene, facts }: Omit<BatteryDrawingProps, 'prefix'>) {
  const { target, device, seriesResistorOhms } = facts;
  const { plus, minus } = pinsAt(target, scene.deviceTurned);
  const top = railTop(scene);
  const level = Math.max(plus[1], minus[1]) + 9;
  const named = plusOfTarget(target);
  const [plusName, minusName] =
    named === null ? ['', ''] : named === 'long leg' ? [named, 'short leg'] : [named, 'other wire'];
  const [right, left] = scene.deviceTurned ? [minusName, plusName] : [plusName, minusName];
  const label = { y: level - 5, fontSize: 11.5, fill: SOFT } as const;
  return (
    <g>
      <g fill="none" strokeWidth="2">
        <path d={`M${MINUS_X} ${top} V${level} H${minus[0]} V${minus[1]}`} stroke={INK} />
        {scene.probes === 'in-series' ? null : (
          <path d={`M${PLUS_X} ${top} V${level} H${plus[0]} V${plus[1]}`} stroke={RED} />
        )}
      </g>
      {seriesResistorOhms === null ? null : (
        <rect
          x={(plus[0] + PLUS_X) / 2 + 24}
          y={level - 7}
          width="30"
          height="14"
          rx="3"
          fill="#E7D3A8"
          stroke={INK}
        />
      )}
      <g transform={`translate(${DEVICE.x} ${DEVICE.y}) scale(${DEVICE.scale})`}>
        <LoadDrawing target={target} litAmps={0} running={false} mirrored={!scene.deviceTurned} />
      </g>
      <text x={8} y={DEVICE.y - 26} fill={SOFT}>
        {device}
      </text>
      <text x={plus[0] + 12} {...label}>
        {right}
      </text>
      <text x={minus[0] - 12} textAnchor="end" {...label}>
        {left}
      </text>
    </g>
  );
}
