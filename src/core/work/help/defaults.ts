/** A question on which practitioners disagree, both schools, and what Grozer takes and why. */
export interface DefaultReason {
  readonly question: string;
  readonly some: string;
  readonly others: string;
  readonly grozer: string;
}

export const DEFAULT_REASONS: readonly DefaultReason[] = [
  {
    question: 'How large is a separator?',
    some: 'As the coin or a little smaller, nothing sticks out.',
    others: 'A little larger, so that the metals cannot touch.',
    grozer:
      'The same or up to 1 mm smaller in stacks, because wet rims bridge to the next cell; larger only for a single cell or thick, dry-ish card. Arrange shows the leak of an overhang.',
  },
  {
    question: 'How wet?',
    some: 'Soak and blot.',
    others: 'Soak well, wetter reads higher.',
    grozer: 'Soak and blot in stacks, where drips short the pile; wet is fine for one cell.',
  },
  {
    question: 'More current: how?',
    some: 'More strings in parallel.',
    others: 'More or larger metals in the same fruit.',
    grozer:
      'Both are compared by cost, food and wiring. For fruit more metal comes first, because fruit with metal in it is waste; for piles more strings.',
  },
  {
    question: 'How far apart are the metals?',
    some: 'Far, so that they cannot touch.',
    others: 'Close, for more current.',
    grozer: 'Close but fixed, about 1 cm and never touching: the resistance grows with the gap.',
  },
  {
    question: 'Salt water or acid?',
    some: 'Salt water.',
    others: 'Vinegar or juice.',
    grozer:
      'Salt and a little acid: the salt conducts, the acid keeps the zinc clean. Ordinary salt does not neutralise an acid.',
  },
  {
    question: 'Is a galvanised nail real zinc?',
    some: 'Nails are fine.',
    others: 'Only plates or thick zinc will do.',
    grozer:
      'By area and coating: nails do light an LED, and a thin coating runs out first when it is left on for long.',
  },
  {
    question: 'How many cells does an LED need?',
    some: 'Three.',
    others: 'Four. Six.',
    grozer: 'That is worked out from its colour, what the cells keep under load, and a margin.',
  },
  {
    question: 'Is a salt bridge needed?',
    some: 'Yes, between two vessels.',
    others: 'No, in one vessel.',
    grozer:
      'Both are right: it follows from the wiring, and only cells split over two vessels have one.',
  },
  {
    question: 'Which is brighter, series or parallel?',
    some: 'Series; parallel only lasts longer.',
    others: 'Parallel.',
    grozer:
      'The first is true of stiff bought cells, the second of weak home-made ones; both follow from the internal resistance. “Series or parallel?” on the shelf shows it.',
  },
  {
    question: 'Which electrode is the anode?',
    some: 'The copper, it is +.',
    others: 'The zinc, it dissolves.',
    grozer:
      'In a working cell the zinc (−) is the anode and the copper (+) the cathode. The signs are always shown, because an LED’s anode is its long leg and goes to +.',
  },
  {
    question: 'How sure is sure enough?',
    some: 'It works on paper.',
    others: 'Build twice as many.',
    grozer:
      'Recommended from 95 in 100 classes on, marginal from 80: cells scatter and one joint in thirty is bad. One spare in six is the usual allowance.',
  },
];
