import { solveMetalPair, type Medium } from '../../physics/cell/metalPair';
import { type Material, type Metal, METAL_FACT } from '../../physics/cell/metals';
import type { Recipe, RecipeId } from '../../physics/recipes/recipe';
import { formatVolts } from '../../units';
import type { Explanation } from './explain';

const METAL_OF: Readonly<Record<Material, Metal>> = {
  copper: 'copper',
  zinc: 'zinc',
  nickel: 'nickel',
  carbon: 'graphite',
  aluminium: 'aluminium',
  magnesium: 'magnesium',
  steel: 'iron',
};

const ACID_RECIPES: ReadonlySet<RecipeId> = new Set<RecipeId>([
  'copper-zinc-fruit',
  'root-vegetable',
  'juice-cup',
  'nickel-zinc-pile',
  'aluminium-air-acid',
  'dilute-sulfuric-acid',
]);

function mediumOf(id: RecipeId): Medium {
  if (id === 'two-solution' || id === 'concentration') return 'own-salts';
  return ACID_RECIPES.has(id) ? 'fruit' : 'salt-water';
}

/** Why a recipe's metals give these volts: what happens at each, what the tables allow, what is read. */
export function explainMetals(recipe: Recipe): Explanation {
  const plus = METAL_OF[recipe.plus.material];
  const minus = METAL_OF[recipe.minus.material];
  const medium = mediumOf(recipe.id);
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
        ({ reaction, volts }) => `The tables allow ${formatVolts(volts)} ${reaction}.`,
      ),
      `Read in class: ${formatVolts(openVoltsLow)} to ${formatVolts(openVoltsHigh)}.`,
      ...answer.reasons,
    ],
    origin,
    sources,
  };
}
