import type { SourceCurve } from '../operatingPoint';

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
      readonly mostWatts: number;
      readonly neededWatts: number;
    };

const SAMPLES = 200;
const BISECTIONS = 60;
const GROWTH = 2;

/**
 * Operating point of a constant-power input on a falling source curve. Of the two crossings only the one at the higher
 * voltage is stable; where the battery's greatest power is too small there is none.
 */
export function boosterOnSource(source: SourceCurve, booster: BoosterModel): BoosterOutcome {
  const openVolts = source.voltsAt(0);
  if (openVolts < booster.startVolts) return { status: 'does-not-start', openVolts };
  const neededWatts = booster.outputWatts / booster.efficiency;
  const watts = (amps: number): number => amps * source.voltsAt(amps);
  const mostAmps = ampsAtVolts(source, booster.dropOutVolts);
  let mostWatts = 0;
  let before = 0;
  for (let sample = 1; sample <= SAMPLES; sample += 1) {
    const amps = (mostAmps * sample) / SAMPLES;
    const found = watts(amps);
    if (found >= neededWatts) {
      const running = bisect((at) => watts(at) - neededWatts, before, amps);
      return { status: 'running', amps: running, volts: source.voltsAt(running) };
    }
    mostWatts = Math.max(mostWatts, found);
    before = amps;
  }
  return { status: 'no-stable-point', mostWatts, neededWatts };
}

function ampsAtVolts(source: SourceCurve, volts: number): number {
  let high = 1e-6;
  while (source.voltsAt(high) > volts) high *= GROWTH;
  return bisect((amps) => volts - source.voltsAt(amps), 0, high);
}

/** Where a function that is negative at `low` and positive at `high` passes zero. */
function bisect(valueAt: (at: number) => number, low: number, high: number): number {
  let from = low;
  let to = high;
  for (let step = 0; step < BISECTIONS; step += 1) {
    const middle = (from + to) / 2;
    if (valueAt(middle) > 0) to = middle;
    else from = middle;
  }
  return (from + to) / 2;
}
