import { body, recipe, size } from './recipe';
import { MIXED_BRINE_OHM_METRES, VINEGAR_OHM_METRES } from './resistivities';

/** Salt in vinegar carries the current as it does in water. */
const BRINE_AGAINST_VINEGAR = MIXED_BRINE_OHM_METRES / VINEGAR_OHM_METRES;

/** Piles of discs with a wet separator between them. */
export const BRINE_PILE_RECIPE = recipe({
  id: 'coin-pile-brine',
  name: 'Coin pile in brine',
  family: 'coin-pile-brine',
  usualSize: size('coin', 19, 1, 0.5),
  look: 'pile',
  plus: { material: 'copper', part: 'copper or bronze coin, Ø 19 mm' },
  minus: { material: 'zinc', part: 'zinc blank or zinc-coated washer' },
  bodyLabel: 'Separator and liquid',
  bodies: [
    body('felt', 'coin cell with felt', 'coin cells with felt', { liquid: 'brine' }),
    body('filter-paper', 'coin cell with filter paper', 'coin cells with filter paper', {
      liquid: 'brine',
    }),
    body('kitchen-towel', 'coin cell with kitchen towel', 'coin cells with kitchen towel', {
      liquid: 'brine',
    }),
    // Vinegar alone conducts a hundred times worse but cleans the zinc (volts of a vinegar cup: common practice, no
    // source); the acid's hydrogen ions help the cathode (shares of its resistance: from memory).
    body('felt-vinegar', 'coin cell with felt in vinegar', 'coin cells with felt in vinegar', {
      openVolts: 0.9,
      resistivityShare: 1 / BRINE_AGAINST_VINEGAR,
      reactionShare: 0.83,
      liquid: 'vinegar',
    }),
    body(
      'felt-salt-vinegar',
      'coin cell with felt in salt and vinegar',
      'coin cells with felt in salt and vinegar',
      { openVolts: 0.9, reactionShare: 0.67, liquid: 'salt-vinegar' },
    ),
  ],
  steps: [
    'Cut the separator as large as the coin or up to 1 mm smaller; soak and blot it.',
    'Stack zinc, separator, copper, always in the same order, and press gently.',
  ],
  note: 'Blot the separators: drips down the side short the pile.',
  separator: 'soaked disc',
  endsLife: 'It dries out; taped round it lasts far longer. The zinc outlasts the water.',
  cautions: ['coins', 'sharp'],
});

export const ONE_COIN_PILE_RECIPE = recipe({
  id: 'one-coin-pile',
  name: 'Pile of half-sanded coins',
  family: 'one-coin-pile',
  usualSize: size('coin', 19, 1, 0.5),
  look: 'pile',
  plus: { material: 'copper', part: 'copper face of a coin' },
  minus: { material: 'zinc', part: 'zinc core of the same coin, one face sanded' },
  bodyLabel: 'Separator and liquid',
  bodies: [
    body('card-salt-vinegar', 'sanded coin with salted card', 'sanded coins with salted card', {
      liquid: 'salt-vinegar',
    }),
    body(
      'card-lemon',
      'sanded coin with card in lemon juice',
      'sanded coins with card in lemon juice',
      { liquid: 'juice' },
    ),
  ],
  steps: [
    'Sand one face of each coin down to the grey zinc, wet, so that no dust flies.',
    'Cut card discs a little smaller than the coin; soak and blot them.',
    'Stack card on zinc, the next coin’s copper on the card; one whole coin ends the pile.',
    'Tape the pile round: it dries out long before the zinc is used up.',
  ],
  note: 'n cells take n sanded coins, n separators and one whole coin.',
  separator: 'card disc, soaked',
  endsLife: 'It dries out; taped round it lasts far longer. The zinc core outlasts the water.',
  cautions: ['coins', 'dust'],
});

export const NICKEL_PILE_RECIPE = recipe({
  id: 'nickel-zinc-pile',
  name: 'Nickel–zinc pile',
  family: 'nickel-zinc-pile',
  usualSize: size('coin', 21, 1, 0.5),
  look: 'pile',
  plus: { material: 'nickel', part: 'cupronickel coin, Ø 21 mm' },
  minus: { material: 'zinc', part: 'zinc washer or sanded coin' },
  bodyLabel: 'Separator and liquid',
  bodies: [
    body('paper-vinegar', 'coin cell with paper in vinegar', 'coin cells with paper in vinegar', {
      liquid: 'vinegar',
    }),
    body(
      'paper-salt-vinegar',
      'coin cell with paper in salt and vinegar',
      'coin cells with paper in salt and vinegar',
      { resistivityShare: BRINE_AGAINST_VINEGAR, reactionShare: 0.8, liquid: 'salt-vinegar' },
    ),
  ],
  steps: [
    'Cut construction paper to the size of the coin; soak and blot it.',
    'Stack zinc, paper, nickel, always in the same order.',
    'Hold the pile with tape or a rubber band: five layers and more get wobbly.',
  ],
  note: 'Fewer volts a layer than copper and zinc: plan one layer in three more.',
  separator: 'soaked construction paper',
  endsLife: 'The paper dries; taped round it lasts far longer.',
  cautions: ['coins', 'allergies'],
});
