import { AIR_FILMS, CHARCOAL_FILMS, FRUIT_FILMS, SPONGE_FILMS } from '../cell/films';
import type { BillLine } from './parts';
import { FOIL_FLAT, FOIL_FOLDED, RIBBON, RIBBON_TURNS, ZINC_FOIL } from './metalThickness';
import { each, loose, recipe, size } from './recipe';
import {
  ACID_MIX_OHM_METRES,
  EPSOM_OHM_METRES,
  MIXED_BRINE_OHM_METRES,
  SATURATED_BRINE_OHM_METRES,
  TAP_WATER_OHM_METRES,
} from './resistivities';

/** Share of the reaction's resistance that the − metal has: in sponges it is large (from memory). */
const FOIL_ANODE_SHARE = 0.1;
const STRIP_ANODE_SHARE = 0.3;

const ribbon = (centimetres: number): BillLine[] => [
  { part: 'magnesium-ribbon', amount: centimetres },
];

/** Cells that breathe at their carbon side, and magnesium. */
export const ALUMINIUM_BRINE_RECIPE = recipe({
  id: 'aluminium-air-brine',
  name: 'Aluminium–air, brine sponge',
  usualSize: size('foil', 40, 50, 5, FOIL_FOLDED),
  look: 'sponge',
  plus: { material: 'carbon', part: 'graphite rod or sheet' },
  minus: { material: 'aluminium', part: 'aluminium foil' },
  shape: 'slightly-curved',
  metals: 'graphite-aluminium',
  openVolts: [0.85, 0.95],
  shortAmps: [3e-3, 9e-3],
  resistivityOhmMetres: SATURATED_BRINE_OHM_METRES,
  anodeShare: FOIL_ANODE_SHARE,
  films: SPONGE_FILMS,
  corrosionShare: 0.05,
  supplies: { waterGrams: 15, wetRadiusMillimetres: 30 },
  parts: loose(each('graphite-rod'), each('aluminium-foil')),
  breathes: true,
  bodyLabel: 'Brine holder',
  bodies: ['sponge', 'towel'],
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
  usualSize: size('foil', 50, 50, 3, FOIL_FLAT),
  look: 'towel',
  plus: { material: 'carbon', part: 'activated charcoal paste on a copper tab' },
  minus: { material: 'aluminium', part: 'aluminium foil' },
  shape: 'straight',
  metals: 'charcoal-aluminium',
  openVolts: [0.5, 0.58],
  shortAmps: [10e-3, 40e-3],
  resistivityOhmMetres: ACID_MIX_OHM_METRES,
  anodeShare: FOIL_ANODE_SHARE,
  films: CHARCOAL_FILMS,
  corrosionShare: 0.05,
  supplies: { waterGrams: 10, wetRadiusMillimetres: 28 },
  minutesToBuild: 8,
  parts: loose(
    [...each('copper-tab'), { part: 'charcoal', amount: 5 }],
    each('aluminium-foil'),
    each('roof-card'),
  ),
  breathes: true,
  bodyLabel: 'Electrolyte',
  bodies: ['vinegar-towel'],
  steps: [
    'Lay the soaked towel on the foil, spread the charcoal paste on it, press the copper tab in.',
    'Put a roof on spacers over the cell: the charcoal needs air.',
  ],
  note: 'The current peaks at once and settles to under half within a few minutes: note after how many seconds you read it.',
  separator: 'towel in the acid mixture',
  endsLife: 'The charcoal runs short of air under heavy load; later the foil is eaten through.',
  cautions: ['carbon', 'sharp'],
});

export const MAGNESIUM_RECIPE = recipe({
  id: 'magnesium-graphite',
  name: 'Magnesium–graphite, wet',
  usualSize: size('strip', 6, 50, 10, RIBBON),
  look: 'cup',
  plus: { material: 'carbon', part: 'graphite rod' },
  minus: { material: 'magnesium', part: 'magnesium ribbon on a copper lead' },
  shape: 'slightly-curved',
  metals: 'graphite-magnesium',
  openVolts: [1.45, 1.55],
  shortAmps: [10e-3, 20e-3],
  resistivityOhmMetres: EPSOM_OHM_METRES,
  anodeShare: STRIP_ANODE_SHARE,
  films: FRUIT_FILMS,
  // About 3 mm of magnesium in a year (corrosion tables, from memory); what it wastes while it works is in its utilisation.
  corrosionShare: 0.03,
  supplies: { waterGrams: 80, wetRadiusMillimetres: 30 },
  parts: loose(each('graphite-rod'), ribbon(10), each('cup')),
  morePairs: true,
  bodyLabel: 'Liquid',
  bodies: ['epsom-salt'],
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
  usualSize: size('strip', 15, 100, 2, RIBBON_TURNS),
  look: 'rod',
  plus: { material: 'carbon', part: 'carbon rod wound with wet towel' },
  minus: { material: 'magnesium', part: 'magnesium ribbon, turns 3 mm apart' },
  shape: 'slightly-curved',
  metals: 'graphite-magnesium',
  openVolts: [1.3, 1.5],
  shortAmps: [0.08, 0.12],
  resistivityOhmMetres: TAP_WATER_OHM_METRES,
  anodeShare: FOIL_ANODE_SHARE,
  films: AIR_FILMS,
  // About 2 mm of magnesium in a year in tap water, ten times that in salt water (corrosion tables, from memory).
  corrosionShare: 0.01,
  supplies: { waterGrams: 8, wetRadiusMillimetres: 25 },
  soakSeconds: 15,
  minutesToBuild: 15,
  parts: loose(each('graphite-rod'), ribbon(30)),
  breathes: true,
  bodyLabel: 'Water',
  bodies: ['tap-water', 'salt-water'],
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
  usualSize: size('foil', 50, 100, 5, ZINC_FOIL),
  look: 'pouch',
  plus: { material: 'carbon', part: 'activated carbon felt with a graphite foil collector' },
  minus: { material: 'zinc', part: 'zinc foil' },
  shape: 'slightly-curved',
  metals: 'carbon-zinc',
  openVolts: [0.9, 1.1],
  shortAmps: [0.4, 0.6],
  resistivityOhmMetres: MIXED_BRINE_OHM_METRES,
  anodeShare: FOIL_ANODE_SHARE,
  films: AIR_FILMS,
  // About 0.3 mm of zinc in a year in brine that air reaches (corrosion tables, from memory).
  corrosionShare: 0.002,
  supplies: { waterGrams: 20, wetRadiusMillimetres: 25 },
  soakSeconds: 40,
  minutesToBuild: 10,
  parts: loose(each('carbon-felt', 'graphite-foil'), each('zinc-foil')),
  breathes: true,
  bodyLabel: 'Filling',
  bodies: ['salt-foam', 'vinegar-felt'],
  steps: [
    'Dry salt into the felt; dry, the cell keeps for decades.',
    'Layer zinc foil, wet felt, carbon felt and collector; leave the carbon side open.',
    'Add water or vinegar when it is to be used; vinegar eats the film off the zinc.',
  ],
  note: 'The felt needs air: never seal it. It runs a small motor.',
  separator: 'felt',
  endsLife: 'It dries or the zinc films over; water or a little vinegar starts it again.',
  cautions: ['short-circuit', 'carbon', 'sharp'],
});
