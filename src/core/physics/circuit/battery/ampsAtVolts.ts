import { risingRoot } from '../../../numeric/risingRoot';
import type { SourceCurve } from './sourceCurve';

/** Current at which a source stands at `volts`; negative where what is connected is the stronger. */
export function ampsAtVolts(source: SourceCurve, volts: number): number {
  return risingRoot({
    valueAt: (amps) => volts - source.voltsAt(amps),
    slopeAt: source.differentialOhmsAt,
    low: -Infinity,
    high: Infinity,
    start: 0,
    tolerance: 1e-13,
  }).x;
}
