/** Text for paper: hard spaces of every width become ordinary ones, so that lines break and text can be searched. */
export function printable(text: string): string {
  return text.replace(/[\u00A0\u202F\u2009]/g, ' ');
}
