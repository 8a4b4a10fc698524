import { cellAmpsAt, type CellModel } from '../cell/cellModel';
import type { FilmShares } from '../cell/films';
import { DEFAULT_UTILISATION } from '../cell/potentials';
import { warmthAt } from '../cell/scaleCell';
import { type CellBuild, corrosionAmpsOf, metalCoulombsOf, waterOf } from '../recipes/cellBuild';
import { LIQUID_FACTS } from '../recipes/liquids';
import { PIECE_FACTS } from '../recipes/pieces';
import { GAS_J_PER_MOL_K, ZERO_CELSIUS_IN_KELVIN } from '../../constants';

/** One cell with what changes in it while it runs. */
export interface AgeingCell {
  readonly cell: CellModel;
  /** Film and diffusion overvoltage: two resistances that build up with their own times (seconds and minutes). */
  readonly fast: RcPair;
  readonly slow: RcPair;
  /** Charge that the dissolving metal can give, coulombs, after utilisation. */
  readonly metalCoulombs: number;
  /** Corrosion that runs beside the useful current, amperes. */
  readonly parasiticAmps: number;
  /** Share of the water lost in a second. */
  readonly dryingPerSecond: number;
  /** Time in which it soaks up its water where it begins dry, seconds; `null`: wet from the start. */
  readonly soakSeconds: number | null;
  /** Mould and browning end it after so many seconds; `null`: nothing in it spoils. */
  readonly spoilsSeconds: number | null;
}

export interface RcPair {
  readonly ohms: number;
  readonly seconds: number;
}

/** Below this share of its water a cell counts as dried out. */
export const DRY_BELOW = 0.1;

/** Film pairs of a cell from its short-circuit current. */
export function filmPairs(
  cell: CellModel,
  shortAmps: number,
  films: FilmShares,
): Pick<AgeingCell, 'fast' | 'slow'> {
  const ohms = cell.emfVolts / shortAmps;
  return {
    fast: { ohms: films.fastShare * ohms, seconds: films.fastSeconds },
    slow: { ohms: films.slowShare * ohms, seconds: films.slowSeconds },
  };
}

/** Share of the water left after so many seconds; evaporation is steady. */
export function waterLeft({ dryingPerSecond }: AgeingCell, seconds: number): number {
  return Math.max(0, 1 - dryingPerSecond * seconds);
}

/** Least wetted share that is calculated with: no cell is ever quite cut off. */
const MIN_WETTED = 1e-3;

/** Share of the electrodes that is wet while a cell soaks up its water; they work in proportion to that. */
export function wettedShare(soakSeconds: number | null, seconds: number): number {
  return soakSeconds === null ? 1 : Math.max(MIN_WETTED, 1 - Math.exp(-seconds / soakSeconds));
}

/** Ohms beside the cell's own curve: drying thickens the electrolyte. */
export function addedOhms(ageing: AgeingCell, seconds: number): number {
  const left = Math.max(waterLeft(ageing, seconds), DRY_BELOW / 2);
  return ageing.cell.resistanceOhms * (1 / left - 1);
}

/**
 * The cell after so many seconds of use, in closed form: `R(t) = R/w(t) + F_fast(t) + F_slow(t)` with the water left `w`. Against
 * the integrated run that is good to 3.5 % in the current.
 */
export function cellAfter(ageing: AgeingCell, seconds: number): CellModel {
  const { cell, fast, slow } = ageing;
  const r = cell.emfVolts / cellAmpsAt(cell, 0);
  const fastOhms = filmOhmsAfter(r, fast, seconds);
  const slowOhms = filmOhmsAfter(r + fastOhms, slow, seconds);
  const resistanceOhms = cell.resistanceOhms + addedOhms(ageing, seconds) + fastOhms + slowOhms;
  return { ...cell, resistanceOhms };
}

/**
 * What a film resists after so many seconds, ohms. With a steady current it is `F·(1 − e^(−t/τ))`. Into a load that holds its
 * volts the current was larger before, since the film itself was smaller: `τ·dV/dt = F·I − V` with `I = (E − V)/r` has the
 * solution below, which ends at the same `F`.
 */
function filmOhmsAfter(r: number, { ohms, seconds: time }: RcPair, seconds: number): number {
  const share = ohms / r;
  const built = -Math.expm1((-seconds * (1 + share)) / time);
  return r * (1 / (1 - (share / (1 + share)) * built) - 1);
}

/** Cut open they brown and mould sooner (from memory). */
const CUT_SPOILS_DAYS = 2;
const DAY_SECONDS = 86_400;

/** Where and how a cell is left. */
export interface CellSurroundings {
  readonly wrap: Wrap;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
  readonly celsius: number;
  /** Cells in its string. */
  readonly cellsInSeries: number;
  /** Begins dry and soaks up its water in so many seconds; `null`: wet from the start. */
  readonly soakSeconds: number | null;
}

/** What of a cell decides how it ages; its model is as it is in the room's warmth. */
export type CellToAge = CellBuild & { readonly model: CellModel };

/** A cell with its films, its metal and its water. */
export function ageingCell(cell: CellToAge, around: CellSurroundings): AgeingCell {
  const { recipe, piece, model } = cell;
  const shortAmps = cellAmpsAt(model, 0);
  const spoilsDays = piece === 'whole' ? recipe.spoilsDays : CUT_SPOILS_DAYS;
  return {
    cell: model,
    ...filmPairs(model, shortAmps, recipe.films),
    metalCoulombs: DEFAULT_UTILISATION * metalCoulombsOf(cell),
    parasiticAmps: corrosionAmpsOf(cell) * warmthAt(around.celsius).reaction,
    dryingPerSecond: dryingOf(cell, around),
    soakSeconds: around.soakSeconds,
    spoilsSeconds: spoilsDays === null ? null : spoilsDays * DAY_SECONDS,
  };
}

/**
 * Share of its water that a cell loses in a second. A cut face is a wet disc on one side, which loses as much as a ball of a πth
 * of its radius (capacitance of a disc, 8·ε·radius for both sides, any textbook of electromagnetism); skin goes on holding back
 * what it covers.
 */
function dryingOf(
  { recipe, body, piece }: CellBuild,
  { wrap, humidity, celsius, cellsInSeries }: CellSurroundings,
): number {
  const { share, cutFaces, peeled } = PIECE_FACTS[piece];
  const { waterGrams, wetRadiusMetres } = waterOf({ recipe, body });
  const air = {
    waterGrams: waterGrams * share,
    humidity,
    celsius,
    waterActivity: body.liquid === null ? 1 : LIQUID_FACTS[body.liquid].waterActivity,
    stacked: recipe.parts.stacked ? cellsInSeries : null,
  };
  const bare: Wrap = wrap === 'sealed' ? 'sealed' : 'open';
  const whole = dryingPerSecond({
    ...air,
    wetRadiusMetres: wetRadiusMetres * Math.cbrt(share),
    wrap: peeled ? bare : wrap,
  });
  if (cutFaces === 0) return whole;
  const face = dryingPerSecond({ ...air, wetRadiusMetres: wetRadiusMetres / Math.PI, wrap: bare });
  return whole + cutFaces * face;
}

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
