import { z } from 'zod';
import type { Recipe } from '../chemistry/recipe';
import { WRAPS, type Wrap } from '../time/drying';

/** How the battery is left standing. */
export const runningSchema = z.strictObject({
  wrap: z
    .enum(WRAPS, 'Choose one of the covers.')
    .nullable()
    .describe('How the wet rims are covered; null: as is usual for the cell.'),
  humidity: z
    .number('Give the humidity as a share.')
    .min(0.05, 'Give at least 5 %.')
    .max(0.99, 'Give at most 99 %.')
    .describe('Relative humidity of the room, 0 to 1.'),
  celsius: z
    .number('Give the warmth in degrees Celsius.')
    .min(0, 'Below 0 °C the cells freeze.')
    .max(45, 'Above 45 °C nobody stays in the room.'),
});
export type Running = z.infer<typeof runningSchema>;

/** An ordinary room. */
export const USUAL_RUNNING: Running = { wrap: null, humidity: 0.5, celsius: 20 };

/** What people call the covers. */
export const WRAP_NAMES: Readonly<Record<Wrap, string>> = {
  open: 'open',
  skin: 'in its skin',
  taped: 'taped',
  sealed: 'sealed airtight',
};

/**
 * Covers that a cell may have: one that breathes needs air at its carbon and is never taped shut; a skin belongs to
 * fruit and roots.
 */
export function wrapsFor({ breathes, look }: Pick<Recipe, 'breathes' | 'look'>): Wrap[] {
  if (breathes) return ['open'];
  return look === 'fruit' ? ['open', 'skin', 'sealed'] : ['open', 'taped', 'sealed'];
}

/** The usual cover: fruit keeps its skin, piles are taped (common practice, no source), the rest stands open. */
export function usualWrap({ breathes, look }: Pick<Recipe, 'breathes' | 'look'>): Wrap {
  if (breathes) return 'open';
  return look === 'fruit' ? 'skin' : look === 'pile' ? 'taped' : 'open';
}

/** The cover that counts: the chosen one where the cell may have it. */
export function wrapOf({ wrap }: Running, recipe: Pick<Recipe, 'breathes' | 'look'>): Wrap {
  return wrap !== null && wrapsFor(recipe).includes(wrap) ? wrap : usualWrap(recipe);
}
