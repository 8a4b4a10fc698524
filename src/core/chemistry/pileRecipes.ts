import { body, recipe, size } from './recipe';

/** Piles of discs with a wet separator between them. */
export const BRINE_PILE_RECIPE = recipe({
  id: 'coin-pile-brine',
  name: 'Coin pile in brine',
  family: 'coin-pile-brine',
  usualSize: size('coin', 19, 1, 0.5),
  look: 'pile',
  plus: { material: 'copper', part: 'copper or bronze coin, Ø 19 mm' },
  minus: { material: 'zinc', part: 'zinc blank or zinc-coated washer' },
  bodyLabel: 'Separator',
  bodies: [
    body('felt', 'coin cell with felt', 'coin cells with felt'),
    body('filter-paper', 'coin cell with filter paper', 'coin cells with filter paper'),
    body('kitchen-towel', 'coin cell with kitchen towel', 'coin cells with kitchen towel'),
  ],
  steps: [
    'Stir 1 tablespoon of salt into 100 mL of hot water; an adult pours.',
    'Cut the separator as large as the coin or up to 1 mm smaller; soak and blot it.',
    'Stack zinc, separator, copper, always in the same order, and press gently.',
  ],
  note: 'Blot the separators: drips down the side short the pile.',
  cautions: ['coins', 'hot-water', 'sharp'],
});

export const ONE_COIN_PILE_RECIPE = recipe({
  id: 'one-coin-pile',
  name: 'Pile of half-sanded coins',
  family: 'one-coin-pile',
  usualSize: size('coin', 19, 1, 0.5),
  look: 'pile',
  plus: { material: 'copper', part: 'copper face of a coin' },
  minus: { material: 'zinc', part: 'zinc core of the same coin, one face sanded' },
  bodyLabel: 'Separator',
  bodies: [
    body('card-salt-vinegar', 'sanded coin with salted card', 'sanded coins with salted card'),
    body(
      'card-lemon',
      'sanded coin with card in lemon juice',
      'sanded coins with card in lemon juice',
    ),
  ],
  steps: [
    'Sand one face of each coin down to the grey zinc, wet, so that no dust flies.',
    'Cut card discs a little smaller than the coin; soak them in salt water with a dash of vinegar, and blot.',
    'Stack card on zinc, the next coin’s copper on the card; one whole coin ends the pile.',
    'Tape the pile round: it dries out long before the zinc is used up.',
  ],
  note: 'n cells take n sanded coins, n separators and one whole coin.',
  cautions: ['coins', 'dust', 'weak-acid'],
});

export const NICKEL_PILE_RECIPE = recipe({
  id: 'nickel-zinc-pile',
  name: 'Nickel–zinc pile',
  family: 'nickel-zinc-pile',
  usualSize: size('coin', 21, 1, 0.5),
  look: 'pile',
  plus: { material: 'nickel', part: 'cupronickel coin, Ø 21 mm' },
  minus: { material: 'zinc', part: 'zinc washer or sanded coin' },
  bodyLabel: 'Separator',
  bodies: [
    body('paper-vinegar', 'coin cell with paper in vinegar', 'coin cells with paper in vinegar'),
  ],
  steps: [
    'Cut construction paper to the size of the coin; soak it in vinegar and blot.',
    'Stack zinc, paper, nickel, always in the same order.',
    'Hold the pile with tape or a rubber band: five layers and more get wobbly.',
  ],
  note: 'Fewer volts a layer than copper and zinc: plan one layer in three more.',
  cautions: ['coins', 'weak-acid', 'allergies'],
});
