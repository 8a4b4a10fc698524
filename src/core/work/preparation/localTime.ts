import dayjs from 'dayjs';
import utc from 'dayjs/plugin/utc';

dayjs.extend(utc);

/** A local time without a zone, `2027-01-29T14:00:00`: school clocks stay what they are. Sorts as text. */
export type LocalTime = string;

/** Local times are counted as if they were UTC, so that no change of clocks shifts a timetable. */
const FORMAT = 'YYYY-MM-DDTHH:mm:ss';

/**
 * What the clock on the wall shows.
 * @param offsetMinutes by which the wall is behind UTC, as `Date` gives it
 */
export function localTimeAt(milliseconds: number, offsetMinutes: number): LocalTime {
  return dayjs.utc(milliseconds).subtract(offsetMinutes, 'minute').format(FORMAT);
}

export function addMinutes(time: LocalTime, minutes: number): LocalTime {
  return dayjs.utc(time).add(minutes, 'minute').format(FORMAT);
}

/** Minutes from one time to another. */
export function minutesBetween(from: LocalTime, to: LocalTime): number {
  return dayjs.utc(to).diff(dayjs.utc(from), 'minute', true);
}

/** The day of a time, `year-month-day`. */
export function dayOf(time: LocalTime): string {
  return time.slice(0, 10);
}

/** `14:30` as minutes since midnight. */
export function minuteOfDay(clock: string): number {
  return 60 * Number(clock.slice(0, 2)) + Number(clock.slice(3, 5));
}

/** Monday to Friday. */
export function isWorkingDay(day: string): boolean {
  const weekday = dayjs.utc(day).day();
  return weekday >= 1 && weekday <= 5;
}
