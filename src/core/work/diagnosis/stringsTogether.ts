/** A battery as one source, and how every source of scatter moves it. */
export interface JoinedStrings {
  readonly emf: number;
  readonly ohms: number;
  readonly emfSpread: Float64Array;
  readonly ohmsSpread: Float64Array;
}

/**
 * Millman's theorem over strings side by side (Proc. IRE 28 (1940) 413), with the slopes of both figures.
 * @param sources how many sources of scatter there are.
 */
export function stringsTogether(strings: readonly JoinedStrings[], sources: number): JoinedStrings {
  const siemens = strings.reduce((sum, { ohms }) => sum + 1 / ohms, 0);
  const ohms = 1 / siemens;
  const emf = strings.reduce((sum, one) => sum + one.emf / one.ohms, 0) * ohms;
  const emfSpread = new Float64Array(sources);
  const ohmsSpread = new Float64Array(sources);
  for (const one of strings) {
    const share = ohms / one.ohms;
    const pull = (-share * (one.emf - emf)) / one.ohms;
    for (let index = 0; index < sources; index += 1) {
      const moved = one.ohmsSpread[index]!;
      emfSpread[index] = emfSpread[index]! + share * one.emfSpread[index]! + pull * moved;
      ohmsSpread[index] = ohmsSpread[index]! + share * share * moved;
    }
  }
  return { emf, ohms, emfSpread, ohmsSpread };
}
