import { risingRoot } from '../../../numeric/risingRoot';
import { ampsAtVolts, type SourceCurve } from '../battery/sourceCurve';

/** A blocking oscillator that lifts a small voltage: constant power in, as long as it runs. */
export interface BoosterModel {
  /** Power that its load takes, watts. */
  readonly outputWatts: number;
  /** Share of the input power that comes out. */
  readonly efficiency: number;
  /** Volts at which it starts. */
  readonly startVolts: number;
  /** Volts below which it stops. */
  readonly dropOutVolts: number;
}

/** Starts at about 0.6 V; efficiency and drop-out of simple one-transistor boosters (common practice, no source). */
export const TYPICAL_BOOSTER = { efficiency: 0.6, startVolts: 0.6, dropOutVolts: 0.4 } as const;

export type BoosterOutcome =
  | { readonly status: 'running'; readonly volts: number; readonly amps: number }
  /** The battery’s open volts are below the start. */
  | { readonly status: 'does-not-start'; readonly openVolts: number }
  /** The battery cannot give the power at any voltage: no stable operating point. */
  | {
      readonly status: 'no-stable-point';
      readonly maxWatts: number;
      readonly neededWatts: number;
    };

const SAMPLES = 200;

/**
 * Operating point of a constant-power input on a falling source curve. Of the two crossings only the one at the higher
 * voltage is stable; where the battery's greatest power is too small there is none.
 */
export function boosterOnSource(source: SourceCurve, booster: BoosterModel): BoosterOutcome {
  const openVolts = source.voltsAt(0);
  if (openVolts < booster.startVolts) return { status: 'does-not-start', openVolts };
  const neededWatts = booster.outputWatts / booster.efficiency;
  const watts = (amps: number): number => amps * source.voltsAt(amps);
  const maxAmps = ampsAtVolts(source, booster.dropOutVolts);
  let maxWatts = 0;
  let before = 0;
  for (let sample = 1; sample <= SAMPLES; sample += 1) {
    const amps = (maxAmps * sample) / SAMPLES;
    const found = watts(amps);
    if (found >= neededWatts) {
      const running = crossing((at) => watts(at) - neededWatts, before, amps);
      return { status: 'running', amps: running, volts: source.voltsAt(running) };
    }
    maxWatts = Math.max(maxWatts, found);
    before = amps;
  }
  return { status: 'no-stable-point', maxWatts, neededWatts };
}

/** Where a function that is negative at `low` and positive at `high` passes zero. */
function crossing(valueAt: (at: number) => number, low: number, high: number): number {
  const start = (low + high) / 2;
  return risingRoot({ valueAt, slopeAt: null, low, high, start, tolerance: 0 }).x;
}
