/** Control characters, line ends, and marks that turn the direction of what follows (Unicode Standard Annex 9). */
// oxlint-disable-next-line no-control-regex
const NO_LETTERS = /[\u0000-\u001F\u007F-\u009F\u2028-\u202E\u2066-\u2069]+/g;

/** What stands in one line on screens, sheets and in calendars, whatever a file holds; half a character becomes “�”. */
export function plainLine(text: string): string {
  return text.replace(NO_LETTERS, ' ').toWellFormed().trim();
}
