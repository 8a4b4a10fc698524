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
  'eleven',
  'twelve',
];
/** Above ten, figures are read faster. */
const MOST_IN_WORDS = 10;

/** `three`; from eleven on `11`. */
export function inWords(count: number): string {
  return (count <= MOST_IN_WORDS ? SPELLED[count] : undefined) ?? String(count);
}

/** The count of a small number that is spelled out; `null`: it is none. */
export function countOf(word: string): number | null {
  const count = SPELLED.indexOf(word);
  return count < 0 ? null : count;
}

/** `1 plan`, `3 plans`. */
export function counted(count: number, one: string, many: string): string {
  return `${count} ${count === 1 ? one : many}`;
}
