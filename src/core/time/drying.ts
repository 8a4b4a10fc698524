/** How the rim of a cell is covered. */
export const WRAPS = ['open', 'skin', 'taped', 'sealed'] as const;
export type Wrap = (typeof WRAPS)[number];

/** Share of the evaporation that a cover lets through (from memory; fruit skin and tape hold most of it back). */
const WRAP_SHARE: Readonly<Record<Wrap, number>> = {
  open: 1,
  skin: 0.05,
  taped: 0.02,
  sealed: 0.002,
};

/** Still air at 20 °C and half humidity takes about 100 g of water an hour and square metre (from memory). */
const GRAMS_PER_SQUARE_METRE_HOUR = 100;
const REFERENCE_CELSIUS = 20;
const REFERENCE_DRYNESS = 0.5;
/** The vapour pressure of water doubles with about every 11 K near room temperature (CRC Handbook, from memory). */
const DOUBLING_KELVIN = 11;

export interface DryingInput {
  readonly waterGrams: number;
  /** Wet surface that meets the air: the rim of a separator, the opening of a cup, m². */
  readonly exposedSquareMetres: number;
  readonly wrap: Wrap;
  /** Relative humidity, 0 to 1. */
  readonly humidity: number;
  readonly celsius: number;
}

/** Water lost per second as a share of what was there. */
export function dryingPerSecond(input: DryingInput): number {
  const { waterGrams, exposedSquareMetres, wrap, humidity, celsius } = input;
  const dryness = Math.max(0, 1 - humidity) / REFERENCE_DRYNESS;
  const warmth = 2 ** ((celsius - REFERENCE_CELSIUS) / DOUBLING_KELVIN);
  const gramsPerHour =
    GRAMS_PER_SQUARE_METRE_HOUR * exposedSquareMetres * dryness * warmth * WRAP_SHARE[wrap];
  return gramsPerHour / 3600 / waterGrams;
}
