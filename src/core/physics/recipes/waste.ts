import type { CellBody } from './bodies';
import { cautionsOfCell, type Recipe } from './recipe';

/** Where a cell goes afterwards, in one sentence for labels, guide and teacher (common practice, no source). */
export function wasteWords(
  recipe: Pick<Recipe, 'cautions' | 'look' | 'minus' | 'typical'>,
  body: Pick<CellBody, 'liquid' | 'id'>,
): string {
  const cautions = cautionsOfCell(recipe, body);
  if (cautions.includes('metal-salts')) {
    return 'Solutions into the bottle for metal salts, never into the sink; metals to the tray.';
  }
  if (recipe.look === 'fruit') return 'Food into the general waste, metals to the tray.';
  return recipe.minus.material === 'zinc'
    ? 'Liquids hold zinc now: into the collecting bottle, as local rules say; metals to the tray.'
    : 'Liquids are poured away with plenty of water where local rules allow; metals to the tray.';
}
