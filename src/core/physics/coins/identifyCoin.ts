import * as z from 'zod/mini';
import { COIN_AREAS, type Coin } from './coin';
import { COINS } from './coins';

/** What someone can tell about a coin with a scale, a ruler and a magnet. */
export const coinTestSchema = z.strictObject({
  area: z.enum(COIN_AREAS),
  /** Last year on the coin; `null`: not readable. */
  year: z.nullable(
    z
      .number('Give the year on the coin.')
      .check(
        z.int('Give the year on the coin.'),
        z.minimum(1500, 'Give the year on the coin.'),
        z.maximum(2200, 'Give the year on the coin.'),
      ),
  ),
  grams: z.nullable(
    z
      .number('Give grams.')
      .check(
        z.positive('The mass must be greater than zero.'),
        z.maximum(100, 'Give grams up to 100.'),
      ),
  ),
  diameterMillimetres: z.nullable(
    z
      .number('Give millimetres.')
      .check(
        z.positive('The diameter must be greater than zero.'),
        z.maximum(60, 'Give a diameter up to 60 mm.'),
      ),
  ),
  /** Whether a magnet holds it; `null`: not tried. */
  magnetic: z.nullable(z.boolean()),
});
export type CoinTest = z.infer<typeof coinTestSchema>;

/** Worn and dirty coins differ from the mint's mass, and kitchen scales show tenths of a gram. */
const MASS_TOLERANCE_GRAMS = 0.12;
const MASS_TOLERANCE_SHARE = 0.025;
/** A ruler shows half millimetres. */
const DIAMETER_TOLERANCE_MILLIMETRES = 0.7;

/** Coins of the area that fit everything that was tested. */
export function identifyCoin(test: CoinTest): Coin[] {
  return COINS.filter((coin) => coin.area === test.area && fits(coin, test));
}

function fits(coin: Coin, { year, grams, diameterMillimetres, magnetic }: CoinTest): boolean {
  if (year !== null && (year < (coin.from ?? year) || year > (coin.until ?? year))) return false;
  if (magnetic !== null && magnetic !== coin.magnetic) return false;
  const massRoom = MASS_TOLERANCE_GRAMS + MASS_TOLERANCE_SHARE * coin.grams;
  if (grams !== null && Math.abs(grams - coin.grams) > massRoom) return false;
  return (
    diameterMillimetres === null ||
    Math.abs(diameterMillimetres - coin.diameterMillimetres) <= DIAMETER_TOLERANCE_MILLIMETRES
  );
}

/** What the tests say about a coin that no table lists. */
export function unknownCoin({ magnetic, grams, diameterMillimetres }: CoinTest): string[] {
  const lines: string[] = [];
  if (magnetic === true) {
    lines.push('A magnet holds it: steel (or nickel) inside. Sanding will not find zinc.');
  }
  if (magnetic === false) {
    lines.push(
      'A magnet does not hold it: bronze, cupronickel, aluminium or zinc inside. Sand a small spot: if it turns grey under a copper face, it is zinc.',
    );
  }
  if (grams !== null && diameterMillimetres !== null) {
    lines.push(densityLine(grams, diameterMillimetres));
  }
  lines.push(
    'Zinc with a thin copper skin weighs about a fifth less than the same coin in bronze: weigh ten old and ten new ones.',
    'When in doubt use zinc-coated washers for − and any clean copper for +.',
  );
  return lines;
}

/** Grams to each square centimetre of face tell thickness times density; zinc coins of 1.5 mm have about 0.9. */
function densityLine(grams: number, diameterMillimetres: number): string {
  const squareCentimetres = (Math.PI / 4) * (diameterMillimetres / 10) ** 2;
  const thickness = (density: number): string =>
    ((10 * grams) / (squareCentimetres * density)).toFixed(2);
  // Densities of zinc and bronze, g/cm³: CRC Handbook, from memory.
  return `If it were zinc it would be ${thickness(7.13)} mm thick on average, if bronze ${thickness(8.8)} mm. Measure the thickness of ten in a pile.`;
}
