import { body, recipe, size } from './recipe';

/** Cells that breathe at their carbon side, and magnesium. */
export const ALUMINIUM_BRINE_RECIPE = recipe({
  id: 'aluminium-air-brine',
  name: 'Aluminium–air, brine sponge',
  family: 'aluminium-air-brine',
  usualSize: size('foil', 40, 50, 5),
  look: 'sponge',
  plus: { material: 'carbon', part: 'graphite rod or sheet' },
  minus: { material: 'aluminium', part: 'aluminium foil' },
  bodyLabel: 'Brine holder',
  bodies: [
    body('sponge', 'brine sponge', 'brine sponges', { liquid: 'saturated-brine' }),
    body('towel', 'brine towel', 'brine towels', { liquid: 'saturated-brine' }),
  ],
  steps: [
    'Fold the foil four or five times to a strip; it must be bare metal on both sides.',
    'Soak the sponge or towel and press it until it no longer drips.',
    'Lay foil below and graphite above, the graphite open to the air.',
  ],
  note: 'The carbon side needs air: never tape it shut.',
  separator: 'soaked sponge or towel',
  endsLife:
    'The foil is eaten through or films over, and the brine dries; fresh foil and water start it again.',
  cautions: ['sharp', 'hydrogen', 'carbon'],
});

export const ALUMINIUM_ACID_RECIPE = recipe({
  id: 'aluminium-air-acid',
  name: 'Aluminium–air, acid and charcoal',
  family: 'aluminium-air-acid',
  usualSize: size('foil', 50, 50, 3),
  look: 'towel',
  plus: { material: 'carbon', part: 'activated charcoal paste on a copper tab' },
  minus: { material: 'aluminium', part: 'aluminium foil' },
  bodyLabel: 'Electrolyte',
  bodies: [
    body('vinegar-towel', 'towel in vinegar, citric acid and potassium chloride', 'towel cells', {
      liquid: 'acid-mix',
    }),
  ],
  steps: [
    'Lay the soaked towel on the foil, spread the charcoal paste on it, press the copper tab in.',
    'Put a roof on spacers over the cell: the charcoal needs air.',
  ],
  note: 'The current peaks at once and settles to under half within a few minutes: read it after that.',
  separator: 'towel in the acid mixture',
  endsLife: 'The charcoal runs short of air under heavy load; later the foil is eaten through.',
  cautions: ['carbon', 'sharp'],
});

export const MAGNESIUM_RECIPE = recipe({
  id: 'magnesium-graphite',
  name: 'Magnesium–graphite, wet',
  family: 'magnesium-graphite',
  usualSize: size('strip', 6, 50, 10),
  look: 'cup',
  plus: { material: 'carbon', part: 'graphite rod' },
  minus: { material: 'magnesium', part: 'magnesium ribbon on a copper lead' },
  bodyLabel: 'Liquid',
  bodies: [
    body('epsom-salt', 'cup of Epsom salt water', 'cups of Epsom salt water', {
      liquid: 'epsom-salt',
    }),
  ],
  steps: [
    'Rub the ribbon bright and wind it on the copper lead, above the water.',
    'Hang rod and ribbon in, about 1 cm apart.',
  ],
  note: 'It sags while shorted and rebounds afterwards; bubbles and a film on the metal are normal.',
  separator: null,
  endsLife:
    'A film covers the magnesium; rubbing it bright starts it again until the ribbon is used up.',
  cautions: ['magnesium', 'hydrogen', 'carbon'],
});

export const MAGNESIUM_ROD_RECIPE = recipe({
  id: 'magnesium-air-rod',
  name: 'Magnesium–air rod',
  family: 'magnesium-air-rod',
  usualSize: size('strip', 15, 100, 2),
  look: 'rod',
  plus: { material: 'carbon', part: 'carbon rod wound with wet towel' },
  minus: { material: 'magnesium', part: 'magnesium ribbon, turns 3 mm apart' },
  bodyLabel: 'Water',
  // In salt water it gives up to ten times the current (common practice, no source).
  bodies: [
    body('tap-water', 'rod with tap water', 'rods with tap water', { liquid: 'tap-water' }),
    body('salt-water', 'rod with salt water', 'rods with salt water', {
      resistivityShare: 0.02,
      reactionShare: 0.12,
      liquid: 'brine',
    }),
  ],
  steps: [
    'Wind one layer of kitchen towel round the rod, and the ribbon over it, turns 3 mm apart.',
    'Wet the towel; even breath moisture starts the cell.',
    'Dry it out after use; wet it again later.',
  ],
  note: 'Hundreds of milliamps: a short can heat wires. It needs air between the turns.',
  separator: 'one layer of kitchen towel',
  endsLife: 'The towel dries: wet it again. It ends when the ribbon is used up.',
  cautions: ['magnesium', 'short-circuit', 'hydrogen', 'carbon'],
});

export const FELT_RECIPE = recipe({
  id: 'zinc-carbon-felt',
  name: 'Zinc–carbon felt',
  family: 'zinc-carbon-felt',
  usualSize: size('foil', 50, 100, 5),
  look: 'pouch',
  plus: { material: 'carbon', part: 'activated carbon felt with a graphite foil collector' },
  minus: { material: 'zinc', part: 'zinc foil' },
  bodyLabel: 'Filling',
  bodies: [
    body('salt-foam', 'pouch of salted foam', 'pouches of salted foam', { liquid: 'tap-water' }),
    body('vinegar-felt', 'pouch of felt with vinegar', 'pouches of felt with vinegar', {
      liquid: 'vinegar',
    }),
  ],
  steps: [
    'Dry salt into floral foam or felt; dry, the cell keeps for decades.',
    'Layer zinc foil, foam, carbon felt and collector; leave the felt side open.',
    'Add water or vinegar when it is to be used; vinegar eats the film off the zinc.',
  ],
  note: 'The felt needs air: never seal it. It runs a small motor.',
  separator: 'floral foam or felt',
  endsLife: 'It dries or the zinc films over; water or a little vinegar starts it again.',
  cautions: ['short-circuit', 'carbon', 'sharp'],
});
