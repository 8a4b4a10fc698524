import { ZINC_COATING_METRES } from '../cell/potentials';

/** How thick the − metals are that can dissolve, millimetres (from memory where nothing else is said). */

/** Nails and washers from the hardware shop: an ordinary electroplate. */
export const ELECTROPLATED = 1000 * ZINC_COATING_METRES.electroplate;
/** Strips cut from sheet, thick plates. */
export const SHEET = 0.5;
export const PLATE = 1;
/** The zinc core of a coin: 2.4 g of zinc in a disc of 19 mm. */
export const COIN_CORE = 1.2;
/** Kitchen foil of 0.016 mm: folded four times into sixteen layers, or laid flat in two. */
export const FOIL_FOLDED = 0.25;
export const FOIL_FLAT = 0.032;
export const ZINC_FOIL = 0.1;
/** Magnesium ribbon; its turns, 3 mm wide and apart, cover three fifths of a rod: 30 cm are 180 mm³. */
export const RIBBON = 0.2;
export const RIBBON_TURNS = 0.12;
