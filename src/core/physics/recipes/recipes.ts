import {
  ALUMINIUM_ACID_RECIPE,
  ALUMINIUM_BRINE_RECIPE,
  FELT_RECIPE,
  MAGNESIUM_RECIPE,
  MAGNESIUM_ROD_RECIPE,
} from './carbonRecipes';
import { CUP_RECIPE, FRUIT_RECIPE, ROOT_RECIPE } from './foodRecipes';
import { BRINE_PILE_RECIPE, NICKEL_PILE_RECIPE, ONE_COIN_PILE_RECIPE } from './pileRecipes';
import type { Recipe, RecipeId } from './recipe';
import { CONCENTRATION_RECIPE, SULFURIC_RECIPE, TWO_SOLUTION_RECIPE } from './solutionRecipes';

/** All recipes that ship with the app. */
export const RECIPES: Readonly<Record<RecipeId, Recipe>> = {
  'copper-zinc-fruit': FRUIT_RECIPE,
  'root-vegetable': ROOT_RECIPE,
  'juice-cup': CUP_RECIPE,
  'coin-pile-brine': BRINE_PILE_RECIPE,
  'one-coin-pile': ONE_COIN_PILE_RECIPE,
  'nickel-zinc-pile': NICKEL_PILE_RECIPE,
  'aluminium-air-brine': ALUMINIUM_BRINE_RECIPE,
  'aluminium-air-acid': ALUMINIUM_ACID_RECIPE,
  'magnesium-graphite': MAGNESIUM_RECIPE,
  'magnesium-air-rod': MAGNESIUM_ROD_RECIPE,
  'zinc-carbon-felt': FELT_RECIPE,
  'two-solution': TWO_SOLUTION_RECIPE,
  concentration: CONCENTRATION_RECIPE,
  'dilute-sulfuric-acid': SULFURIC_RECIPE,
};
