/** Where a word of the glossary stands on the page of help. */
export function wordAnchor(word: string): string {
  return `word-${word.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;
}
