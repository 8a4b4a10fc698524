/** A word of the trade in plain words. */
export interface GlossaryEntry {
  readonly word: string;
  readonly meaning: string;
}

/** In the order of the alphabet. */
export const GLOSSARY: readonly GlossaryEntry[] = [
  {
    word: 'Anode',
    meaning:
      'The electrode where oxidation happens. In a working cell that is the −: the zinc, which dissolves. An LED’s anode is something else: its long leg, which goes to the battery’s +.',
  },
  {
    word: 'Battery',
    meaning: 'Cells joined together: in series for more volts, in parallel for more current.',
  },
  {
    word: 'Body',
    meaning:
      'What the metals of one cell stick in: a fruit, a cup, a sponge. One body of electrolyte is one cell, however many pairs are in it.',
  },
  {
    word: 'Cathode',
    meaning:
      'The electrode where reduction happens. In a working cell that is the +: the copper, which stays as it is.',
  },
  {
    word: 'Cell',
    meaning: 'Two different metals (or a metal and carbon) with something wet between them.',
  },
  {
    word: 'Conductivity',
    meaning:
      'How well a liquid lets ions through. Brine conducts about a hundred times better than vinegar alone.',
  },
  {
    word: 'Electrode',
    meaning: 'The metal or carbon that dips into the electrolyte. Each cell has a + and a −.',
  },
  {
    word: 'Electrolyte',
    meaning:
      'The wet part: juice, brine, vinegar, the flesh of a fruit. Its ions close the circuit.',
  },
  {
    word: 'Electron',
    meaning: 'What moves in the wire: from the − metal through the device to the + metal.',
  },
  {
    word: 'Film',
    meaning:
      'A skin of oxide or hydroxide on a metal. It stays when the cell rests: rub the metal bright.',
  },
  {
    word: 'In parallel',
    meaning: 'Side by side, + to + and − to −: the currents add, the volts stay.',
  },
  {
    word: 'In series',
    meaning: 'In a row, + to −: the volts add, the current is the same in all.',
  },
  {
    word: 'Internal resistance',
    meaning:
      'What hinders the current inside the cell, in ohms. It takes volts away as soon as current flows: terminal voltage = open-circuit voltage − current × internal resistance.',
  },
  {
    word: 'Ion',
    meaning:
      'A charged atom or group of atoms. Ions move in the liquid, positive ones towards the + metal, and close the circuit.',
  },
  {
    word: 'Limiting current',
    meaning:
      'The most that the reactions at an electrode can keep up, however little resistance there is.',
  },
  {
    word: 'Open-circuit voltage',
    meaning: 'What the meter reads in volts with nothing connected.',
  },
  {
    word: 'Operating point',
    meaning:
      'Volts and amps at which the battery gives just what the device takes. It is solved for, never put together from two separate readings.',
  },
  {
    word: 'Oxidation',
    meaning:
      'Giving electrons away: what the − metal does when it dissolves. The electrode is the anode.',
  },
  {
    word: 'Pile',
    meaning: 'Cells stacked on each other: metal, wet separator, metal, and again.',
  },
  {
    word: 'Polarisation',
    meaning:
      'What builds up at the metals while current flows, bubbles and used-up liquid. It makes a cell weaker within seconds to minutes and recovers at rest.',
  },
  {
    word: 'Polarisation curve',
    meaning:
      'How the volts of a real cell fall as more current is drawn: quickly at first, then evenly, then steeply near the limiting current.',
  },
  {
    word: 'Power',
    meaning:
      'Volts × amps at the same moment, in watts. The most that a cell with resistance gives is E² ÷ 4r, a quarter of open-circuit volts × short amps.',
  },
  {
    word: 'Reduction',
    meaning:
      'Taking electrons up: hydrogen ions, oxygen or metal ions do it at the + metal. The electrode is the cathode.',
  },
  {
    word: 'Salt bridge',
    meaning: 'A wet link between two vessels that lets ions pass. One vessel needs none.',
  },
  {
    word: 'Separator',
    meaning: 'Wet paper, card or felt that keeps the two metals of a cell apart in a pile.',
  },
  {
    word: 'Short-circuit current',
    meaning:
      'What flows when the two ends are joined by next to nothing, such as a meter on a milliamp range. For a second or two only.',
  },
  {
    word: 'Shunt',
    meaning:
      'The small resistor in a meter’s current range. It stands in the circuit and makes a weak battery read a little less.',
  },
  { word: 'String', meaning: 'Cells in series, from − to +. Strings are joined in parallel.' },
  {
    word: 'Terminal voltage',
    meaning: 'What is left between the ends while something is connected.',
  },
];
