/** Text with its first letter as a capital, for the beginning of a sentence or a heading. */
export function capital(text: string): string {
  return `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;
}
