import { Outcome, Solver } from './odexSolver.mjs';

export interface IntegrationProblem {
  /** Rates of change per second. */
  readonly derivative: (seconds: number, state: readonly number[]) => number[];
  readonly initial: readonly number[];
  readonly startSeconds: number;
  readonly endSeconds: number;
  /** Times within the span at which the state is wanted, rising. */
  readonly atSeconds: readonly number[];
  readonly relativeTolerance: number;
  readonly absoluteTolerance: number;
  /** Negative once the run is over; the moment it turns negative is the end. */
  readonly untilNegative?: (seconds: number, state: readonly number[]) => number;
}

export interface IntegrationOutcome {
  readonly status: 'finished' | 'stopped' | 'too-many-steps';
  readonly samples: readonly { readonly seconds: number; readonly state: readonly number[] }[];
  readonly endSeconds: number;
  readonly endState: readonly number[];
}

const MAX_STEPS = 100_000;
/** First step as a share of the span; the method adapts it at once. */
const FIRST_STEP_SHARE = 1e-6;
const EVENT_BISECTIONS = 50;

/** Adaptive integration by Hairer's ODEX (E. Hairer, S. P. Nørsett, G. Wanner, “Solving Ordinary Differential Equations I”, II.9). */
export function integrate(problem: IntegrationProblem): IntegrationOutcome {
  const { initial, startSeconds, endSeconds, atSeconds, untilNegative } = problem;
  const samples: { seconds: number; state: number[] }[] = [];
  let next = 0;
  while (next < atSeconds.length && atSeconds[next]! <= startSeconds) {
    samples.push({ seconds: startSeconds, state: [...initial] });
    next += 1;
  }
  if (!(endSeconds > startSeconds)) {
    return { status: 'finished', samples, endSeconds: startSeconds, endState: initial };
  }
  if (initial.length === 0) {
    // Nothing changes in time: every moment is like the first.
    for (const seconds of atSeconds.slice(next)) samples.push({ seconds, state: [] });
    return { status: 'finished', samples, endSeconds, endState: [] };
  }
  const solver = new Solver(initial.length);
  solver.relativeTolerance = problem.relativeTolerance;
  solver.absoluteTolerance = problem.absoluteTolerance;
  solver.initialStepSize = FIRST_STEP_SHARE * (endSeconds - startSeconds);
  solver.maxSteps = MAX_STEPS;
  solver.denseOutput = true;
  let stopped: { seconds: number; state: number[] } | null = null;
  let result: ReturnType<Solver['solve']>;
  try {
    result = solver.solve(
      (seconds, state) => finiteRates(problem, seconds, state),
      startSeconds,
      [...initial],
      endSeconds,
      (step, before, now, y, interpolate) => {
        if (step === 1) return undefined;
        const stateAt = (seconds: number): number[] =>
          seconds === now ? [...y] : initial.map((_, index) => interpolate(index, seconds));
        let until = now;
        if (untilNegative !== undefined && untilNegative(now, y) < 0) {
          until = crossing(untilNegative, stateAt, before, now);
          stopped = { seconds: until, state: stateAt(until) };
        }
        while (next < atSeconds.length && atSeconds[next]! <= until) {
          samples.push({ seconds: atSeconds[next]!, state: stateAt(atSeconds[next]!) });
          next += 1;
        }
        return stopped === null ? undefined : false;
      },
    );
  } catch (error) {
    if (!(error instanceof NotFinite)) throw error;
    return { status: 'too-many-steps', samples, endSeconds, endState: initial };
  }
  // Assigned in the callback, which the compiler does not follow.
  const end = stopped as { seconds: number; state: number[] } | null;
  if (end !== null) {
    return { status: 'stopped', samples, endSeconds: end.seconds, endState: end.state };
  }
  return {
    status: result.outcome === Outcome.Converged ? 'finished' : 'too-many-steps',
    samples,
    endSeconds,
    endState: result.y,
  };
}

/** Rates too large to be numbers. The method would take steps of no length for ever. */
class NotFinite extends Error {}

function finiteRates(
  { derivative }: IntegrationProblem,
  seconds: number,
  state: readonly number[],
): number[] {
  if (!Number.isFinite(seconds)) throw new NotFinite();
  const rates = derivative(seconds, state);
  if (!rates.every(Number.isFinite)) throw new NotFinite();
  return rates;
}

function crossing(
  valueAt: (seconds: number, state: readonly number[]) => number,
  stateAt: (seconds: number) => number[],
  before: number,
  now: number,
): number {
  let low = before;
  let high = now;
  for (let step = 0; step < EVENT_BISECTIONS; step += 1) {
    const middle = (low + high) / 2;
    if (valueAt(middle, stateAt(middle)) < 0) high = middle;
    else low = middle;
  }
  return high;
}
