import { GAS_J_PER_MOL_K, ZERO_CELSIUS_IN_KELVIN } from '../../constants';

/** How the rim of a cell is covered. */
export const WRAPS = ['open', 'skin', 'taped', 'sealed'] as const;
export type Wrap = (typeof WRAPS)[number];

/** Drying of small wet bodies by diffusion into still air. */
export const DRYING_FACTS = {
  /** Share of the evaporation that a cover lets through (fruit skin and tape hold most of it back; from memory). */
  wrapShare: { open: 1, skin: 0.05, taped: 0.05, sealed: 0.002 } satisfies Record<Wrap, number>,
  /** Diffusion of water vapour in air near 20 °C, m²/s (CRC Handbook, from memory). */
  diffusionSquareMetresPerSecond: 2.5e-5,
  /** Share of a whole pile's evaporation that a single wet ring loses: 0.05 of 0.1 g/h (common practice, no source). */
  singleRingShare: 0.5,
} as const;

const WATER_GRAMS_PER_MOL = 18.015;

/**
 * Water in saturated air, g/m³ (17.3 at 20 °C): Magnus’ formula (O. A. Alduchov and R. E. Eskridge, J. Appl. Meteorology 35
 * (1996) 601) and the gas law.
 */
export function saturationGramsPerCubicMetre(celsius: number): number {
  const pascals = 610.94 * Math.exp((17.625 * celsius) / (celsius + 243.04));
  return (WATER_GRAMS_PER_MOL * pascals) / (GAS_J_PER_MOL_K * (celsius + ZERO_CELSIUS_IN_KELVIN));
}

export interface DryingInput {
  /** Of one cell. */
  readonly waterGrams: number;
  /** Radius of the wet body, m. */
  readonly wetRadiusMetres: number;
  readonly wrap: Wrap;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
  /** Vapour over the liquid against that over pure water, 1 and below. */
  readonly waterActivity?: number;
  readonly celsius: number;
  /** Cells stacked into one body, which dries as a whole; `null`: every cell stands on its own. */
  readonly stacked: number | null;
}

/**
 * Water lost per second as a share of what was there. A small wet body in still air loses `4π·radius·D·Δc`: it is diffusion,
 * not area times a flux (J. C. Maxwell, “Diffusion”, Encyclopædia Britannica, 9th ed.).
 */
export function dryingPerSecond(input: DryingInput): number {
  const { waterGrams, wetRadiusMetres, wrap, humidity, celsius, stacked } = input;
  const { waterActivity = 1 } = input;
  const { wrapShare, diffusionSquareMetresPerSecond, singleRingShare } = DRYING_FACTS;
  // Salt holds its water: in air damper than its own vapour a brine never dries.
  const dryness = Math.max(0, waterActivity - humidity) * saturationGramsPerCubicMetre(celsius);
  const wholeBody = 4 * Math.PI * wetRadiusMetres * diffusionSquareMetresPerSecond * dryness;
  const share = stacked === null ? 1 : Math.min(singleRingShare, 1 / stacked);
  return (wholeBody * share * wrapShare[wrap]) / waterGrams;
}
