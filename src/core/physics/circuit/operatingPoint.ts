import { ROOM_THERMAL_VOLTS } from '../../constants';
import { risingRoot } from '../../numeric/risingRoot';
import type { SourceCurve } from './battery/sourceCurve';
import { isLedLoad, type Load, loadDifferentialOhms, loadVolts } from './load/load';

/** Where the battery's curve meets the load's. Always solved, never looked up separately. */
export type OperatingPoint =
  | {
      readonly status: 'solved';
      readonly volts: number;
      readonly amps: number;
      readonly iterations: number;
      /** Volts between the two curves at the answer. */
      readonly residualVolts: number;
    }
  /** The battery pushes the wrong way or not at all. */
  | { readonly status: 'no-current'; readonly openVolts: number }
  | { readonly status: 'not-converged'; readonly iterations: number };

/** Volts between the two curves that count as none, as a share of the open-circuit volts. */
const TOLERANCE_SHARE = 1e-12;

/** The same where the load may be the wrong way round: an LED then carries nothing. */
export function pointOnSource(source: SourceCurve, load: Load, reversed: boolean): OperatingPoint {
  return reversed && isLedLoad(load)
    ? { status: 'no-current', openVolts: source.voltsAt(0) }
    : operatingPoint(source, load, ROOM_THERMAL_VOLTS);
}

/**
 * Operating point of any falling source curve on any rising load curve, by Newton's method kept inside a bracket.
 * @param thermalVolts V_T of the load, volts.
 */
export function operatingPoint(
  source: SourceCurve,
  load: Load,
  thermalVolts: number,
): OperatingPoint {
  const openVolts = source.voltsAt(0);
  if (!(openVolts > 0)) return { status: 'no-current', openVolts };
  const gap = (amps: number): number => loadVolts(load, amps, thermalVolts) - source.voltsAt(amps);
  const high = upperBracket(gap);
  if (!Number.isFinite(high)) return { status: 'not-converged', iterations: 0 };
  const { status, x, value, iterations } = risingRoot({
    valueAt: gap,
    slopeAt: (amps) =>
      loadDifferentialOhms(load, amps, thermalVolts) + source.differentialOhmsAt(amps),
    low: 0,
    high,
    start: high,
    tolerance: TOLERANCE_SHARE * openVolts,
  });
  return status === 'found'
    ? { status: 'solved', volts: source.voltsAt(x), amps: x, iterations, residualVolts: value }
    : { status, iterations };
}

/** A current at which the load asks for more than the source gives. */
function upperBracket(gap: (amps: number) => number): number {
  let amps = 1e-3;
  while (!(gap(amps) > 0)) {
    amps *= 10;
    if (amps > 1e12) return Infinity;
  }
  return amps;
}
