import type { SourceCurve } from '../circuit/operatingPoint';
import { integrate } from './integrate';

export interface ChargeInput {
  readonly source: SourceCurve;
  readonly farads: number;
  readonly initialVolts: number;
  /** Times at which the volts are wanted, rising, seconds. */
  readonly atSeconds: readonly number[];
}

const TOLERANCE = { relative: 1e-10, absolute: 1e-10 } as const;
const BISECTIONS = 200;

/** Volts of a capacitor charged through a battery's own curve: `C·dV/dt = I(V)`. */
export function chargeBank({ source, farads, initialVolts, atSeconds }: ChargeInput): number[] {
  const run = integrate({
    derivative: (_, [volts = 0]) => [ampsAt(source, volts) / farads],
    initial: [initialVolts],
    startSeconds: 0,
    endSeconds: atSeconds.at(-1) ?? 0,
    atSeconds,
    relativeTolerance: TOLERANCE.relative,
    absoluteTolerance: TOLERANCE.absolute,
  });
  return run.samples.map(({ state }) => state[0] ?? NaN);
}

/** Current at which the source stands at `volts`; negative where the capacitor is the stronger. */
function ampsAt(source: SourceCurve, volts: number): number {
  const gap = (amps: number): number => volts - source.voltsAt(amps);
  let high = 1e-3;
  while (gap(high) < 0) high *= 4;
  let low = 0;
  while (gap(low) > 0) low = low === 0 ? -1e-3 : low * 4;
  let amps = high;
  for (let step = 0; step < BISECTIONS; step += 1) {
    const value = gap(amps);
    if (Math.abs(value) <= 1e-13) break;
    if (value > 0) high = amps;
    else low = amps;
    const next = amps - value / source.slopeOhmsAt(amps);
    amps = next > low && next < high ? next : (low + high) / 2;
    if (high - low <= 1e-16 * Math.abs(high)) break;
  }
  return amps;
}
