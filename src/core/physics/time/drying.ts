/** How the rim of a cell is covered. */
export const WRAPS = ['open', 'skin', 'taped', 'sealed'] as const;
export type Wrap = (typeof WRAPS)[number];

/** Drying of wet rims; all from memory but for the doubling. */
export const DRYING_FACTS = {
  /** Share of the evaporation that a cover lets through (fruit skin and tape hold most of it back). */
  wrapShare: { open: 1, skin: 0.05, taped: 0.02, sealed: 0.002 } satisfies Record<Wrap, number>,
  /** Still air at 20 °C and half humidity takes about so much water. */
  gramsPerSquareMetreHour: 100,
  referenceCelsius: 20,
  referenceDryness: 0.5,
  /** The vapour pressure of water doubles with about so much near room temperature (CRC Handbook, from memory). */
  doublingKelvin: 11,
} as const;

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
  const { wrapShare, gramsPerSquareMetreHour, referenceCelsius, referenceDryness, doublingKelvin } =
    DRYING_FACTS;
  const dryness = Math.max(0, 1 - humidity) / referenceDryness;
  const warmth = 2 ** ((celsius - referenceCelsius) / doublingKelvin);
  const gramsPerHour =
    gramsPerSquareMetreHour * exposedSquareMetres * dryness * warmth * wrapShare[wrap];
  return gramsPerHour / 3600 / waterGrams;
}
