import { fail, succeed, type Result } from '../../result';

/** What the app says to a bench meter for one reading (SCPI-1999 and IEEE 488.2). */
export const SCPI = {
  identify: '*IDN?',
  configure: { volts: 'CONF:VOLT:DC', amps: 'CONF:CURR:DC' },
  read: 'READ?',
  error: 'SYST:ERR?',
} as const;

/** The stand-in names itself so; nothing else is told where its probes are. */
export const STAND_IN_NAME = 'GROZER,SIMULATED BENCH METER';
/** Commands that only the stand-in knows: nobody can hold probes to a simulated battery. */
export const SIMULATED = { battery: 'SIM:BATT', probe: 'SIM:PROB' } as const;

/** Overload is sent as this number (SCPI-1999, volume 1, 7.2.1.4: infinity). */
export const OVERLOAD = 9.9e37;
const NOT_A_NUMBER = 9.91e37;

export const METER_PORT = 5025;
export const LONGEST_LINE = 400;

const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d{1,3})?$/i;

/** The number of a reading; over-range and anything that is no number are faults, never values. */
export function readingOf(line: string): Result<number> {
  const text = line.trim();
  if (!NUMBER.test(text)) {
    return refuse('garbage', `The meter answered “${shown(text)}”, which is no reading.`);
  }
  const value = Number(text);
  if (Math.abs(value) === NOT_A_NUMBER || !Number.isFinite(value)) {
    return refuse('garbage', 'The meter says that it has no reading.');
  }
  if (Math.abs(value) >= OVERLOAD) {
    return refuse('over-range', 'The meter is over range: choose a higher range and read again.');
  }
  return succeed(value);
}

/** An answer to `SYST:ERR?`; succeeds where there is no error. */
export function errorOf(line: string): Result<null> {
  const match = /^\s*([+-]?\d+)\s*,\s*"?([^"]*)"?\s*$/.exec(line);
  if (match === null) {
    return refuse('garbage', `The meter answered “${shown(line)}” when asked for its errors.`);
  }
  const [, code, text] = match;
  return Number(code) === 0
    ? succeed(null)
    : refuse('meter-error', `The meter reports an error: ${text} (${code}).`);
}

function shown(text: string): string {
  return text.length > 40 ? `${text.slice(0, 40)}…` : text;
}

function refuse<T>(code: string, message: string): Result<T> {
  return fail({ code, path: [], message });
}
