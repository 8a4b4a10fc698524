import type { Recipe } from '../chemistry/recipes';
import { ADULT_ONLY_ABOVE_VOLTS, REFUSED_ABOVE_VOLTS } from '../constants';

/** A usual caution and where it applies. */
export interface Caution {
  readonly id: string;
  readonly text: string;
}

/** Carried by every plan and every print. */
export const DEFERRAL =
  'Check your school’s risk assessment, local codes and the supplier’s safety sheets; work that these reserve to trained or licensed people stays with them.';

const FOOD: Caution = {
  id: 'food',
  text: 'Food with metal in it is waste: nobody eats it, and it is not composted. Label it and wash hands.',
};
const SHARP: Caution = {
  id: 'sharp',
  text: 'Nails, cut metal and knives: work on a board, goggles when cutting wire, an adult cuts for young pupils.',
};
const HOT_WATER: Caution = { id: 'hot-water', text: 'Hot water for the brine: an adult pours.' };
const COINS: Caution = {
  id: 'coins',
  text: 'Altering coins may be restricted where you live: check local law, or use washers and blanks. Small parts are a choking hazard.',
};
const WEAK_ACID: Caution = {
  id: 'weak-acid',
  text: 'Juice and vinegar sting: goggles, rinse splashes, never mix with chlorine cleaners.',
};
const HYDROGEN: Caution = {
  id: 'hydrogen',
  text: 'Zinc in acid gives off a little hydrogen: keep it open to the air and away from flames.',
};
const ALLERGIES: Caution = {
  id: 'allergies',
  text: 'Ask about citrus, nickel and latex allergies beforehand.',
};

/** Cautions of building this recipe's cell, most important first. */
export function cautionsOfRecipe(recipe: Recipe): Caution[] {
  switch (recipe.drawing) {
    case 'fruit':
      return [FOOD, SHARP, ALLERGIES];
    case 'pile':
      return [COINS, HOT_WATER, SHARP];
    case 'cup':
      return [FOOD, WEAK_ACID, HYDROGEN];
  }
}

/** Cautions of a battery's open-circuit voltage. */
export function cautionsOfVolts(openVolts: number): Caution[] {
  if (openVolts > REFUSED_ABOVE_VOLTS) {
    return [
      {
        id: 'over-60',
        text: `Above ${REFUSED_ABOVE_VOLTS} V d.c. Grozer offers no class plan: shorten the strings.`,
      },
    ];
  }
  if (openVolts > ADULT_ONLY_ABOVE_VOLTS) {
    return [
      {
        id: 'over-30',
        text: `Over ${ADULT_ONLY_ABOVE_VOLTS} V d.c. with nothing connected: adult only, insulate the ends.`,
      },
    ];
  }
  return [];
}
