import { FRUIT_FILMS, NO_FILMS } from '../cell/films';
import type { CellLiquid, MetalSalt } from './liquids';
import type { BillLine } from './parts';
import { PLATE, SHEET } from './metalThickness';
import { each, loose, recipe, size } from './recipe';
import { SULFATE_OHM_METRES, SULFURIC_OHM_METRES } from './resistivities';

/** In one vessel of a two-vessel cell (common practice, no source). */
const VESSEL_MILLILITRES = 80;
const BEAKERS: BillLine[] = [{ part: 'beaker', amount: 2 }];
const salt = (of: MetalSalt, molPerLitre: number): CellLiquid => ({
  kind: 'salt',
  salt: of,
  molPerLitre,
  millilitres: VESSEL_MILLILITRES,
});
const VESSELS = {
  usualSize: size('strip', 40, 50, 60, SHEET),
  look: 'vessels',
  shape: 'bridged',
  resistivityOhmMetres: SULFATE_OHM_METRES,
  films: NO_FILMS,
  supplies: { waterGrams: 200, wetRadiusMillimetres: 40 },
  minutesToBuild: 10,
} as const;

/** Cells of chemistry lessons: known concentrations, and the lecturer's acid cell. */
export const TWO_SOLUTION_RECIPE = recipe({
  id: 'two-solution',
  name: 'Two solutions with a bridge',
  plus: { material: 'copper', part: 'copper in copper sulfate' },
  minus: { material: 'zinc', part: 'zinc in zinc sulfate' },
  ...VESSELS,
  metals: null,
  openVolts: [1.08, 1.1],
  shortAmps: [5e-3, 50e-3],
  corrosionShare: 0.01,
  parts: loose(each('copper-strip'), each('zinc-strip'), BEAKERS),
  pours: [salt('copper-sulfate', 0.5), salt('zinc-sulfate', 0.5)],
  bodyLabel: 'Bridge',
  bodies: ['wick', 'salt-bridge'],
  steps: [
    'Fill one vessel with copper sulfate, the other with zinc sulfate.',
    'Hang each metal into its own solution.',
    'Join the solutions by the wick or the salt bridge; without it no current flows.',
  ],
  note: 'Its voltage follows the Nernst equation; the bridge sets the current.',
  separator: 'wick or salt bridge',
  endsLife: 'The copper ions are used up or the solutions mix through the bridge.',
  cautions: ['metal-salts'],
});

export const CONCENTRATION_RECIPE = recipe({
  id: 'concentration',
  name: 'Concentration cell',
  plus: { material: 'copper', part: 'copper in the stronger copper sulfate' },
  minus: { material: 'copper', part: 'copper in the weaker copper sulfate' },
  ...VESSELS,
  metals: null,
  // 0.5 mol/L against 0.05 mol/L: 29.6 mV by concentrations, 14 mV with activities (Nernst; tables, from memory).
  openVolts: [0.013, 0.031],
  shortAmps: [0.05e-3, 0.5e-3],
  corrosionShare: 0,
  parts: loose(each('copper-strip'), each('copper-strip'), BEAKERS),
  pours: [salt('copper-sulfate', 0.5), salt('copper-sulfate', 0.05)],
  bodyLabel: 'Bridge',
  bodies: ['salt-bridge'],
  steps: [
    'Fill one vessel with copper sulfate of 0.5 mol/L, the other with one ten times weaker (0.05 mol/L).',
    'Hang the same copper into both and join the solutions by the salt bridge.',
    'Diluting the weaker side raises the millivolts; diluting the stronger one first brings them to zero, then turns them round.',
  ],
  note: 'Millivolts only, and it lights nothing: 29.6 mV by concentrations, about 14 mV with activities.',
  separator: 'salt bridge',
  endsLife: 'The two solutions become equally strong.',
  cautions: ['metal-salts'],
});

export const SULFURIC_RECIPE = recipe({
  id: 'dilute-sulfuric-acid',
  name: 'Dilute sulfuric acid',
  usualSize: size('plate', 50, 100, 20, PLATE),
  look: 'cup',
  plus: { material: 'copper', part: 'copper plate' },
  minus: { material: 'zinc', part: 'zinc plate' },
  shape: 'slightly-curved',
  metals: 'copper-zinc',
  openVolts: [0.95, 1.05],
  shortAmps: [1, 4],
  resistivityOhmMetres: SULFURIC_OHM_METRES,
  films: FRUIT_FILMS,
  corrosionShare: 0.3,
  supplies: { waterGrams: 200, wetRadiusMillimetres: 40 },
  minutesToBuild: 10,
  parts: loose(each('copper-plate'), each('zinc-plate')),
  pours: [],
  restricted: true,
  bodyLabel: 'Acid',
  bodies: ['sulfuric-acid'],
  steps: [
    'Demonstrator only: trained staff, fume hood, full protection. Grozer works out the numbers.',
  ],
  note: 'Amps, with violent gassing and acid mist. No pupil sheet is made of it.',
  separator: null,
  endsLife: 'Bubbles cover the copper and the zinc dissolves.',
  cautions: ['strong-acid', 'hydrogen', 'short-circuit'],
});
