import { body, recipe, size } from './recipe';

/** Cells of chemistry lessons: known concentrations, and the lecturer's acid cell. */
export const TWO_SOLUTION_RECIPE = recipe({
  id: 'two-solution',
  name: 'Two solutions with a bridge',
  family: 'two-solution',
  usualSize: size('strip', 40, 50, 60),
  look: 'vessels',
  plus: { material: 'copper', part: 'copper in copper sulfate' },
  minus: { material: 'zinc', part: 'zinc in zinc sulfate' },
  bodyLabel: 'Bridge',
  bodies: [
    body('wick', 'pair of vessels with a wick', 'pairs of vessels with wicks'),
    body('salt-bridge', 'pair of vessels with a salt bridge', 'pairs of vessels with salt bridges'),
  ],
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
  family: 'concentration',
  usualSize: size('strip', 40, 50, 60),
  look: 'vessels',
  plus: { material: 'copper', part: 'copper in the stronger copper sulfate' },
  minus: { material: 'copper', part: 'copper in the weaker copper sulfate' },
  bodyLabel: 'Bridge',
  bodies: [
    body('salt-bridge', 'pair of vessels with a salt bridge', 'pairs of vessels with salt bridges'),
  ],
  steps: [
    'Fill one vessel with copper sulfate of 0.5 mol/L, the other with one ten times weaker (0.05 mol/L).',
    'Hang the same copper into both and join the solutions by the salt bridge.',
    'Diluting the weaker side raises the millivolts; diluting the stronger one turns them round.',
  ],
  note: 'Millivolts only: it shows the Nernst equation and lights nothing.',
  separator: 'salt bridge',
  endsLife: 'The two solutions become equally strong.',
  cautions: ['metal-salts'],
});

export const SULFURIC_RECIPE = recipe({
  id: 'dilute-sulfuric-acid',
  name: 'Dilute sulfuric acid',
  family: 'dilute-sulfuric-acid',
  usualSize: size('plate', 50, 100, 20),
  look: 'cup',
  plus: { material: 'copper', part: 'copper plate' },
  minus: { material: 'zinc', part: 'zinc plate' },
  bodyLabel: 'Acid',
  bodies: [body('sulfuric-acid', 'acid cell', 'acid cells')],
  steps: [
    'Demonstrator only: trained staff, fume hood, full protection. Grozer works out the numbers.',
  ],
  note: 'Amps, with violent gassing and acid mist. No pupil sheet is made of it.',
  separator: null,
  endsLife: 'Bubbles cover the copper and the zinc dissolves.',
  cautions: ['strong-acid', 'hydrogen', 'short-circuit'],
});
