import type { SourceCurve } from '../circuit/operatingPoint';

const BISECTIONS = 200;

/** Current at which the source stands at `volts`; negative where the capacitor is the stronger. */
export function ampsAtVolts(source: SourceCurve, volts: number): number {
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
    const next = amps - value / source.differentialOhmsAt(amps);
    amps = next > low && next < high ? next : (low + high) / 2;
    if (high - low <= 1e-16 * Math.abs(high)) break;
  }
  return amps;
}
