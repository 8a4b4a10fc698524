import { ampsAtVolts, type SourceCurve } from '../circuit/battery/sourceCurve';
import { CHARGE_TOLERANCE } from './chargeBank';
import { integrate } from './integrate';

export interface ChargeTimeInput {
  readonly source: SourceCurve;
  readonly farads: number;
  readonly fromVolts: number;
  readonly toVolts: number;
}

/** So many times `r·C` are waited; a curve that needs longer counts as never getting there. */
const MAX_TIMES = 1e5;

/** Time until a source has charged a capacitor from one voltage to a higher one, seconds; infinite where it never does. */
export function chargeTime({ source, farads, fromVolts, toVolts }: ChargeTimeInput): number {
  if (fromVolts >= toVolts) return 0;
  if (source.voltsAt(0) <= toVolts) return Infinity;
  const run = integrate({
    derivative: (_, [volts = 0]) => [ampsAtVolts(source, volts) / farads],
    initial: [fromVolts],
    startSeconds: 0,
    endSeconds: MAX_TIMES * source.differentialOhmsAt(0) * farads,
    atSeconds: [],
    ...CHARGE_TOLERANCE,
    untilNegative: (_, [volts = 0]) => toVolts - volts,
  });
  return run.status === 'stopped' ? run.endSeconds : Infinity;
}
