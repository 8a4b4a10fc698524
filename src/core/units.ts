/** Conversion and wording of quantities at the edges; inside the core everything is SI. */

/** Between thousands. */
const NARROW_SPACE = '\u202f';
export const NO_BREAK_SPACE = '\u00a0';

interface Scale {
  readonly unit: string;
  /** SI value of one unit. */
  readonly factor: number;
  /** Smallest SI magnitude that is still shown in this unit. */
  readonly from: number;
}

const VOLTS: readonly Scale[] = [
  { unit: 'V', factor: 1, from: 0.1 },
  { unit: 'mV', factor: 1e-3, from: 0 },
];
const AMPS: readonly Scale[] = [
  { unit: 'A', factor: 1, from: 1 },
  { unit: 'mA', factor: 1e-3, from: 1e-4 },
  { unit: 'µA', factor: 1e-6, from: 0 },
];
const OHMS: readonly Scale[] = [
  { unit: 'MΩ', factor: 1e6, from: 1e6 },
  { unit: 'kΩ', factor: 1e3, from: 1e3 },
  { unit: 'Ω', factor: 1, from: 0 },
];
const WATTS: readonly Scale[] = [
  { unit: 'MW', factor: 1e6, from: 1e6 },
  { unit: 'kW', factor: 1e3, from: 1e4 },
  { unit: 'W', factor: 1, from: 1 },
  { unit: 'mW', factor: 1e-3, from: 1e-4 },
  { unit: 'µW', factor: 1e-6, from: 0 },
];
const FARADS: readonly Scale[] = [
  { unit: 'F', factor: 1, from: 1 },
  { unit: 'mF', factor: 1e-3, from: 1e-3 },
  { unit: 'µF', factor: 1e-6, from: 0 },
];
const JOULES: readonly Scale[] = [
  { unit: 'GJ', factor: 1e9, from: 1e9 },
  { unit: 'MJ', factor: 1e6, from: 1e6 },
  { unit: 'kJ', factor: 1e3, from: 1e4 },
  { unit: 'J', factor: 1, from: 0.1 },
  { unit: 'mJ', factor: 1e-3, from: 0 },
];
/** Below this many of the smallest unit a quantity is shown as zero. */
const SHOWN_AS_ZERO_BELOW = 0.005;

/** `1.80 V`, `12.5 V`, `45 mV`: two decimals below 10 V as a school meter shows them, millivolts below 0.1 V. */
export function formatVolts(volts: number): string {
  const size = Math.abs(volts);
  if (size < 0.1 || !Number.isFinite(volts)) return formatScaled(volts, VOLTS);
  const decimals = size < 10 ? 2 : size < 100 ? 1 : 0;
  return `${formatFixed(volts, decimals)}${NO_BREAK_SPACE}V`;
}

/** `2.31 mA`, `40 µA`; `0.2 A` becomes `200 mA`. */
export function formatAmps(amps: number): string {
  return formatScaled(amps, AMPS);
}

/** `664 Ω`, `1.5 kΩ`. */
export function formatOhms(ohms: number): string {
  return formatScaled(ohms, OHMS);
}

/** `4.2 mW`. */
export function formatWatts(watts: number): string {
  return formatScaled(watts, WATTS);
}

/** `4.7 mF`, `470 µF`. */
export function formatFarads(farads: number): string {
  return formatScaled(farads, FARADS);
}

/** What is thinner is told in micrometres. */
const MICROMETRES_BELOW = 0.05;

/** `69 mJ`, `1.2 J`, `43 kJ`. */
export function formatJoules(joules: number): string {
  return formatScaled(joules, JOULES);
}

export function formatMillimetres(millimetres: number): string {
  return millimetres !== 0 && Math.abs(millimetres) < MICROMETRES_BELOW
    ? `${formatNumber(1000 * millimetres)}${NO_BREAK_SPACE}µm`
    : `${formatNumber(millimetres)}${NO_BREAK_SPACE}mm`;
}

/** `2 s`, `90 s`: seconds stay seconds. */
export function formatSeconds(seconds: number): string {
  return `${formatNumber(seconds)}${NO_BREAK_SPACE}s`;
}

/** `40 min`, `2 h`, `2 h 30 min`, `3 days`. */
export function formatMinutes(minutes: number): string {
  if (minutes < 1) return `${formatNumber(minutes * 60)}${NO_BREAK_SPACE}s`;
  // Rounded first, so that 119.7 min are 2 h and not 1 h 60 min.
  const whole = Math.round(minutes);
  if (whole < 60) return `${formatNumber(minutes)}${NO_BREAK_SPACE}min`;
  if (minutes >= 72 * 60) return `${formatNumber(minutes / 1440)}${NO_BREAK_SPACE}days`;
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  const hoursText = `${hours}${NO_BREAK_SPACE}h`;
  return rest === 0 ? hoursText : `${hoursText} ${rest}${NO_BREAK_SPACE}min`;
}

/** `for 10 min`, or from when to when: `from 20:00 to 8:00`. */
export function forHowLong(minutes: number, from: string | null): string {
  return from === null
    ? `for ${formatMinutes(minutes)}`
    : `from ${shortClock(from)} to ${shortClock(clockAfter(from, minutes))}`;
}

const DAY_MINUTES = 1440;

/** The time of day so many minutes after another one, `08:00`. */
export function clockAfter(from: string, minutes: number): string {
  const [hours = 0, rest = 0] = from.split(':').map(Number);
  const at = Math.round(60 * hours + rest + minutes) % DAY_MINUTES;
  const two = (count: number): string => String(count).padStart(2, '0');
  return `${two(Math.floor(at / 60))}:${two(at % 60)}`;
}

/** `8:00` */
export function shortClock(clock: string): string {
  return clock.replace(/^0/, '');
}

/** A time as people say it: seconds, minutes, hours, days, to two figures. */
export function aboutTime(seconds: number): string {
  if (seconds < 0.05) return 'no time';
  if (seconds < 1) return `${seconds.toFixed(1)}${NO_BREAK_SPACE}s`;
  if (seconds < 90) return `${Math.round(seconds)}${NO_BREAK_SPACE}s`;
  const [unit, size] =
    seconds < 90 * 60
      ? (['min', 60] as const)
      : seconds < 48 * 3600
        ? (['h', 3600] as const)
        : (['days', 86_400] as const);
  const value = seconds / size;
  const digits = value < 10 ? value.toFixed(1).replace(/\.0$/, '') : Math.round(value);
  return `${digits}${NO_BREAK_SPACE}${unit}`;
}

/** Three significant figures, without an exponent, without trailing noise. */
export function formatNumber(value: number, significant = 3): string {
  if (!Number.isFinite(value)) return value > 0 ? '∞' : '–';
  return formatterOf(significant).format(value).replace('-', '−');
}

/** Whole numbers with spaces between thousands; from ten thousand on to three figures, for nobody counts so closely. */
export function formatCount(value: number): string {
  if (value < 1e6) {
    const shown = value < 1e4 ? Math.round(value) : Number(value.toPrecision(3));
    return shown.toLocaleString('en').replaceAll(',', NARROW_SPACE);
  }
  return value < 1e9
    ? `${formatNumber(value / 1e6, 3)} million`
    : `${formatNumber(value / 1e9, 3)} thousand million`;
}

const FORMATTERS = new Map<number, Intl.NumberFormat>();

/** Making a number format takes far longer than using it. */
function formatterOf(significant: number): Intl.NumberFormat {
  const known = FORMATTERS.get(significant);
  if (known !== undefined) return known;
  const made = new Intl.NumberFormat('en-GB', {
    maximumSignificantDigits: significant,
    useGrouping: false,
  });
  FORMATTERS.set(significant, made);
  return made;
}

/** Two decimals, as a school meter shows volts; keeps the trailing zero so that columns line up. */
export function formatFixed(value: number, decimals = 2): string {
  const text = Math.abs(value).toFixed(decimals);
  return value < 0 && Number(text) !== 0 ? `−${text}` : text;
}

function formatScaled(value: number, scales: readonly Scale[]): string {
  const plain = scales.find(({ factor }) => factor === 1);
  const smallest = scales.at(-1);
  if (plain === undefined || smallest === undefined) throw new Error('a quantity needs a unit');
  if (!Number.isFinite(value)) return `${formatNumber(value)}${NO_BREAK_SPACE}${plain.unit}`;
  const size = Math.abs(value);
  if (size < SHOWN_AS_ZERO_BELOW * smallest.factor) return `0${NO_BREAK_SPACE}${plain.unit}`;
  const scale = scales.find((candidate) => size >= candidate.from) ?? smallest;
  return `${formatNumber(value / scale.factor)}${NO_BREAK_SPACE}${scale.unit}`;
}
