/** Where the month is written before the day, and weeks begin with Sunday. */
const MONTH_FIRST = ['en-US', 'en-PH'];

export function isMonthFirst(): boolean {
  return MONTH_FIRST.includes(navigator.language);
}
