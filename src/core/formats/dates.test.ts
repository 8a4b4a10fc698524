import {
  clockOfMoment,
  dateOfMoment,
  dateWords,
  dayWords,
  momentWords,
  parseClock,
  parseDay,
} from './dates';

const valueOf = (read: ReturnType<typeof parseDay>): string =>
  read.ok ? read.value : (read.issues[0]?.message ?? '');

/**
 * @check weekdays of dates
 * @origin library: the calendar of the JavaScript engine (ECMA-262, Intl)
 * @tolerance exact
 */
test('a day is told the same way everywhere', () => {
  expect(dayWords('2027-01-29')).toBe('Fri 29 Jan');
  expect(dateWords('2024-02-29')).toBe('Thu 29 Feb 2024');
  for (let day = 0; day < 800; day += 1) {
    const date = new Date(Date.UTC(2026, 0, 1 + 5 * day));
    const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });
    expect(dayWords(date.toISOString().slice(0, 10))).toContain(weekday.format(date));
  }
});

test('a moment is told by the clock of this device', () => {
  const moment = new Date(2027, 0, 29, 14, 2).getTime();
  expect(momentWords(moment)).toBe('Fri 29 Jan, 14:02');
  expect(momentWords(new Date(moment).toISOString())).toBe('Fri 29 Jan, 14:02');
  expect(dateOfMoment(moment)).toBe('Fri 29 Jan 2027');
  expect(clockOfMoment(moment)).toBe('14:02');
});

test.each([
  ['2027-01-29'],
  ['29 Jan 2027'],
  ['29 January 2027'],
  ['Fri 29 Jan 2027'],
  ['Friday, 29 january 2027'],
  ['January 29, 2027'],
  ['29.1.2027'],
  ['29.01.2027'],
  ['29/1/2027'],
  [' 29-01-2027 '],
])('a day as people type it: %s', (typed) => {
  expect(valueOf(parseDay(typed))).toBe('2027-01-29');
});

test('with slashes the month comes first only where it is said; no day is refused in words', () => {
  expect(valueOf(parseDay('1/2/2027', 'monthFirst'))).toBe('2027-01-02');
  expect(valueOf(parseDay('1/2/2027'))).toBe('2027-02-01');
  for (const typed of ['', 'tomorrow', '31.2.2027', '2027-13-01', '29 Jan'])
    expect(valueOf(parseDay(typed))).toContain('Write it like 29 Jan 2027');
});

test.each([
  ['14:30', '14:30'],
  ['9:05', '09:05'],
  ['09:05', '09:05'],
  ['14.30', '14:30'],
  ['14', '14:00'],
  ['2 pm', '14:00'],
  ['2pm', '14:00'],
  ['2:30 PM', '14:30'],
  ['1430', '14:30'],
])('a time of day as people type it: %s', (typed, clock) => {
  expect(valueOf(parseClock(typed))).toBe(clock);
});

test('no time of day is refused in words', () => {
  for (const typed of ['', '25:00', '14:75', 'noon'])
    expect(valueOf(parseClock(typed))).toContain('Write it like 14:30');
});
