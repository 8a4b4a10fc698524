import type { QuasiSteady } from './ageingCell';
import {
  joulesOf,
  type CellLeft,
  type DischargeEnd,
  type DischargeInput,
  type DischargeSample,
} from './dischargeRun';
import { integrate } from './integrate';
import { RunningCircuit } from './runningCircuit';

export interface DischargeOutcome {
  readonly status: 'finished' | 'too-many-steps';
  readonly samples: readonly DischargeSample[];
  readonly endSeconds: number;
  readonly end: DischargeEnd;
  /** Energy given to the load up to the end, joules (trapezoids over the samples). */
  readonly joules: number;
  readonly left: readonly CellLeft[];
}

/** Accuracy that the state is kept to. */
export const RUN_TOLERANCE = { relativeTolerance: 1e-5, absoluteTolerance: 1e-7 } as const;
/** A film pair counts as caught up after this many of its times. */
const SETTLED_AFTER = 12;

/**
 * A battery running down into a load. The film pairs are far faster than the rest; once they have caught up they
 * follow the current and are taken as resistances, so that an explicit method need not creep along at their pace.
 */
export function discharge(input: DischargeInput): DischargeOutcome {
  const circuit = new RunningCircuit(input);
  let state: readonly number[] = circuit.fresh();
  const samples: DischargeSample[] = [];
  let from = 0;
  let settledNow: QuasiSteady = 'none';
  const outcome = (status: DischargeOutcome['status'], end: DischargeEnd): DischargeOutcome => {
    circuit.settle(from, state, settledNow);
    const left = circuit.left(from, state);
    return { status, samples, endSeconds: from, end, joules: joulesOf(samples), left };
  };
  for (const { settled, until } of phasesOf(circuit, input.seconds)) {
    if (!(until > from)) continue;
    settledNow = settled;
    if (settled !== 'none') state = circuit.settle(from, state, settled);
    const run = integrate({
      derivative: (seconds, now) => circuit.rates(seconds, now, settled),
      initial: state,
      startSeconds: from,
      endSeconds: until,
      atSeconds: input.atSeconds.filter(
        (seconds) => seconds <= until && (seconds > from || (from === 0 && seconds === 0)),
      ),
      ...RUN_TOLERANCE,
      untilNegative: (seconds, now) =>
        circuit.remainingShare(seconds, now, settled, input.leastAmps),
    });
    for (const sample of run.samples)
      samples.push(circuit.sample(sample.seconds, sample.state, settled));
    state = run.endState;
    from = run.endSeconds;
    if (run.status === 'too-many-steps') return outcome('too-many-steps', { reason: 'time-is-up' });
    if (run.status === 'stopped') return outcome('finished', circuit.endReason(from, state));
  }
  return outcome('finished', { reason: 'time-is-up' });
}

function phasesOf(
  circuit: RunningCircuit,
  seconds: number,
): { settled: QuasiSteady; until: number }[] {
  const films = circuit.filmSeconds();
  const fast = SETTLED_AFTER * films.fast;
  const slow = SETTLED_AFTER * films.slow;
  return [
    { settled: 'none', until: Math.min(fast, seconds) },
    { settled: 'fast', until: Math.min(Math.max(fast, slow), seconds) },
    { settled: 'both', until: seconds },
  ];
}
