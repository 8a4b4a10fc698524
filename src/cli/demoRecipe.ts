import { ownRecipeFrom } from '@/core/physics/recipes/ownRecipe';
import type { OwnRecipe } from '@/core/physics/recipes/ownRecipeSchema';

/** The scenario's own recipe: the club's bronze coins and zinc blanks, as it measured them. */
export const DEMO_RECIPE: { readonly id: string; readonly recipe: OwnRecipe } = {
  id: 'demo-harbour-pile',
  recipe: {
    ...ownRecipeFrom('coin-pile-brine'),
    title: 'Harbour pile, bronze and zinc blanks',
    plus: { material: 'copper', part: 'bronze coin, Ø 20 mm' },
    minus: { material: 'zinc', part: 'zinc blank, Ø 20 mm' },
    usualSize: {
      shape: 'coin',
      widthMillimetres: 20,
      depthMillimetres: 1,
      gapMillimetres: 1,
      metalMillimetres: 1,
      pairs: 1,
      extraPlus: 0,
      extraMinus: 0,
    },
    openVolts: { low: 0.74, high: 0.8 },
    shortAmps: { low: 1.3e-3, high: 1.8e-3 },
    source: 'ten piles built by the club',
  },
};
