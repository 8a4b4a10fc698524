/** Films and used-up liquid at the metals: resistances that build up while current flows, as shares of `r = E/I_short`. */
export interface FilmShares {
  readonly fastShare: number;
  readonly fastSeconds: number;
  readonly slowShare: number;
  readonly slowSeconds: number;
}

/**
 * Fruit, roots, cups, piles, magnesium in salt: shorted, two thirds of the current are left after a minute, half after five; nine
 * tenths of the volts are back half a minute after a short of one minute (common practice, no source).
 */
export const FRUIT_FILMS: FilmShares = {
  fastShare: 0.4,
  fastSeconds: 8,
  slowShare: 0.6,
  slowSeconds: 240,
};
/** Charcoal in acid peaks and settles to two fifths within minutes (common practice, no source). */
export const CHARCOAL_FILMS: FilmShares = {
  fastShare: 0.9,
  fastSeconds: 30,
  slowShare: 0.5,
  slowSeconds: 240,
};
/** A brine sponge sags a little (common practice, no source). */
export const SPONGE_FILMS: FilmShares = {
  fastShare: 0.2,
  fastSeconds: 10,
  slowShare: 0.3,
  slowSeconds: 240,
};
/** Carbon that breathes is steady for hours (common practice, no source). */
export const AIR_FILMS: FilmShares = {
  fastShare: 0.1,
  fastSeconds: 10,
  slowShare: 0.3,
  slowSeconds: 600,
};
/** Metals in their own salts hardly polarise. */
export const NO_FILMS: FilmShares = { fastShare: 0, fastSeconds: 1, slowShare: 0, slowSeconds: 1 };

/** Resistance of the films after so many seconds of current, as a share of `r = E/I_short` of the fresh cell. */
export function filmShareAfter(films: FilmShares, seconds: number): number {
  return (
    films.fastShare * -Math.expm1(-seconds / films.fastSeconds) +
    films.slowShare * -Math.expm1(-seconds / films.slowSeconds)
  );
}
