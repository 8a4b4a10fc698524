import { conductivity } from '../cell/conductivity';

/** True resistivities of what is wet in a cell, Ω·m. */

/** One tablespoon of salt, 18 g, in 100 mL of water: 15 % of the brine's mass. */
export const MIXED_BRINE_OHM_METRES = 1 / conductivity('NaCl', 15).siemensPerMetre;
/** Salt water that takes up no more salt: 26 %. */
export const SATURATED_BRINE_OHM_METRES = 1 / conductivity('NaCl', 25).siemensPerMetre;
/** Vinegar of 5 %. */
export const VINEGAR_OHM_METRES = 1 / conductivity('acetic acid', 5).siemensPerMetre;
/** Lemon juice and juices as sour (from memory). */
export const JUICE_OHM_METRES = 2;
/** Tissue of fruit and of roots: 10 to 20 (from memory). */
export const FRUIT_TISSUE_OHM_METRES = 12;
export const ROOT_TISSUE_OHM_METRES = 18;
/** Epsom salt of about 10 %: 43 mS/cm (CRC Handbook, from memory). */
export const EPSOM_OHM_METRES = 0.23;
/** Vinegar with citric acid and potassium chloride: what the chloride of about 5 % makes of it. */
export const ACID_MIX_OHM_METRES = 1 / conductivity('KCl', 5).siemensPerMetre;
/** Tap water in a towel, with the salts that the towel and the metal give off (from memory). */
export const TAP_WATER_OHM_METRES = 5;
/** Sulfates of copper and zinc of half a mole a litre (from memory). */
export const SULFATE_OHM_METRES = 0.35;
/** Dilute sulfuric acid of about 10 %: 400 mS/cm (CRC Handbook, from memory). */
export const SULFURIC_OHM_METRES = 0.025;
