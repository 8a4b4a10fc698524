export const STATION_SLUGS = ['power', 'cell', 'arrange', 'ready', 'build', 'run'] as const;
export type StationSlug = (typeof STATION_SLUGS)[number];

/** What happens at each station, in two lines. */
export const WHAT_HAPPENS: Readonly<Record<StationSlug, readonly [string, string]>> = {
  power: [
    'Say what is to light or run, and for how long.',
    'From that follow the volts and the current that the battery must give.',
  ],
  cell: [
    'Choose what a cell is made of, build one and measure it.',
    'Each reading tells more of what the cells of your class will give.',
  ],
  arrange: [
    'Cells in series add volts; strings side by side add current.',
    'Change the counts or touch a cell: the verdict follows at once.',
  ],
  ready: [
    'The class, the shopping, the cutting and mixing, the safety and the sheets.',
    'What the cupboard has is taken off the list.',
  ],
  build: [
    'Each group builds cell by cell and reads the volts after each.',
    'A reading that is off is explained, with what to measure next.',
  ],
  run: [
    'The battery as it runs down: how bright, for how long, what ends it.',
    'Move the slider to see the desk at any moment.',
  ],
};
