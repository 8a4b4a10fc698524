import * as z from 'zod/mini';
import { type CellSurroundings, type Wrap, WRAPS } from '../../physics/time/ageingCell';
import type { Recipe } from '../../physics/recipes/recipe';

const secondsOf = (most: number) =>
  z
    .number('Give a time.')
    .check(
      z.minimum(1, 'Give at least one second.'),
      z.maximum(most, 'That is longer than is worked out.'),
    );
const countOf = (most: number) =>
  z.int('Give a whole number.').check(z.minimum(1), z.maximum(most));

/** Capacitors that the battery charges, and what they are discharged through. */
export const bankSchema = z.strictObject({
  farads: z
    .number('Give the capacitance.')
    .check(
      z.minimum(1e-6, 'Give at least 1 µF.'),
      z.maximum(500, 'Give at most 500 F.'),
      z.describe('Of one capacitor, farads.'),
    ),
  ratedVolts: z
    .number('Give the rated voltage.')
    .check(z.minimum(1, 'Give at least 1 V.'), z.maximum(60, 'Above 60 V it is not for a class.')),
  inSeries: countOf(20),
  inParallel: countOf(20),
  dischargeOhms: z
    .number('Give the resistance.')
    .check(
      z.minimum(0.05, 'Give at least 0.05 Ω: nothing conducts better than its leads.'),
      z.maximum(1e6, 'Give at most 1 MΩ.'),
    ),
});
export type RunningBank = z.infer<typeof bankSchema>;

/** How the battery is left standing. */
export const runningSchema = z.strictObject({
  wrap: z
    .nullable(z.enum(WRAPS, 'Choose one of the covers.'))
    .check(z.describe('How the wet rims are covered; null: as is usual for the cell.')),
  humidity: z
    .number('Give the humidity as a share.')
    .check(
      z.minimum(0.05, 'Give at least 5 %.'),
      z.maximum(0.99, 'Give at most 99 %.'),
      z.describe('Relative humidity of the room, 0 to 1.'),
    ),
  celsius: z
    .number('Give the warmth in degrees Celsius.')
    .check(
      z.minimum(0, 'Below 0 °C the cells freeze.'),
      z.maximum(45, 'Above 45 °C nobody stays in the room.'),
    ),
  fromDry: z
    .boolean()
    .check(z.describe('Begins dry: the water is poured on when it is connected.')),
  turns: z
    .strictObject({ onSeconds: secondsOf(86_400), restSeconds: secondsOf(86_400) })
    .check(z.describe('Switched on and left alone in turns.')),
  shortSeconds: secondsOf(600).check(z.describe('How long a short lasts.')),
  bank: bankSchema,
});
export type Running = z.infer<typeof runningSchema>;

/** An ordinary room. */
export const USUAL_RUNNING: Running = {
  wrap: null,
  humidity: 0.5,
  celsius: 20,
  fromDry: false,
  turns: { onSeconds: 300, restSeconds: 600 },
  shortSeconds: 60,
  bank: { farads: 0.01, ratedVolts: 16, inSeries: 1, inParallel: 1, dischargeOhms: 100 },
};

/** What people call the covers. */
export const WRAP_NAMES: Readonly<Record<Wrap, string>> = {
  open: 'open',
  skin: 'in its skin',
  taped: 'taped',
  sealed: 'taped all round',
};

/**
 * Covers that a cell may have: one that breathes needs air at its carbon and is never taped shut; a skin belongs to
 * fruit and roots; tape round a pile lets the little gas out. Airtight is only what can give off no gas.
 */
export function wrapsFor({ breathes, look }: Pick<Recipe, 'breathes' | 'look'>): Wrap[] {
  if (breathes) return ['open'];
  switch (look) {
    case 'fruit':
      return ['open', 'skin'];
    case 'pile':
      return ['open', 'taped'];
    case 'vessels':
      return ['open', 'sealed'];
    default:
      return ['open'];
  }
}

/** The usual cover: fruit keeps its skin, piles are taped (common practice, no source), the rest stands open. */
export function usualWrap({ breathes, look }: Pick<Recipe, 'breathes' | 'look'>): Wrap {
  if (breathes) return 'open';
  return look === 'fruit' ? 'skin' : look === 'pile' ? 'taped' : 'open';
}

/** The cover that counts: the chosen one where the cell may have it. */
export function wrapOf(
  { wrap }: Pick<Running, 'wrap'>,
  recipe: Pick<Recipe, 'breathes' | 'look'>,
): Wrap {
  return wrap !== null && wrapsFor(recipe).includes(wrap) ? wrap : usualWrap(recipe);
}

/** How a cell stands in the room where the plan leaves it. */
export function surroundingsOf(
  running: Running,
  recipe: Pick<Recipe, 'breathes' | 'look' | 'soakSeconds'>,
  cellsInSeries: number,
): CellSurroundings {
  const { humidity, celsius, fromDry } = running;
  const soakSeconds = fromDry ? recipe.soakSeconds : null;
  return { wrap: wrapOf(running, recipe), humidity, celsius, soakSeconds, cellsInSeries };
}
