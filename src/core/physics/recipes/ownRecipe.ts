import { documentFormat } from '../../formats/documentFormat';
import { calibrateCell } from '../cell/calibrateCell';
import type { Material } from '../cell/metals';
import { PRACTICAL_CEILING_VOLTS, type MetalPair } from '../cell/potentials';
import { geometryOf } from '../cell/scaleCell';
import { ownBody } from './bodies';
import { RECIPE_MIGRATIONS } from './migrateRecipe';
import { ownRecipeSchema, RECIPE_FORMAT, RECIPE_VERSION, type OwnRecipe } from './ownRecipeSchema';
import { buildingSteps, cautionsOfCell, type Recipe, type RecipeId } from './recipe';
import { RECIPES } from './recipes';

/** Own recipes as documents. */
export const RECIPE_DOCUMENT = documentFormat<OwnRecipe>({
  noun: 'recipe',
  version: RECIPE_VERSION,
  schema: ownRecipeSchema,
  migrations: RECIPE_MIGRATIONS,
  fresh: (title) => ({ ...ownRecipeFrom('copper-zinc-fruit'), title }),
  copied: (recipe) => recipe,
});

/** A recipe of one's own that begins as a shipped one. */
export function ownRecipeFrom(id: RecipeId): OwnRecipe {
  const start = RECIPES[id];
  const { name, plus, minus, bodies, usualSize, typical } = start;
  return {
    format: RECIPE_FORMAT,
    version: RECIPE_VERSION,
    title: `${name}, my way`,
    startsFrom: id,
    look: start.look,
    plus: { ...plus },
    minus: { ...minus },
    bodyLabel: start.bodyLabel,
    bodies: bodies.map((body) => ({
      id: body.id,
      name: body.name,
      plural: body.plural,
      openVolts: body.openVolts,
      resistivityShare: body.resistivityShare,
      reactionShare: body.reactionShare,
    })),
    separator: start.separator,
    usualSize: { ...usualSize },
    openVolts: { low: typical.openVoltsLow, high: typical.openVoltsHigh },
    shortAmps: { low: typical.shortAmpsLow, high: typical.shortAmpsHigh },
    source: typical.source,
    minutesToBuild: start.minutesToBuild,
    // The text is one’s own: it holds for the first body, as it stands.
    steps: buildingSteps(start, bodies[0]),
    note: start.note,
    endsLife: start.endsLife,
    cautions: cautionsOfCell(start, bodies[0]),
    breathes: start.breathes,
  };
}

/**
 * The recipe as the rest of the core knows recipes. Its physics is chosen anew, so that its own size gives its own typical
 * readings; cautions, air, gating and whatever an own recipe does not say stay those of the recipe that it started from.
 */
export function recipeOfOwn(own: OwnRecipe): Recipe {
  const start = RECIPES[own.startsFrom];
  const { plus, minus, bodyLabel, separator, look, usualSize, minutesToBuild } = own;
  const [first, ...others] = own.bodies.map((body) => ({ ...ownBody(body.id, look), ...body }));
  if (first === undefined) throw new Error('a recipe has at least one body');
  return {
    ...start,
    ...calibrateCell(start.shape, {
      openVolts: [own.openVolts.low, own.openVolts.high],
      shortAmps: [own.shortAmps.low, own.shortAmps.high],
      geometry: geometryOf(usualSize, 0),
      resistivityOhmMetres: start.chemistry.resistivityOhmMetres,
      anodeShare: start.chemistry.anodeShare,
    }),
    name: own.title,
    plus,
    minus,
    bodyLabel,
    bodies: [first, ...others],
    separator,
    look,
    usualSize,
    minutesToBuild,
    typical: {
      openVoltsLow: own.openVolts.low,
      openVoltsHigh: own.openVolts.high,
      shortAmpsLow: own.shortAmps.low,
      shortAmpsHigh: own.shortAmps.high,
      source: own.source,
    },
    ceilingVolts: ceilingOf(own, start),
    steps: own.steps,
    ownText: true,
    note: own.note,
    endsLife: own.endsLife,
    cautions: [...new Set([...start.cautions, ...own.cautions])],
    breathes: start.breathes || own.breathes,
  };
}

const PAIR_OF: Readonly<Partial<Record<`${Material}-${Material}`, MetalPair>>> = {
  'copper-zinc': 'copper-zinc',
  'nickel-zinc': 'nickel-zinc',
  'carbon-aluminium': 'graphite-aluminium',
  'carbon-magnesium': 'graphite-magnesium',
  'carbon-zinc': 'carbon-zinc',
};
/** Above the highest typical reading by so much, where no ceiling of the metals is known (from memory). */
const UNKNOWN_CEILING_SHARE = 1.25;

function ceilingOf(own: OwnRecipe, start: Recipe): number {
  if (own.plus.material === start.plus.material && own.minus.material === start.minus.material) {
    return start.ceilingVolts;
  }
  const pair = PAIR_OF[`${own.plus.material}-${own.minus.material}`];
  return pair === undefined
    ? UNKNOWN_CEILING_SHARE * own.openVolts.high
    : PRACTICAL_CEILING_VOLTS[pair];
}
