import { DEVICE_PRESETS, type DeviceDrawing } from '@/core/physics/circuit/devicePresets';
import { glowOf } from '@/core/physics/circuit/brightness';
import type { LedColour } from '@/core/physics/circuit/load/ledPresets';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { INK } from './DeskPatterns';
import {
  BoxDrawing,
  BulbDrawing,
  BuzzerDrawing,
  CalculatorDrawing,
  CapacitorDrawing,
  MelodyDrawing,
  MotorDrawing,
  RadioDrawing,
  TimerDrawing,
} from './DeviceDrawings';

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
      return LED_PINS;
    case 'leds':
      return { plus: [-30, 34], minus: [30, 34] };
    case 'resistor':
      return { plus: [-34, 0], minus: [34, 0] };
    case 'motor':
      return { plus: [-10, 24], minus: [10, 24] };
    case 'bulb':
      return { plus: [-9, 34], minus: [9, 34] };
    case 'capacitor':
      return { plus: [-7, 44], minus: [8, 36] };
    case 'device':
      return DEVICE_PINS[DEVICE_PRESETS[target.device].drawing];
  }
}

const LED_PINS = { plus: [-7, 46], minus: [8, 36] } as const;
const BOX_PINS = { plus: [-12, 18], minus: [12, 18] } as const;
const DEVICE_PINS: Readonly<Record<DeviceDrawing, { plus: Place; minus: Place }>> = {
  sounder: { plus: [-7, 40], minus: [7, 34] },
  led: LED_PINS,
  clock: BOX_PINS,
  timer: { plus: [-12, 24], minus: [12, 24] },
  calculator: { plus: [-12, 30], minus: [12, 30] },
  melody: { plus: [-12, 20], minus: [12, 20] },
  radio: { plus: [-12, 22], minus: [12, 22] },
  box: BOX_PINS,
};

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
    case 'leds':
      return <LedsDrawing target={target} glow={glowOf(litAmps)} />;
    case 'resistor':
      return <ResistorDrawing />;
    case 'motor':
      return <MotorDrawing running={running} />;
    case 'bulb':
      return <BulbDrawing running={running} />;
    case 'capacitor':
      return <CapacitorDrawing />;
    case 'device':
      return <DeviceOf drawing={DEVICE_PRESETS[target.device].drawing} running={running} />;
  }
}

function DeviceOf({ drawing, running }: { drawing: DeviceDrawing; running: boolean }) {
  switch (drawing) {
    case 'sounder':
      return <BuzzerDrawing running={running} />;
    case 'led':
      return <LedDrawing colour="white" glow={running ? 0.6 : 0} />;
    case 'clock':
      return <BoxDrawing text={running ? '12:40' : ''} />;
    case 'timer':
      return <TimerDrawing running={running} />;
    case 'calculator':
      return <CalculatorDrawing running={running} />;
    case 'melody':
      return <MelodyDrawing running={running} />;
    case 'radio':
      return <RadioDrawing running={running} />;
    case 'box':
      return <BoxDrawing text={running ? 'on' : ''} />;
  }
}

/** Several LEDs on one bar: side by side all legs on two rails, in a row one behind the other. */
function LedsDrawing({
  target: { colours, joined },
  glow,
}: {
  target: Extract<PlanTarget, { kind: 'leds' }>;
  glow: number;
}) {
  const apart = 60 / colours.length;
  const at = (index: number): number => (index - (colours.length - 1) / 2) * apart;
  const scale = Math.min(0.6, apart / 34);
  return (
    <g>
      {colours.map((colour, index) => (
        <g key={index} transform={`translate(${at(index)} -6) scale(${scale})`}>
          <LedDrawing colour={colour} glow={glow} />
        </g>
      ))}
      <path
        d={
          joined === 'side-by-side'
            ? `M-30 34 L-30 22 L${at(colours.length - 1)} 22 M30 34 L30 16 L${at(0)} 16`
            : 'M-30 34 L-30 22 M30 34 L30 16'
        }
        fill="none"
        stroke={INK}
        strokeWidth="1.6"
      />
    </g>
  );
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
