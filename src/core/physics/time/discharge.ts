import type { CellLeft, DischargeEnd, DischargeInput, DischargeSample } from './dischargeRun';
import { IntermittentUse } from './intermittentUse';

export interface DischargeOutcome {
  readonly samples: readonly DischargeSample[];
  readonly endSeconds: number;
  readonly end: DischargeEnd;
  /** Energy given to the load up to the end, joules (trapezoids over the samples). */
  readonly joules: number;
  readonly left: readonly CellLeft[];
}

/** A battery running down into a load: one segment of use. */
export function discharge(input: DischargeInput): DischargeOutcome {
  const use = new IntermittentUse(input);
  use.go(input);
  const { samples, seconds, end, joules } = use;
  return {
    samples,
    endSeconds: seconds,
    end: end ?? { reason: 'time-is-up' },
    joules,
    left: use.left(),
  };
}
