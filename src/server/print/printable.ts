/** Signs that the print's font lacks, in words or in signs that it has. */
const REPLACEMENTS: readonly (readonly [RegExp, string])[] = [
  [/µA/g, 'microamps'],
  [/MΩ/g, 'megohm'],
  [/kΩ/g, 'kilohm'],
  [/mΩ/g, 'milliohm'],
  [/[Ω\u2126]/g, 'ohm'],
  [/[µμ]/g, 'micro'],
  [/→/g, 'to'],
  [/≈/g, 'about'],
  [/≤/g, 'at most'],
  [/⁺/g, '+'],
  [/⁻/g, '−'],
  [/₂/g, '2'],
  [/₄/g, '4'],
  // Hard spaces of every width become ordinary ones, so that lines break and text can be searched.
  [/[\u00A0\u202F\u2009]/g, ' '],
];

/** Text with the signs that the embedded font has. */
export function printable(text: string): string {
  return REPLACEMENTS.reduce((done, [sign, words]) => done.replace(sign, words), text);
}
