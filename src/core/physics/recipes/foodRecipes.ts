import { FRUIT_FILMS } from '../cell/films';
import { ELECTROPLATED, SHEET } from './metalThickness';
import { each, loose, recipe, size } from './recipe';
import { FRUIT_TISSUE_OHM_METRES, JUICE_OHM_METRES, ROOT_TISSUE_OHM_METRES } from './resistivities';

/**
 * Share of the reaction's resistance that the − metal has: a second zinc nail alone adds a quarter to a half (common
 * practice, no source), which the tissue between the nails does not account for.
 */
const NAIL_ANODE_SHARE = 0.4;

const NAILS = {
  usualSize: size('nail', 3, 40, 10, ELECTROPLATED),
  look: 'fruit',
  plus: { material: 'copper', part: 'copper strip' },
  minus: { material: 'zinc', part: 'galvanised nail or zinc plate' },
  shape: 'slightly-curved',
  metals: 'copper-zinc',
  anodeShare: NAIL_ANODE_SHARE,
  films: FRUIT_FILMS,
  supplies: { waterGrams: 0, wetRadiusMillimetres: 0 },
  spoilsDays: 7,
  parts: loose(each('copper-strip'), each('galvanised-nail')),
  morePairs: true,
  measuring: 'Measure volts first, then milliamps for a second or two.',
  separator: null,
} as const;

/** Fruit, roots and cups: copper and zinc in something to eat, which is waste afterwards. */
export const FRUIT_RECIPE = recipe({
  ...NAILS,
  id: 'copper-zinc-fruit',
  name: 'Lemon, kiwi …',
  openVolts: [0.85, 1.0],
  shortAmps: [0.2e-3, 1e-3],
  resistivityOhmMetres: FRUIT_TISSUE_OHM_METRES,
  corrosionShare: 0.05,
  bodyLabel: 'Fruit or vegetable',
  bodies: ['kiwi', 'lemon', 'apple', 'gooseberry', 'green-tomato', 'cucumber'],
  steps: [
    'Roll the fruit under your palm until it feels soft: the juice runs free inside.',
    'Push zinc (the nail is the zinc) and copper in about 1 cm apart, well down, never touching.',
  ],
  note: 'Rolling the fruit raises the current; so does more copper in it.',
  endsLife:
    'The juice round the metals is used up, and the fruit dries and browns; thin zinc on a nail runs out first on long runs.',
  cautions: ['food', 'sharp', 'allergies'],
});

export const ROOT_RECIPE = recipe({
  ...NAILS,
  id: 'root-vegetable',
  name: 'Potato, carrot …',
  openVolts: [0.8, 0.92],
  shortAmps: [0.2e-3, 0.5e-3],
  resistivityOhmMetres: ROOT_TISSUE_OHM_METRES,
  corrosionShare: 0.03,
  bodyLabel: 'Root',
  bodies: ['potato', 'boiled-potato', 'sweet-potato', 'swede', 'carrot', 'beetroot'],
  steps: [
    'Cut a flat side so that the root lies still; an adult cuts for young pupils.',
    'Push zinc (the nail is the zinc) and copper in about 1 cm apart, well down, never touching.',
  ],
  note: 'A boiled potato has a much lower resistance than a raw one.',
  endsLife:
    'The root dries and rots round the metals; thin zinc on a nail runs out first on long runs.',
  cautions: ['food', 'sharp'],
});

export const CUP_RECIPE = recipe({
  id: 'juice-cup',
  name: 'Cup of juice or vinegar',
  usualSize: size('strip', 30, 50, 30, SHEET),
  look: 'cup',
  plus: { material: 'copper', part: 'copper strip' },
  minus: { material: 'zinc', part: 'zinc strip' },
  shape: 'slightly-curved',
  metals: 'copper-zinc',
  openVolts: [0.9, 1.0],
  shortAmps: [1e-3, 5e-3],
  resistivityOhmMetres: JUICE_OHM_METRES,
  // With strips in a cup somewhat less than with nails (from memory).
  anodeShare: 0.3,
  films: FRUIT_FILMS,
  // Zinc in acid gives off hydrogen all the time (from memory).
  corrosionShare: 0.1,
  supplies: { waterGrams: 80, wetRadiusMillimetres: 30 },
  spoilsDays: 4,
  parts: loose(each('copper-strip'), each('zinc-strip'), each('cup')),
  morePairs: true,
  bodyLabel: 'Liquid',
  bodies: ['rhubarb-juice', 'lemon-juice', 'vinegar', 'brine', 'salt-vinegar'],
  steps: [
    'Fill the cup about two thirds; hang both strips in at the rim, facing each other.',
    'Fix the strips so that they cannot touch; every centimetre in the liquid adds current.',
    'Lifting one strip out switches the cell off.',
  ],
  note: 'The current grows with the wetted area of the metals.',
  separator: null,
  endsLife:
    'The acid round the metals is used up and bubbles cover the copper; stirring helps for a while.',
  cautions: ['food'],
});
