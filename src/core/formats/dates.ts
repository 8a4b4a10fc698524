import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat';
import utc from 'dayjs/plugin/utc';
import { fail, succeed, type Result } from '../result';

dayjs.extend(customParseFormat);
dayjs.extend(utc);

const DAY = 'YYYY-MM-DD';
const CLOCK = 'HH:mm';

/** `Fri 29 Jan` of a day, `2027-01-29`: where its year is plain. */
export function dayWords(day: string): string {
  return dayjs.utc(day).format('ddd D MMM');
}

/** `Fri 29 Jan 2027` of a day. */
export function dateWords(day: string): string {
  return dayjs.utc(day).format('ddd D MMM YYYY');
}

/** `Fri 29 Jan 2027` of a moment, ISO 8601 or milliseconds since 1970, by the clock of this device. */
export function dateOfMoment(moment: string | number): string {
  return dayjs(moment).format('ddd D MMM YYYY');
}

/** `Fri 29 Jan, 14:02` of a moment, by the clock of this device. */
export function momentWords(moment: string | number): string {
  return dayjs(moment).format(`ddd D MMM, ${CLOCK}`);
}

/** `14:02` of a moment, by the clock of this device. */
export function clockOfMoment(moment: string | number): string {
  return dayjs(moment).format(CLOCK);
}

/** How people write a day, but with slashes. */
const DAY_FORMATS = [
  ...'YYYY-MM-DD|D.M.YYYY|DD.MM.YYYY|D-M-YYYY|DD-MM-YYYY'.split('|'),
  ...'D MMM YYYY|D MMMM YYYY|MMM D, YYYY|MMMM D, YYYY|MMM D YYYY|MMMM D YYYY'.split('|'),
];
/** America has the month first. */
const SLASHES = {
  dayFirst: ['D/M/YYYY', 'DD/MM/YYYY'],
  monthFirst: ['M/D/YYYY', 'MM/DD/YYYY'],
} as const;
const WEEKDAY = /^(sun|mon|tue|wed|thu|fri|sat)[a-z]*,? +/;
const CLOCK_FORMATS = 'H:mm|HH:mm|H.mm|HH.mm|H|HH|HHmm|h a|ha|h:mm a|h:mma'.split('|');

/** A day as it was typed, `2027-01-29`. */
export function parseDay(
  typed: string,
  slashes: keyof typeof SLASHES = 'dayFirst',
): Result<string> {
  const plain = typed.trim().toLowerCase().replace(WEEKDAY, '');
  const named = plain.replace(/[a-z]/, (letter) => letter.toUpperCase());
  const day = dayjs(named, [...DAY_FORMATS, ...SLASHES[slashes]], true);
  return day.isValid()
    ? succeed(day.format(DAY))
    : fail({
        code: 'no-day',
        path: [],
        message: `“${typed}” is no day. Write it like 29 Jan 2027.`,
      });
}

/** A time of day as it was typed, `14:30`. */
export function parseClock(typed: string): Result<string> {
  const clock = dayjs(typed.trim().toLowerCase(), CLOCK_FORMATS, true);
  return clock.isValid()
    ? succeed(clock.format(CLOCK))
    : fail({
        code: 'no-clock',
        path: [],
        message: `“${typed}” is no time of day. Write it like 14:30.`,
      });
}
