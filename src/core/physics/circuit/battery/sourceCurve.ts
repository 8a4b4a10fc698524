import type { TheveninSource } from './theveninSource';

/** A source whose voltage falls with the current. */
export interface SourceCurve {
  readonly voltsAt: (amps: number) => number;
  readonly differentialOhmsAt: (amps: number) => number;
}

/** The curve of an ideal source with internal resistance. */
export function theveninCurve({ emfVolts, resistanceOhms }: TheveninSource): SourceCurve {
  return {
    // Nothing is lost without a current, not even where nothing can flow.
    voltsAt: (amps) => (amps === 0 ? emfVolts : emfVolts - amps * resistanceOhms),
    differentialOhmsAt: () => resistanceOhms,
  };
}

/** Straight pieces between points of a curve, from nothing connected on; beyond the last one the last piece goes on. */
export function curveThrough(
  points: readonly { readonly volts: number; readonly amps: number }[],
): SourceCurve {
  const pieceAt = (amps: number): { volts: number; ohms: number } => {
    const found = points.findIndex((point, index) => index > 0 && point.amps >= amps);
    const end = found < 0 ? points.length - 1 : found;
    const from = points[end - 1];
    const to = points[end];
    if (from === undefined || to === undefined) throw new Error('a curve needs two points');
    const ohms = (from.volts - to.volts) / (to.amps - from.amps);
    return { volts: from.volts - ohms * (amps - from.amps), ohms };
  };
  return {
    voltsAt: (amps) => pieceAt(amps).volts,
    differentialOhmsAt: (amps) => pieceAt(amps).ohms,
  };
}
