/** An ideal source with internal resistance that behaves like a whole battery (Thévenin). */
export interface TheveninSource {
  readonly emfVolts: number;
  readonly resistanceOhms: number;
}

/** Sources in series: volts and ohms add. */
export function theveninInSeries(sources: readonly TheveninSource[]): TheveninSource {
  let emfVolts = 0;
  let resistanceOhms = 0;
  for (const source of sources) {
    emfVolts += source.emfVolts;
    resistanceOhms += source.resistanceOhms;
  }
  return { emfVolts, resistanceOhms };
}

/** Sources side by side, by Millman's theorem (J. Millman, Proc. IRE 28 (1940) 413). Each needs a resistance, unless it is alone. */
export function theveninInParallel(sources: readonly TheveninSource[]): TheveninSource {
  const [only] = sources;
  if (sources.length === 1 && only !== undefined) return only;
  let siemens = 0;
  let shortAmps = 0;
  for (const { emfVolts, resistanceOhms } of sources) {
    siemens += 1 / resistanceOhms;
    shortAmps += emfVolts / resistanceOhms;
  }
  return { emfVolts: shortAmps / siemens, resistanceOhms: 1 / siemens };
}
