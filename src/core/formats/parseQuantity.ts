import { fail, succeed, type Result } from '../result';

/** The kinds of quantity that people type, each with the unit meant when they type none. */
export type QuantityKind =
  | 'volts'
  | 'milliamps'
  | 'ohms'
  | 'farads'
  | 'minutes'
  | 'seconds'
  | 'millimetres'
  | 'celsius'
  | 'count';

interface QuantityRule {
  readonly what: string;
  readonly example: string;
  readonly defaultUnit: string;
  /** Lower-case unit → factor to the core's unit (SI; minutes stay minutes). */
  readonly factors: Readonly<Record<string, number>>;
}

const RULES: Readonly<Record<QuantityKind, QuantityRule>> = {
  volts: {
    what: 'a voltage',
    example: '0.94, 0,94 V or 940 mV',
    defaultUnit: 'v',
    factors: { v: 1, volt: 1, volts: 1, mv: 1e-3, kv: 1e3 },
  },
  milliamps: {
    what: 'a current',
    example: '1.3, 1,3 mA or 130 µA',
    defaultUnit: 'ma',
    factors: { ma: 1e-3, a: 1, amp: 1, amps: 1, '\u03bca': 1e-6, ua: 1e-6 },
  },
  ohms: {
    what: 'a resistance',
    example: '470, 1.5 kΩ or 2M',
    defaultUnit: '\u03c9',
    factors: {
      '\u03c9': 1,
      ohm: 1,
      ohms: 1,
      'k\u03c9': 1e3,
      k: 1e3,
      kohm: 1e3,
      'm\u03c9': 1e6,
      m: 1e6,
      mohm: 1e6,
    },
  },
  farads: {
    what: 'a capacitance',
    example: '4700, 4700 µF or 10 mF',
    defaultUnit: '\u03bcf',
    factors: { f: 1, farad: 1, farads: 1, mf: 1e-3, '\u03bcf': 1e-6, uf: 1e-6 },
  },
  seconds: {
    what: 'a time in seconds',
    example: '2, 10 s or 1 min',
    defaultUnit: 's',
    factors: { s: 1, sec: 1, second: 1, seconds: 1, min: 60, minute: 60, minutes: 60 },
  },
  minutes: {
    what: 'a time',
    example: '40, 90 min, 2 h or 1.5 days',
    defaultUnit: 'min',
    factors: {
      s: 1 / 60,
      min: 1,
      minute: 1,
      minutes: 1,
      h: 60,
      hour: 60,
      hours: 60,
      day: 1440,
      days: 1440,
      d: 1440,
    },
  },
  millimetres: {
    what: 'a length',
    example: '20, 20 mm or 2 cm',
    defaultUnit: 'mm',
    factors: { μm: 0.001, um: 0.001, mm: 1, cm: 10, m: 1000, in: 25.4, inch: 25.4 },
  },
  celsius: {
    what: 'a temperature',
    example: '20, 20 °C or 68 °F',
    defaultUnit: '°c',
    factors: { '°c': 1, c: 1 },
  },
  count: { what: 'a whole number', example: '4', defaultUnit: '', factors: { '': 1 } },
};

const OVER_RANGE = /^(1|ol|o\.l\.?|0l|0\.l\.?)\s*$/i;
const PATTERN =
  /^([+\-−–]?)\s*(\d+(?:[.,]\d*)?|[.,]\d+)(?:e([+-]?\d{1,2}))?\s*(°?[a-z\u03bc\u03c9]*)$/i;

/**
 * A quantity as people type it: comma or point, with or without a unit, with or without a space.
 * The value comes back in volts, amperes, ohms, minutes, millimetres, °C or as a count.
 */
export function parseQuantity(text: string, kind: QuantityKind): Result<number> {
  const rule = RULES[kind];
  // Ohm sign and Greek omega, micro sign and Greek mu, no-break space and space become one.
  // A point at the end that stands apart belongs to its number: `1 .` is 1.
  const tidy = text
    .normalize('NFKC')
    .trim()
    .replace(/(\d)\s+([.,])$/, '$1$2');
  if (tidy === '') return refuse('empty', `Type ${rule.what}, for example ${rule.example}.`);
  if (tidy !== '1' && OVER_RANGE.test(tidy)) {
    return refuse(
      'over-range',
      'That is the meter’s over-range sign: choose a higher range and read again.',
    );
  }
  const parts = kind === 'minutes' ? hoursAndMinutes(tidy) : null;
  if (parts !== null) return succeed(parts);
  const match = PATTERN.exec(tidy);
  if (match === null) {
    return refuse(
      'not-a-quantity',
      `“${tidy}” is not ${rule.what}. Write it like ${rule.example}.`,
    );
  }
  const [, sign, digits = '', exponent = '0', unitText = ''] = match;
  const unit = unitText === '' ? rule.defaultUnit : unitText.toLowerCase();
  const size = Number(`${digits.replace(',', '.')}e${exponent}`);
  if (kind === 'celsius' && /^°?f$/.test(unit)) {
    return succeed(((signed(sign, size) - 32) * 5) / 9);
  }
  const factor = rule.factors[unit];
  if (factor === undefined) {
    return refuse(
      'wrong-unit',
      `“${unitText}” is not a unit of ${rule.what}. Write it like ${rule.example}.`,
    );
  }
  // Dividing by 1000 is exact where multiplying by 0.001 is not.
  const value = factor < 1 ? size / Math.round(1 / factor) : size * factor;
  return succeed(signed(sign, value));
}

function signed(sign: string | undefined, value: number): number {
  return sign === '' || sign === '+' ? value : -value;
}

/** `2 h 30 min` in minutes, or `null` where the text is not of that form. */
function hoursAndMinutes(text: string): number | null {
  const match = /^(\d+)\s*h(?:ours?)?\s*(\d+)\s*(?:min(?:utes?)?)?$/i.exec(text);
  return match === null ? null : 60 * Number(match[1]) + Number(match[2]);
}

function refuse(code: string, message: string): Result<number> {
  return fail({ code, path: [], message });
}
