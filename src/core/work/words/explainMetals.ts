import { solveMetalPair, type Medium } from '../../physics/cell/metalPair';
import { METAL_FACT, METAL_OF_MATERIAL } from '../../physics/cell/metals';
import type { CellBody } from '../../physics/recipes/bodies';
import { LIQUID_FACTS } from '../../physics/recipes/liquids';
import type { Recipe } from '../../physics/recipes/recipe';
import { formatVolts } from '../../units';
import type { Explanation } from './explain';

/** What the metals stand in: acid where the liquid or the fruit is sour, whatever the recipe is called. */
function mediumOf({ id, look, restricted }: Recipe, { liquid }: Pick<CellBody, 'liquid'>): Medium {
  if (id === 'two-solution' || id === 'concentration') return 'own-salts';
  const sour = liquid !== null && LIQUID_FACTS[liquid].cautions.includes('weak-acid');
  return sour || look === 'fruit' || restricted ? 'fruit' : 'salt-water';
}

/** Why a recipe's metals give these volts: what happens at each, what the tables allow, what is read. */
export function explainMetals(
  recipe: Recipe,
  body: Pick<CellBody, 'liquid'> = recipe.bodies[0],
): Explanation {
  const plus = METAL_OF_MATERIAL[recipe.plus.material];
  const minus = METAL_OF_MATERIAL[recipe.minus.material];
  const medium = mediumOf(recipe, body);
  const answer = solveMetalPair({ first: plus, second: minus, medium });
  const title = 'Why these volts?';
  const origin =
    'Standard potentials: CRC Handbook of Chemistry and Physics, from memory. Readings: common practice, no source.';
  const sources = ['potentials', 'cell-readings', 'ceilings'] as const;
  if (answer.status === 'identical') {
    const why =
      recipe.id === 'concentration'
        ? 'The same metal twice: only the difference in strength of the two solutions pushes, by the Nernst equation. It is millivolts.'
        : answer.why;
    return { title, lines: [why], origin, sources };
  }
  const { openVoltsLow, openVoltsHigh } = recipe.typical;
  return {
    title,
    lines: [
      `+ ${METAL_FACT[answer.plus.metal].name}, the cathode: ${answer.plus.school.join(' ')}`,
      `− ${METAL_FACT[answer.minus.metal].name}, the anode: ${answer.minus.school.join(' ')}`,
      ...answer.allowed.map(
        ({ reaction, volts }) => `The tables allow at most ${formatVolts(volts)} ${reaction}.`,
      ),
      `Read in class: ${formatVolts(openVoltsLow)} to ${formatVolts(openVoltsHigh)}.`,
      ...answer.reasons,
    ],
    origin,
    sources,
  };
}
