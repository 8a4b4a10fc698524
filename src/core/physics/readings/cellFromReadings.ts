import { fail, succeed, type Result } from '../../result';
import { formatAmps, formatOhms } from '../../units';
import type { CellModel } from '../cell/cellModel';

/** What an educator reads off one cell. */
export interface CellReadings {
  readonly openVolts: number;
  readonly shortAmps: number;
  /** Resistance that the meter itself adds while it measures the current, ohms. */
  readonly shuntOhms: number;
}

/**
 * Ideal source with internal resistance from the two readings: `E = V_open`, `r = E/I − R_shunt`.
 * Fails where the current is larger than the meter's own resistance would let through.
 */
export function cellFromReadings(readings: CellReadings): Result<CellModel> {
  const { openVolts, shortAmps, shuntOhms } = readings;
  const resistanceOhms = openVolts / shortAmps - shuntOhms;
  if (!(resistanceOhms > 0)) {
    return fail({
      code: 'current-too-large',
      path: ['shortCircuitAmps'],
      message: `The meter itself has ${formatOhms(shuntOhms)} on this range and would let through at most ${formatAmps(openVolts / shuntOhms)}. Check the unit and the range.`,
    });
  }
  return succeed({ emfVolts: openVolts, resistanceOhms });
}
