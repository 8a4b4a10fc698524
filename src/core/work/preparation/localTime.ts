/** A local time without a zone, `2027-01-29T14:00:00`: school clocks stay what they are. Sorts as text. */
export type LocalTime = string;

const MINUTE_MS = 60_000;

/** Local times are counted as if they were UTC, so that no change of clocks shifts a timetable. */
function millisecondsOf(time: LocalTime): number {
  return Date.parse(`${time}Z`);
}

/**
 * What the clock on the wall shows.
 * @param offsetMinutes by which the wall is behind UTC, as `Date` gives it
 */
export function localTimeAt(milliseconds: number, offsetMinutes: number): LocalTime {
  return new Date(milliseconds - offsetMinutes * MINUTE_MS).toISOString().slice(0, 19);
}

export function addMinutes(time: LocalTime, minutes: number): LocalTime {
  return new Date(millisecondsOf(time) + minutes * MINUTE_MS).toISOString().slice(0, 19);
}

/** Minutes from one time to another. */
export function minutesBetween(from: LocalTime, to: LocalTime): number {
  return (millisecondsOf(to) - millisecondsOf(from)) / MINUTE_MS;
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
  const weekday = new Date(`${day}T12:00:00Z`).getUTCDay();
  return weekday >= 1 && weekday <= 5;
}
