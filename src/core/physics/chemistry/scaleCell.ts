import { ROOM_CELSIUS, ZERO_CELSIUS_IN_KELVIN } from '../../constants';
import type { CellModel } from './cellModel';

/** What a pair of metals and an electrolyte give, per area and per length: independent of the cell's size. */
export interface CellChemistry {
  readonly emfVolts: number;
  /** Tafel slope b at room temperature, volts per e-fold. */
  readonly tafelVolts: number;
  /** Exchange current density j₀, A/m². */
  readonly exchangeAmpsPerSquareMetre: number;
  /** Limiting current density j_L, A/m². */
  readonly limitingAmpsPerSquareMetre: number;
  /** Concentration loss c, volts per e-fold. */
  readonly concentrationVolts: number;
  /** Resistivity ρ of electrolyte or tissue, Ω·m. */
  readonly resistivityOhmMetres: number;
}

/** The size of one cell. */
export interface CellGeometry {
  /** Wetted area of one electrode that faces the other, m². */
  readonly areaSquareMetres: number;
  readonly gapMetres: number;
  /** Resistance of clips and joints of one pair, ohms. */
  readonly contactOhms: number;
  /** Electrode pairs side by side in the same body; their areas add. */
  readonly pairs: number;
}

/** Conductivity of aqueous electrolytes rises by about 2 % a kelvin (common practice, no source). */
const CONDUCTIVITY_PER_KELVIN = 0.02;
/** Diffusion, and with it the limiting current, rises about as fast. */
const DIFFUSION_PER_KELVIN = 0.02;
/** Exchange currents double with about every 15 K (activation energy near 40 kJ/mol, from memory). */
const EXCHANGE_DOUBLING_KELVIN = 15;

/**
 * One cell of a size and a temperature: `I₀ = j₀·A`, `I_L = j_L·A`, `R = ρ·gap/A + R_contact`, all pairs side by side.
 */
export function scaleCell(
  chemistry: CellChemistry,
  geometry: CellGeometry,
  celsius: number = ROOM_CELSIUS,
): CellModel {
  const area = geometry.areaSquareMetres * geometry.pairs;
  const warmer = celsius - ROOM_CELSIUS;
  const conduction = Math.max(0.1, 1 + CONDUCTIVITY_PER_KELVIN * warmer);
  const diffusion = Math.max(0.1, 1 + DIFFUSION_PER_KELVIN * warmer);
  return {
    emfVolts: chemistry.emfVolts,
    resistanceOhms:
      (chemistry.resistivityOhmMetres * geometry.gapMetres) / area / conduction +
      geometry.contactOhms / geometry.pairs,
    activation: {
      slopeVolts:
        (chemistry.tafelVolts * (celsius + ZERO_CELSIUS_IN_KELVIN)) /
        (ROOM_CELSIUS + ZERO_CELSIUS_IN_KELVIN),
      exchangeAmps:
        chemistry.exchangeAmpsPerSquareMetre * area * 2 ** (warmer / EXCHANGE_DOUBLING_KELVIN),
    },
    limitingAmps: chemistry.limitingAmpsPerSquareMetre * area * diffusion,
    concentrationVolts: chemistry.concentrationVolts,
  };
}

/** Side area in m² of the buried part of a nail. */
export function nailAreaSquareMetres(diameterMetres: number, buriedMetres: number): number {
  return Math.PI * diameterMetres * buriedMetres;
}

/** Face of a coin in m². */
export function coinAreaSquareMetres(diameterMetres: number): number {
  return (Math.PI / 4) * diameterMetres ** 2;
}
