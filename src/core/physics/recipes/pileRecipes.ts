import { FRUIT_FILMS } from '../cell/films';
import { COIN_CORE, ELECTROPLATED } from './metalThickness';
import { each, recipe, size, stack } from './recipe';
import { MIXED_BRINE_OHM_METRES, VINEGAR_OHM_METRES } from './resistivities';

/** Piles of discs with a wet separator between them. */
export const BRINE_PILE_RECIPE = recipe({
  id: 'coin-pile-brine',
  name: 'Coin pile',
  usualSize: size('coin', 19, 1, 0.5, ELECTROPLATED),
  look: 'pile',
  plus: { material: 'copper', part: 'copper or bronze coin, Ø 19 mm' },
  minus: { material: 'zinc', part: 'zinc blank or zinc-coated washer' },
  shape: 'straight',
  metals: 'copper-zinc',
  openVolts: [0.7, 0.8],
  shortAmps: [1.2e-3, 1.4e-3],
  resistivityOhmMetres: MIXED_BRINE_OHM_METRES,
  films: FRUIT_FILMS,
  corrosionShare: 0.02,
  supplies: { waterGrams: 0.1, wetRadiusMillimetres: 9.5 },
  minutesToBuild: 3,
  parts: stack(each('copper-coin', 'zinc-washer')),
  bodyLabel: 'Separator and liquid',
  bodies: ['felt', 'filter-paper', 'kitchen-towel', 'felt-vinegar', 'felt-salt-vinegar'],
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
  usualSize: size('coin', 19, 1, 0.5, COIN_CORE),
  look: 'pile',
  plus: { material: 'copper', part: 'copper face of a coin' },
  minus: { material: 'zinc', part: 'zinc core of the same coin, one face sanded' },
  shape: 'straight',
  metals: 'copper-zinc',
  openVolts: [0.5, 0.8],
  shortAmps: [0.9e-3, 1.1e-3],
  resistivityOhmMetres: MIXED_BRINE_OHM_METRES,
  films: FRUIT_FILMS,
  corrosionShare: 0.03,
  supplies: { waterGrams: 0.1, wetRadiusMillimetres: 9.5 },
  // The coins are sanded the day before.
  minutesToBuild: 4,
  // n cells: n sanded coins and one whole coin on top.
  parts: stack(each('coin-to-sand'), each('whole-coin')),
  bodyLabel: 'Separator and liquid',
  bodies: ['card-salt-vinegar', 'card-lemon'],
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
  usualSize: size('coin', 21, 1, 0.5, ELECTROPLATED),
  look: 'pile',
  plus: { material: 'nickel', part: 'cupronickel coin, Ø 21 mm' },
  minus: { material: 'zinc', part: 'zinc washer or sanded coin' },
  shape: 'straight',
  metals: 'nickel-zinc',
  openVolts: [0.5, 0.6],
  shortAmps: [0.8e-3, 1.2e-3],
  resistivityOhmMetres: VINEGAR_OHM_METRES,
  films: FRUIT_FILMS,
  corrosionShare: 0.05,
  supplies: { waterGrams: 0.1, wetRadiusMillimetres: 10.5 },
  minutesToBuild: 3,
  parts: stack(each('nickel-coin', 'zinc-washer')),
  bodyLabel: 'Separator and liquid',
  bodies: ['paper-vinegar', 'paper-salt-vinegar'],
  steps: [
    'Cut construction paper to the size of the coin; soak and blot it.',
    'Stack zinc, paper, nickel, always in the same order.',
    'Hold the pile with tape or a rubber band: five layers and more get wobbly.',
  ],
  note: 'Fewer volts a layer than copper and zinc: plan one layer in three more.',
  separator: 'soaked construction paper',
  endsLife: 'The paper dries; taped round it lasts far longer.',
  cautions: ['coins', 'sharp', 'allergies'],
});
