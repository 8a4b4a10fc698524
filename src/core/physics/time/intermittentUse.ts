import type { Load } from '../circuit/load/load';
import type { QuasiSteady } from './ageingCell';
import { RUN_TOLERANCE } from './discharge';
import {
  joulesOf,
  type DischargeEnd,
  type DischargeInput,
  type DischargeSample,
} from './dischargeRun';
import { integrate } from './integrate';
import { RunningCircuit } from './runningCircuit';

/** One stretch of use: into a load, or resting where it is `null`. */
export interface Segment {
  readonly load: Load | null;
  readonly seconds: number;
}

/** After so many of its times the fast film counts as caught up within a stretch. */
const FAST_SETTLED_AFTER = 12;

/** A battery that is switched on and off, or shorted and left alone: one stretch after the other. */
export class IntermittentUse {
  readonly samples: DischargeSample[] = [];
  private readonly circuit: RunningCircuit;
  private readonly leastAmps: number;
  private state: readonly number[];
  private now = 0;
  private over: DischargeEnd | null = null;
  private given = 0;

  constructor(input: Pick<DischargeInput, 'strings' | 'thermalVolts' | 'leastAmps'>) {
    this.circuit = new RunningCircuit({ ...input, load: null });
    this.leastAmps = input.leastAmps;
    this.state = this.circuit.fresh();
  }

  get seconds(): number {
    return this.now;
  }

  /** Why it is over; `null` while it goes on. */
  get end(): DischargeEnd | null {
    return this.over;
  }

  /** Energy given to loads so far, joules. */
  get joules(): number {
    return this.given;
  }

  /** Goes on by one stretch, with so many samples spread over it: closer together at its beginning. */
  go({ load, seconds }: Segment, points: number): void {
    if (this.over !== null) return;
    this.circuit.connect(load);
    const begin = this.now;
    const first = this.samples.length;
    const fast = FAST_SETTLED_AFTER * this.circuit.filmSeconds().fast;
    // At rest nothing drives the films: both decay by themselves, and the long steps of the method are stable.
    this.part('none', begin, Math.min(fast, seconds), points, seconds);
    if (this.over === null && seconds > fast) this.part('fast', begin, seconds, points, seconds);
    if (load !== null) this.given += joulesOf(this.samples.slice(first));
  }

  private part(
    settled: QuasiSteady,
    begin: number,
    until: number,
    points: number,
    whole: number,
  ): void {
    const { circuit } = this;
    if (settled !== 'none') this.state = circuit.settle(this.now, this.state, settled);
    const end = begin + until;
    const times = Array.from(
      { length: points },
      (_, index) => begin + whole * (index / (points - 1)) ** 2,
    );
    const run = integrate({
      derivative: (seconds, now) => circuit.rates(seconds, now, settled),
      initial: this.state,
      startSeconds: this.now,
      endSeconds: end,
      atSeconds: times.filter(
        (seconds) => seconds <= end && (seconds > this.now || seconds === begin),
      ),
      ...RUN_TOLERANCE,
      untilNegative: (seconds, now) =>
        circuit.remainingShare(seconds, now, settled, this.leastAmps),
    });
    for (const { seconds, state } of run.samples) {
      this.samples.push(circuit.sample(seconds, state, settled));
    }
    this.now = run.endSeconds;
    // The next stretch begins with the films as this one left them.
    this.state = circuit.settle(this.now, run.endState, settled);
    if (run.status === 'stopped') this.over = circuit.endReason(this.now, this.state);
    if (run.status === 'too-many-steps') throw new Error('a stretch of use took too many steps');
  }
}
