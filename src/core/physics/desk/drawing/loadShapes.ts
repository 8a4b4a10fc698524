import type { DeviceDrawing } from '../../circuit/devicePresets';
import type { LedColour } from '../../circuit/load/ledPresets';
import { colour, ellipse, INK, path, rect, SOFT_INK, text, type Shape } from './shape';

/** What a load looks like. */
export type LoadLooks =
  | {
      readonly drawing: 'led';
      readonly colours: readonly LedColour[];
      readonly joined: 'side-by-side' | 'in-a-row';
    }
  | {
      readonly drawing: Exclude<DeviceDrawing, 'led'> | 'motor' | 'bulb' | 'capacitor' | 'resistor';
    };

type Place = readonly [x: number, y: number];

/** Colour of the light, as it looks; infrared is drawn as the dark lens that one sees. */
export const LIGHT: Readonly<Record<LedColour, string>> = {
  infrared: '#6E4A58',
  red: '#E0453A',
  amber: '#F2B134',
  'yellow-green': '#B4CE3B',
  'true-green': '#35B272',
  blue: '#4A7DE6',
  white: '#FFF9E3',
  violet: '#8E5BD6',
};

interface LoadPins {
  readonly plus: Place;
  readonly minus: Place;
}

const LED_PINS: LoadPins = { plus: [-7, 46], minus: [8, 36] };
const PINS: Readonly<Record<Exclude<LoadLooks['drawing'], 'led'>, LoadPins>> = {
  sounder: { plus: [-7, 40], minus: [7, 34] },
  clock: { plus: [-12, 18], minus: [12, 18] },
  box: { plus: [-12, 18], minus: [12, 18] },
  timer: { plus: [-12, 24], minus: [12, 24] },
  calculator: { plus: [-12, 30], minus: [12, 30] },
  melody: { plus: [-12, 20], minus: [12, 20] },
  radio: { plus: [-12, 22], minus: [12, 22] },
  motor: { plus: [-10, 24], minus: [10, 24] },
  bulb: { plus: [-9, 34], minus: [9, 34] },
  capacitor: { plus: [-7, 44], minus: [8, 36] },
  resistor: { plus: [-34, 0], minus: [34, 0] },
};

/** Where the wires meet the drawing of a load: its + and its − pin. */
export function pinsOfLoad(looks: LoadLooks): LoadPins {
  if (looks.drawing !== 'led') return PINS[looks.drawing];
  return looks.colours.length === 1 ? LED_PINS : { plus: [-30, 34], minus: [30, 34] };
}

/** Where the lenses stand, and how large they are. */
export function lensesOf(colours: readonly LedColour[]): { places: Place[]; scale: number } {
  if (colours.length === 1) return { places: [[0, 0]], scale: 1 };
  const apart = 60 / colours.length;
  return {
    places: colours.map((_, index) => [(index - (colours.length - 1) / 2) * apart, -6]),
    scale: Math.min(0.6, apart / 34),
  };
}

const OUTLINE = { stroke: INK, strokeWidth: 1.2 };
const LEG = { stroke: INK, strokeWidth: 2 };
const WAVES = { stroke: SOFT_INK, strokeWidth: 2 };
const DARK = colour('#3A4247');
const PALE = colour('#F1ECE2');
const DISPLAY = { fill: colour('#CBD5C0'), stroke: colour('#8D967F'), strokeWidth: 0.8 };
const DIGITS = colour('#20292E');

/**
 * A load centred on the origin, its + pin on the left.
 * @param running with what one sees or hears of it while it runs; the light of an LED is the screen’s.
 */
export function loadShapes(looks: LoadLooks, running: boolean): Shape[] {
  const whileRunning = (...shapes: Shape[]): Shape[] => (running ? shapes : []);
  switch (looks.drawing) {
    case 'led':
      return ledsShapes(looks);
    case 'resistor':
      return [
        path('M-34 0 H-20 M20 0 H34', LEG),
        rect(-20, -9, 40, 18, { fill: colour('#E7D3A8'), ...OUTLINE, radius: 6 }),
        path('M-11 -9 V9 M-3 -9 V9 M5 -9 V9', { stroke: colour('#7A4B21'), strokeWidth: 3 }),
      ];
    case 'sounder':
      return [
        ellipse(0, 0, 20, 20, { fill: DARK, ...OUTLINE }),
        ellipse(0, 0, 4, 4, { fill: PALE, stroke: INK }),
        path('M-7 20 V40 M7 20 V34', LEG),
        ...whileRunning(path('M26 -14 A30 30 0 0 1 26 14 M33 -20 A42 42 0 0 1 33 20', WAVES)),
      ];
    case 'clock':
      return boxShapes(running ? '12:40' : '');
    case 'box':
      return boxShapes(running ? 'on' : '');
    case 'timer':
      return [
        path('M0 -24 V-30 M-5 -30 H5', { stroke: INK, strokeWidth: 3 }),
        ellipse(0, 0, 24, 24, { fill: PALE, stroke: INK, strokeWidth: 1.6 }),
        rect(-16, -9, 32, 16, { ...DISPLAY, radius: 2 }),
        ...whileRunning(text(0, 4, 12, '3:00', DIGITS)),
      ];
    case 'calculator':
      return [
        rect(-22, -30, 44, 60, { fill: DARK, ...OUTLINE, radius: 4 }),
        rect(-17, -25, 34, 13, { ...DISPLAY, radius: 2 }),
        ...[-4, 6, 16].flatMap((y) =>
          [-15, -5, 5].map((x) =>
            rect(x, y, 8, 7, { fill: colour('#E7D3A8'), stroke: DIGITS, radius: 1 }),
          ),
        ),
        ...whileRunning(text(7, -15, 11, '42', DIGITS)),
      ];
    case 'melody':
      return [
        rect(-26, -12, 36, 24, { fill: colour('#2F6F4A'), ...OUTLINE, radius: 2 }),
        ellipse(-8, 0, 7, 7, { fill: DIGITS, grey: 0.3 }),
        path('M-22 12 V20 M-12 12 V20 M12 20 H4 V12', LEG),
        ...whileRunning(
          ellipse(20, -2, 4, 4, { fill: SOFT_INK }),
          ellipse(34, -8, 4, 4, { fill: SOFT_INK }),
          path('M24 -2 V-20 L38 -26 V-8', WAVES),
        ),
      ];
    case 'radio':
      return [
        path('M14 -18 L28 -40', LEG),
        rect(-32, -18, 64, 40, { fill: colour('#A9531F'), ...OUTLINE, radius: 5 }),
        ellipse(-13, 2, 12, 12, { fill: DARK, stroke: INK }),
        path('M-20 -3 H-6 M-22 2 H-4 M-20 7 H-6', { stroke: PALE, strokeWidth: 1.6 }),
        ellipse(17, 8, 6, 6, { fill: PALE, stroke: INK }),
        rect(6, -12, 22, 6, { fill: PALE, stroke: INK, strokeWidth: 0.8 }),
        ...whileRunning(path('M38 -8 A20 20 0 0 1 38 14 M44 -13 A30 30 0 0 1 44 19', WAVES)),
      ];
    case 'motor':
      return [
        path('M22 0 H34 M34 -16 V16', { stroke: INK, strokeWidth: 3 }),
        rect(-22, -14, 44, 28, { fill: colour('#B9C0C3'), ...OUTLINE, radius: 6 }),
        text(0, 6, 16, 'M', DIGITS),
        path('M-10 14 V24 M10 14 V24', LEG),
        ...whileRunning(path('M42 -14 A18 18 0 0 1 42 14 M38 18 L42 14 L46 19', WAVES)),
      ];
    case 'bulb':
      return [
        ...whileRunning(ellipse(0, -8, 29, 29, { fill: colour('#FBE3AB') })),
        ellipse(0, -8, 20, 20, { fill: colour('#FFFDF2'), ...OUTLINE }),
        path('M-6 8 L-7 -6 L-3 -12 L0 -6 L3 -12 L7 -6 L6 8', { stroke: INK, strokeWidth: 1.4 }),
        rect(-9, 11, 18, 14, { fill: colour('#B9C0C3'), ...OUTLINE, radius: 2 }),
        path('M-9 16 H9 M-9 20 H9 M-9 25 V34 M9 25 V34', { stroke: INK, strokeWidth: 1.6 }),
      ];
    case 'capacitor':
      return [
        rect(-14, -24, 28, 46, { fill: colour('#4A6A86'), ...OUTLINE, radius: 5 }),
        rect(4, -24, 5, 46, { fill: PALE, stroke: INK, strokeWidth: 0.6 }),
        path('M4.5 -2 H8.5', { stroke: DIGITS, strokeWidth: 2 }),
        path('M-7 22 V44 M8 22 V36', LEG),
      ];
  }
}

/** A box with a display. */
function boxShapes(words: string): Shape[] {
  return [
    rect(-30, -18, 60, 36, { fill: DARK, ...OUTLINE, radius: 5 }),
    rect(-24, -12, 48, 24, { ...DISPLAY, radius: 2 }),
    ...(words === '' ? [] : [text(0, 6, 16, words, DIGITS)]),
  ];
}

/** One LED on its two legs, or several on one bar: side by side all legs on two rails, else one behind the other. */
function ledsShapes({ colours, joined }: Extract<LoadLooks, { drawing: 'led' }>): Shape[] {
  const { places, scale } = lensesOf(colours);
  const lenses = colours.flatMap((of, index) => lensShapes(of, places[index] ?? [0, 0], scale));
  if (colours.length === 1) return lenses;
  const rails =
    joined === 'side-by-side'
      ? `M-30 34 V22 H${places.at(-1)?.[0]} M30 34 V16 H${places[0]?.[0]}`
      : 'M-30 34 V22 M30 34 V16';
  return [...lenses, path(rails, { stroke: INK, strokeWidth: 1.6 })];
}

function lensShapes(of: LedColour, [x, y]: Place, scale: number): Shape[] {
  const light = { fill: colour(LIGHT[of]), ...OUTLINE };
  const at = (dx: number, dy: number): string => `${x + dx * scale} ${y + dy * scale}`;
  const r = 15 * scale;
  return [
    path(`M${at(-15, 14)} L${at(-15, -4)} A${r} ${r} 0 0 1 ${at(15, -4)} L${at(15, 14)} Z`, light),
    rect(x - 18 * scale, y + 14 * scale, 36 * scale, 6 * scale, { ...light, radius: 1.5 * scale }),
    path(`M${at(-7, 20)} L${at(-7, 46)} M${at(8, 20)} L${at(8, 36)}`, LEG),
  ];
}
