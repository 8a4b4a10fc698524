/** Text with its first letter as a capital, for the beginning of a sentence or a heading. */
export function capital(text: string): string {
  return `${text.slice(0, 1).toUpperCase()}${text.slice(1)}`;
}

/** `a, b and c`. */
export function listWords(words: readonly string[], last: 'and' | 'or' = 'and'): string {
  return words.length < 2
    ? words.join('')
    : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1) ?? ''}`;
}

/** Small numbers, in words. */
const SPELLED = [
  'none',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
];

/** `three`; from eleven on `11`. */
export function inWords(count: number): string {
  return SPELLED[count] ?? String(count);
}
