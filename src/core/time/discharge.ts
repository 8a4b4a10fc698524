import type { AgeingCell, Settled } from './ageingCell';
import type { DischargeEnd, DischargeInput, DischargeSample } from './dischargeRun';
import { integrate } from './integrate';
import { RunningCircuit } from './runningCircuit';

export interface DischargeOutcome {
  readonly status: 'finished' | 'too-many-steps';
  readonly samples: readonly DischargeSample[];
  readonly endSeconds: number;
  readonly end: DischargeEnd;
  /** Energy given to the load up to the end, joules (trapezoids over the samples). */
  readonly joules: number;
}

const TOLERANCE = { relative: 1e-5, absolute: 1e-7 } as const;
/** A film pair counts as caught up after this many of its times. */
const SETTLED_AFTER = 12;

/**
 * A battery running down into a load. The film pairs are far faster than the rest; once they have caught up they
 * follow the current and are taken as resistances, so that an explicit method need not creep along at their pace.
 */
export function discharge(input: DischargeInput): DischargeOutcome {
  const circuit = new RunningCircuit(input);
  const cells = input.strings.flat();
  let state: readonly number[] = cells.flatMap(() => [0, 0, 0, 1]);
  const samples: DischargeSample[] = [];
  let from = 0;
  for (const { settled, until } of phasesOf(cells, input.seconds)) {
    if (!(until > from)) continue;
    if (settled !== 'none') state = circuit.settle(state, settled);
    const atSeconds = input.atSeconds.filter(
      (seconds) => seconds <= until && (seconds > from || (from === 0 && seconds === 0)),
    );
    const run = integrate({
      derivative: (_, now) => circuit.rates(now, settled),
      initial: state,
      startSeconds: from,
      endSeconds: until,
      atSeconds,
      relativeTolerance: TOLERANCE.relative,
      absoluteTolerance: TOLERANCE.absolute,
      untilNegative: (_, now) => circuit.reserve(now, settled),
    });
    for (const sample of run.samples)
      samples.push(circuit.sample(sample.seconds, sample.state, settled));
    state = run.endState;
    from = run.endSeconds;
    if (run.status === 'too-many-steps') {
      return outcome('too-many-steps', samples, from, { reason: 'time-is-up' });
    }
    if (run.status === 'stopped') {
      return outcome('finished', samples, from, circuit.endReason(state));
    }
  }
  return outcome('finished', samples, from, { reason: 'time-is-up' });
}

function outcome(
  status: DischargeOutcome['status'],
  samples: readonly DischargeSample[],
  endSeconds: number,
  end: DischargeEnd,
): DischargeOutcome {
  let joules = 0;
  samples.forEach((sample, index) => {
    const before = samples[index - 1];
    if (before === undefined) return;
    const watts = (sample.volts * sample.amps + before.volts * before.amps) / 2;
    joules += watts * (sample.seconds - before.seconds);
  });
  return { status, samples, endSeconds, end, joules };
}

function phasesOf(
  cells: readonly AgeingCell[],
  seconds: number,
): { settled: Settled; until: number }[] {
  const fast = SETTLED_AFTER * Math.max(...cells.map((cell) => cell.fast.seconds));
  const slow = SETTLED_AFTER * Math.max(...cells.map((cell) => cell.slow.seconds));
  return [
    { settled: 'none', until: Math.min(fast, seconds) },
    { settled: 'fast', until: Math.min(Math.max(fast, slow), seconds) },
    { settled: 'both', until: seconds },
  ];
}
