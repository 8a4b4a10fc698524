import { ampsAtVolts, type SourceCurve } from '../circuit/battery/sourceCurve';
import { integrate } from './integrate';

export interface ChargeInput {
  readonly source: SourceCurve;
  readonly farads: number;
  readonly initialVolts: number;
  /** Times at which the volts are wanted, rising, seconds. */
  readonly atSeconds: readonly number[];
}

/** Accuracy of charging: runs are short, so that it costs little. */
export const CHARGE_TOLERANCE = { relativeTolerance: 1e-10, absoluteTolerance: 1e-10 } as const;

/** Volts of a capacitor charged through a battery's own curve: `C·dV/dt = I(V)`. */
export function chargeBank({ source, farads, initialVolts, atSeconds }: ChargeInput): number[] {
  const run = integrate({
    derivative: (_, [volts = 0]) => [ampsAtVolts(source, volts) / farads],
    initial: [initialVolts],
    startSeconds: 0,
    endSeconds: atSeconds.at(-1) ?? 0,
    atSeconds,
    ...CHARGE_TOLERANCE,
  });
  return run.samples.map(({ state }) => state[0] ?? NaN);
}
