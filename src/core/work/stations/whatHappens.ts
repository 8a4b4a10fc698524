export const STATION_SLUGS = ['power', 'cell', 'arrange', 'ready', 'build', 'run'] as const;
export type StationSlug = (typeof STATION_SLUGS)[number];

/** What happens at each station, in a sentence. */
export const WHAT_HAPPENS: Readonly<Record<StationSlug, string>> = {
  power: 'Say what is to light or run, and for how long; volts and current follow from it.',
  cell: 'Choose a cell, build one and measure it: each reading tells more of those your class will build.',
  arrange: 'Cells in series add volts; strings side by side add current.',
  ready: 'Shopping, cutting and mixing, safety, and the sheets.',
  build: 'Build cell by cell and read the volts after each; what is off is told at once.',
  run: 'How bright, for how long, and what ends it.',
};
