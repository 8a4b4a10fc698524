import { risingRoot } from '../../numeric/risingRoot';
import type { Load } from '../circuit/load/load';
import {
  joulesOf,
  type CellLeft,
  type DischargeEnd,
  type DischargeInput,
  type DischargeSample,
} from './dischargeRun';
import { RunningCircuit } from './runningCircuit';

/** One stretch of use: into a load, or resting where it is `null`. */
export interface Segment {
  readonly load: Load | null;
  readonly seconds: number;
  /** Times from its beginning at which the state is wanted, rising, seconds. */
  readonly atSeconds: readonly number[];
}

/** A segment with so many samples spread over it: closer together at its beginning. */
export function segmentOf(load: Load | null, seconds: number, points: number): Segment {
  const atSeconds = Array.from(
    { length: points },
    (_, index) => seconds * (index / (points - 1)) ** 2,
  );
  return { load, seconds, atSeconds };
}

/**
 * First step as a share of the shortest time in the battery; each step is so many times as long as the one before: what changes
 * quickly changes at the beginning.
 */
const STEPS = {
  fine: { firstShare: 2e-3, growth: 1.1 },
  quick: { firstShare: 1e-2, growth: 1.6 },
} as const;
/** Share of its water that a cell may lose in a step. */
const DRYING_SHARE = 0.05;

/** A battery that is switched on and off, or shorted and left alone: one segment after the other. */
export class IntermittentUse {
  readonly samples: DischargeSample[] = [];
  private readonly circuit: RunningCircuit;
  private readonly minAmps: number;
  private readonly steps: (typeof STEPS)[keyof typeof STEPS];
  private over: DischargeEnd | null = null;
  private given = 0;

  /** @param steps `quick` for hundreds of segments: currents to about a thousandth instead of a ten-thousandth. */
  constructor(
    input: Pick<DischargeInput, 'strings' | 'thermalVolts' | 'leastAmps'>,
    steps: keyof typeof STEPS = 'fine',
  ) {
    this.circuit = new RunningCircuit({ ...input, load: null });
    this.minAmps = input.leastAmps;
    this.steps = STEPS[steps];
  }

  get seconds(): number {
    return this.circuit.seconds;
  }

  /** Why it is over; `null` while it goes on. */
  get end(): DischargeEnd | null {
    return this.over;
  }

  /** Energy given to loads so far, joules (trapezoids over the samples). */
  get joules(): number {
    return this.given;
  }

  /** What cells that are alike have left. */
  left(): CellLeft[] {
    return this.circuit.left();
  }

  /** Goes on by one segment, or as far as it lasts. */
  go({ load, seconds, atSeconds }: Segment): void {
    if (this.over !== null) return;
    const { circuit } = this;
    const begin = circuit.seconds;
    const first = this.samples.length;
    circuit.connect(load);
    let next = 0;
    const take = (): void => {
      while (next < atSeconds.length && begin + atSeconds[next]! <= circuit.seconds) {
        this.samples.push(circuit.sample());
        next += 1;
      }
    };
    take();
    const { firstShare, growth } = this.steps;
    let step = circuit.atRest ? Infinity : firstShare * circuit.shortestSeconds;
    if (circuit.remainingShare(this.minAmps) < 0) this.over = circuit.endReason();
    while (this.over === null && circuit.seconds < begin + seconds) {
      const wanted = begin + Math.min(seconds, atSeconds[next] ?? Infinity);
      const longest = circuit.seconds + Math.min(step, circuit.secondsToDry(DRYING_SHARE));
      this.advanceTo(Math.min(wanted, longest));
      step *= growth;
      take();
    }
    if (load !== null) this.given += joulesOf(this.samples.slice(first));
  }

  /** One step; where something runs out within it, only as far as that. */
  private advanceTo(later: number): void {
    const { circuit, minAmps } = this;
    const before = circuit.state();
    circuit.advanceTo(later);
    if (circuit.remainingShare(minAmps) >= 0) return;
    const missingAt = (seconds: number): number => {
      circuit.restore(before);
      circuit.advanceTo(seconds);
      return -circuit.remainingShare(minAmps);
    };
    const { x } = risingRoot({
      valueAt: missingAt,
      slopeAt: null,
      low: before.seconds,
      high: later,
      start: (before.seconds + later) / 2,
      tolerance: 0,
    });
    missingAt(x);
    this.over = circuit.endReason();
  }
}
