import { DEVICE_PRESETS } from '@/core/physics/circuit/devicePresets';
import { glowOf } from '@/core/physics/circuit/brightness';
import type { LedColour } from '@/core/physics/circuit/load/ledPresets';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { INK, SOFT_INK } from './DeskPatterns';

/** Colour of the light, as it looks; infrared is drawn as the dark lens that one sees. */
const LIGHT: Readonly<Record<LedColour, string>> = {
  infrared: '#6E4A58',
  red: '#E0453A',
  amber: '#F2B134',
  'yellow-green': '#B4CE3B',
  'true-green': '#35B272',
  blue: '#4A7DE6',
  white: '#FFF9E3',
  violet: '#8E5BD6',
};
/** Rings of light about the lens: how far each reaches and how strong it is at full glow. */
const RINGS = [
  [42, 0.24],
  [27, 0.42],
  [13, 0.5],
] as const;
const LENS_RADIUS = 15;

type Place = readonly [x: number, y: number];

/** Where the wires meet the drawing of a load: its + and its − pin. */
export function pinsOf(target: PlanTarget): { plus: Place; minus: Place } {
  switch (target.kind) {
    case 'led':
      return { plus: [-7, 46], minus: [8, 36] };
    case 'resistor':
      return { plus: [-34, 0], minus: [34, 0] };
    case 'device':
      return DEVICE_PRESETS[target.device].drawing === 'sounder'
        ? { plus: [-7, 40], minus: [7, 34] }
        : { plus: [-12, 18], minus: [12, 18] };
  }
}

interface LoadDrawingProps {
  readonly target: PlanTarget;
  /** Current through an LED in amperes: how far it glows. */
  readonly litAmps: number;
  /** Whether anything else runs. */
  readonly running: boolean;
}

/** The load centred on the origin, + towards the left wire. */
export function LoadDrawing({ target, litAmps, running }: LoadDrawingProps) {
  switch (target.kind) {
    case 'led':
      return <LedDrawing colour={target.colour} glow={glowOf(litAmps)} />;
    case 'resistor':
      return <ResistorDrawing />;
    case 'device':
      return DEVICE_PRESETS[target.device].drawing === 'sounder' ? (
        <BuzzerDrawing running={running} />
      ) : (
        <BoxDrawing running={running} />
      );
  }
}

function LedDrawing({ colour, glow }: { colour: LedColour; glow: number }) {
  const light = LIGHT[colour];
  const visible = colour !== 'infrared';
  return (
    <g>
      {visible && glow > 0
        ? RINGS.map(([reach, opacity]) => (
            <circle
              key={reach}
              r={LENS_RADIUS + reach * glow}
              fill={light}
              opacity={opacity * Math.sqrt(glow)}
            />
          ))
        : null}
      <path
        d="M-15 14 L-15 -4 A15 15 0 0 1 15 -4 L15 14 Z"
        fill={light}
        stroke={INK}
        strokeWidth="1.2"
      />
      <rect
        x="-18"
        y="14"
        width="36"
        height="6"
        rx="1.5"
        fill={light}
        stroke={INK}
        strokeWidth="1.2"
      />
      <path d="M-7 20 L-7 46 M8 20 L8 36" stroke={INK} strokeWidth="2" fill="none" />
    </g>
  );
}

function ResistorDrawing() {
  return (
    <g>
      <path d="M-34 0 L-20 0 M20 0 L34 0" stroke={INK} strokeWidth="2" />
      <rect
        x="-20"
        y="-9"
        width="40"
        height="18"
        rx="6"
        fill="#E7D3A8"
        stroke={INK}
        strokeWidth="1.2"
      />
      <path d="M-11 -9 V9 M-3 -9 V9 M5 -9 V9" stroke="#7A4B21" strokeWidth="3" />
    </g>
  );
}

function BuzzerDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <circle r="20" fill="#3A4247" stroke={INK} strokeWidth="1.2" />
      <circle r="4" fill="#F1ECE2" />
      {running ? (
        <path
          d="M26 -14 A30 30 0 0 1 26 14 M33 -20 A42 42 0 0 1 33 20"
          fill="none"
          stroke={SOFT_INK}
          strokeWidth="2"
        />
      ) : null}
      <path d="M-7 20 L-7 40 M7 20 L7 34" stroke={INK} strokeWidth="2" />
    </g>
  );
}

function BoxDrawing({ running }: { running: boolean }) {
  return (
    <g>
      <rect
        x="-30"
        y="-18"
        width="60"
        height="36"
        rx="5"
        fill="#3A4247"
        stroke={INK}
        strokeWidth="1.2"
      />
      <rect x="-24" y="-12" width="48" height="24" rx="2" fill="#CBD5C0" />
      {running ? (
        <text y="6" fontSize="16" fontWeight="700" textAnchor="middle" fill="#20292E">
          12:40
        </text>
      ) : null}
    </g>
  );
}
