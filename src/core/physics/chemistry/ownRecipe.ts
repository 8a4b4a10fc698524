import { documentFormat } from '../../formats/documentFormat';
import { geometryOf } from './electrodeSize';
import { familyOf } from './families';
import { CELL_SHAPES } from './family';
import { ownRecipeSchema, RECIPE_FORMAT, RECIPE_VERSION, type OwnRecipe } from './ownRecipeSchema';
import { RECIPE_MIGRATIONS } from './migrateRecipe';
import { PRACTICAL_CEILING_VOLTS, type MetalPair } from './potentials';
import { buildingSteps, cautionsOfCell, type Material, type Recipe, type RecipeId } from './recipe';
import { bodyOf, RECIPES } from './recipes';

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
  const { name, look, plus, minus, bodyLabel, bodies, separator, usualSize, typical, ...rest } =
    RECIPES[id];
  const [first] = bodies;
  const body = bodyOf(RECIPES[id], first?.id ?? '');
  return {
    format: RECIPE_FORMAT,
    version: RECIPE_VERSION,
    title: `${name}, my way`,
    startsFrom: id,
    look,
    plus: { ...plus },
    minus: { ...minus },
    bodyLabel,
    bodies: bodies.map((body) => ({
      id: body.id,
      name: body.name,
      plural: body.plural,
      openVolts: body.openVolts ?? null,
      resistivityShare: body.resistivityShare ?? 1,
      reactionShare: body.reactionShare ?? 1,
    })),
    separator,
    usualSize: { ...usualSize },
    openVolts: { low: typical.openVoltsLow, high: typical.openVoltsHigh },
    shortAmps: { low: typical.shortAmpsLow, high: typical.shortAmpsHigh },
    source: typical.source,
    minutesToBuild: rest.minutesToBuild,
    // The text is one’s own: it holds for the first body, as it stands.
    steps: buildingSteps(rest, body),
    note: rest.note,
    endsLife: rest.endsLife,
    cautions: cautionsOfCell(rest, body),
    breathes: rest.breathes,
  };
}

/**
 * The recipe as the rest of the core knows recipes. Its physics is that of the family it started from, chosen anew so
 * that its own size gives its own typical readings. The family's cautions, air and staff gating always stay.
 */
export function recipeOfOwn(own: OwnRecipe): Recipe {
  const start = RECIPES[own.startsFrom];
  const family = familyOf(start.family);
  const { chemistry, geometry } = CELL_SHAPES[family.curveShape]({
    openVolts: [own.openVolts.low, own.openVolts.high],
    shortAmps: [own.shortAmps.low, own.shortAmps.high],
    geometry: geometryOf(own.usualSize, 0),
    resistivityOhmMetres: family.chemistry.resistivityOhmMetres,
    anodeShare: family.chemistry.anodeShare,
  });
  return {
    id: own.startsFrom,
    name: own.title,
    plus: own.plus,
    minus: own.minus,
    bodyLabel: own.bodyLabel,
    bodies: own.bodies.map(({ openVolts, ...body }) => {
      const liquid = start.bodies.find(({ id }) => id === body.id)?.liquid;
      return {
        ...body,
        ...(openVolts === null ? {} : { openVolts }),
        ...(liquid === undefined ? {} : { liquid }),
      };
    }),
    separator: own.separator,
    look: own.look,
    usualSize: own.usualSize,
    family: start.family,
    physics: { chemistry, geometry },
    typical: {
      openVoltsLow: own.openVolts.low,
      openVoltsHigh: own.openVolts.high,
      shortAmpsLow: own.shortAmps.low,
      shortAmpsHigh: own.shortAmps.high,
      source: own.source,
    },
    ceilingVolts: ceilingOf(own, start),
    minutesToBuild: own.minutesToBuild,
    steps: own.steps,
    ownText: true,
    measuring: start.measuring,
    note: own.note,
    endsLife: own.endsLife,
    cautions: [...new Set([...start.cautions, ...own.cautions])],
    breathes: start.breathes || own.breathes,
    restricted: start.restricted,
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
