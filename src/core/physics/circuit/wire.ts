/** Resistivity of annealed copper at 20 °C, Ω·m: IEC 60028. */
const COPPER_OHM_METRES = 1.7241e-8;

/** Diameter in metres of an AWG size: `0.127 mm × 92^((36 − n)/39)` (ASTM B258). */
export function awgDiameterMetres(size: number): number {
  return 0.127e-3 * 92 ** ((36 - size) / 39);
}

/** Resistance of a copper wire in ohms. */
export function wireOhms(size: number, metres: number): number {
  return (COPPER_OHM_METRES * metres) / ((Math.PI / 4) * awgDiameterMetres(size) ** 2);
}

/** Significands of the E12 and E24 series: IEC 60063. */
const SERIES = {
  E12: [10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82],
  E24: [
    10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91,
  ],
} as const;

/** Smallest preferred resistor value that is not below `ohms`. */
export function preferredOhms(ohms: number, series: keyof typeof SERIES): number {
  const decade = 10 ** (Math.floor(Math.log10(ohms)) - 1);
  const wanted = ohms / decade;
  const found = SERIES[series].find((value) => value >= wanted * (1 - 1e-9)) ?? 100;
  // Three figures say all of a preferred value; 56 × 0.1 does not.
  return Number((found * decade).toPrecision(3));
}
