import { body, recipe, size } from './recipe';
import { JUICE_OHM_METRES, MIXED_BRINE_OHM_METRES, VINEGAR_OHM_METRES } from './resistivities';

/** Fruit, roots and cups: copper and zinc in something to eat, which is waste afterwards. */
export const FRUIT_RECIPE = recipe({
  id: 'copper-zinc-fruit',
  name: 'Fruit, copper and zinc',
  family: 'fruit',
  usualSize: size('nail', 3, 40, 20),
  look: 'fruit',
  plus: { material: 'copper', part: 'copper strip' },
  minus: { material: 'zinc', part: 'galvanised nail or zinc plate' },
  bodyLabel: 'Fruit or vegetable',
  bodies: [
    body('kiwi', 'kiwi', 'kiwis'),
    // Volts of single plants with the same electrodes: common practice, no source.
    body('lemon', 'lemon', 'lemons', { openVolts: 0.94 }),
    body('apple', 'apple', 'apples'),
    body('gooseberry', 'gooseberry', 'gooseberries'),
    body('green-tomato', 'green tomato', 'green tomatoes'),
    body('cucumber', 'cucumber piece', 'cucumber pieces'),
  ],
  steps: [
    'Roll the fruit under your palm until it feels soft: the juice runs free inside.',
    'Push the zinc and the copper in about 1 cm apart, well down, and never touching.',
  ],
  measuring: 'Measure volts first, then milliamps for a second or two.',
  note: 'Rolling the fruit raises the current; so does more copper in it.',
  separator: null,
  endsLife:
    'The juice round the metals is used up, and the fruit dries and browns; thin zinc on a nail runs out first on long runs.',
  cautions: ['food', 'sharp', 'allergies'],
});

export const ROOT_RECIPE = recipe({
  id: 'root-vegetable',
  name: 'Root vegetable',
  family: 'root-vegetable',
  usualSize: size('nail', 3, 40, 20),
  look: 'fruit',
  plus: { material: 'copper', part: 'copper strip' },
  minus: { material: 'zinc', part: 'galvanised nail or zinc plate' },
  bodyLabel: 'Root',
  bodies: [
    // Volts of single plants with the same electrodes: common practice, no source.
    body('potato', 'potato', 'potatoes', { openVolts: 0.85 }),
    // Boiling breaks the tissue, and the juice wets all of the metal: a resistance about a tenth was published
    // (A. Golberg, H. D. Rabinowitch, B. Rubinsky, J. Renewable Sustainable Energy 2 (2010) 033103, from memory); with
    // nails in class about a quarter is safe to count on (from memory).
    body('boiled-potato', 'boiled potato', 'boiled potatoes', {
      openVolts: 0.85,
      resistivityShare: 0.25,
      reactionShare: 0.25,
    }),
    body('sweet-potato', 'sweet potato', 'sweet potatoes', { openVolts: 0.9 }),
    body('swede', 'swede', 'swedes', { openVolts: 0.88 }),
    body('carrot', 'carrot', 'carrots', { openVolts: 0.86 }),
    body('beetroot', 'beetroot', 'beetroots'),
  ],
  steps: [
    'Cut a flat side so that the root lies still; an adult cuts for young pupils.',
    'Push the zinc and the copper in about 1 cm apart, well down, and never touching.',
  ],
  measuring: 'Measure volts first, then milliamps for a second or two.',
  note: 'A boiled potato has a much lower resistance than a raw one.',
  separator: null,
  endsLife:
    'The root dries and rots round the metals; thin zinc on a nail runs out first on long runs.',
  cautions: ['food', 'sharp'],
});

export const CUP_RECIPE = recipe({
  id: 'juice-cup',
  name: 'Cup of juice or vinegar',
  family: 'juice-cup',
  usualSize: size('strip', 30, 50, 30),
  look: 'cup',
  plus: { material: 'copper', part: 'copper strip' },
  minus: { material: 'zinc', part: 'zinc strip' },
  bodyLabel: 'Liquid',
  bodies: [
    body('rhubarb-juice', 'cup of rhubarb juice', 'cups of rhubarb juice', { liquid: 'juice' }),
    body('lemon-juice', 'cup of lemon juice', 'cups of lemon juice', { liquid: 'juice' }),
    body('vinegar', 'cup of vinegar', 'cups of vinegar', {
      resistivityShare: VINEGAR_OHM_METRES / JUICE_OHM_METRES,
      liquid: 'vinegar',
    }),
    // Salt carries the current, the acid keeps the zinc clean (common practice; the shares are from memory).
    body('brine', 'cup of brine', 'cups of brine', {
      openVolts: 0.78,
      resistivityShare: MIXED_BRINE_OHM_METRES / JUICE_OHM_METRES,
      liquid: 'brine',
    }),
    body('salt-vinegar', 'cup of salt and vinegar', 'cups of salt and vinegar', {
      resistivityShare: MIXED_BRINE_OHM_METRES / JUICE_OHM_METRES,
      reactionShare: 0.77,
      liquid: 'salt-vinegar',
    }),
  ],
  steps: [
    'Fill the cup about two thirds; hang both strips in at the rim, facing each other.',
    'Fix the strips so that they cannot touch; every centimetre in the liquid adds current.',
    'Lifting one strip out switches the cell off.',
  ],
  note: 'The current grows with the wetted area of the metals.',
  separator: null,
  endsLife:
    'The liquid is used up at the zinc and bubbles cover the copper; stirring helps for a while.',
  cautions: ['food', 'hydrogen'],
});
