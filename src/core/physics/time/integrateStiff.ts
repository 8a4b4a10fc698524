import { Matrix, solve } from 'ml-matrix';
import type { IntegrationOutcome, IntegrationProblem } from './integrate';

/** Columns of the extrapolation: 1, 2, … of these steps within one. */
const COLUMNS = 8;
const MAX_STEPS = 5000;
const MOST_GROWTH = 5;
const LEAST_GROWTH = 0.2;
const SAFETY = 0.8;
/** Step of the difference quotients, as a share of the state. */
const DIFFERENCE = 1e-6;
/** First step as a share of the fastest time. */
const FIRST_STEP_SHARE = 1e-3;

type StiffProblem = Omit<IntegrationProblem, 'untilNegative'>;

/** Fastest rate of a system about its beginning, 1/s: the largest sum of a row of its Jacobian. */
export function fastestRate({ derivative, startSeconds, initial }: StiffProblem): number {
  const rows = jacobian(derivative, startSeconds, initial).to2DArray();
  return Math.max(0, ...rows.map((row) => row.reduce((sum, one) => sum + Math.abs(one), 0)));
}

/**
 * Adaptive integration where some of it is over in no time: the linearly implicit Euler method, extrapolated (E. Hairer and
 * G. Wanner, “Solving Ordinary Differential Equations II”, IV.9, equations 9.25 and II.9.10).
 */
export function integrateStiff(problem: StiffProblem): IntegrationOutcome {
  const { initial, startSeconds, endSeconds, atSeconds } = problem;
  const samples: { seconds: number; state: readonly number[] }[] = [];
  let [now, state] = [startSeconds, [...initial]];
  let step = FIRST_STEP_SHARE / Math.max(fastestRate(problem), 1 / (endSeconds - startSeconds));
  let taken = 0;
  for (const wanted of atSeconds) {
    while (now < wanted) {
      taken += 1;
      if (taken > MAX_STEPS) {
        return { status: 'too-many-steps', samples, endSeconds: now, endState: state };
      }
      const whole = wanted - now;
      const tried = Math.min(step, whole);
      const { next, error } = extrapolated(problem, now, state, tried);
      if (error <= 1) {
        now = tried === whole ? wanted : now + tried;
        state = next;
      }
      const growth = SAFETY * Math.max(error, Number.MIN_VALUE) ** (-1 / COLUMNS);
      step = tried * Math.min(MOST_GROWTH, Math.max(LEAST_GROWTH, growth));
    }
    samples.push({ seconds: wanted, state: [...state] });
  }
  return { status: 'finished', samples, endSeconds, endState: state };
}

/** One step, and its error against the tolerance. */
function extrapolated(
  { derivative, relativeTolerance, absoluteTolerance }: StiffProblem,
  now: number,
  state: readonly number[],
  step: number,
): { readonly next: number[]; readonly error: number } {
  const slopes = jacobian(derivative, now, state);
  let before: number[][] = [];
  for (let column = 1; column <= COLUMNS; column += 1) {
    const row = [implicitEuler(derivative, slopes, now, state, step, column)];
    for (let order = 1; order < column; order += 1) {
      const [finer, coarser] = [row[order - 1] ?? [], before[order - 1] ?? []];
      const ratio = column / (column - order) - 1;
      row.push(finer.map((one, index) => one + (one - (coarser[index] ?? 0)) / ratio));
    }
    before = row;
  }
  const [next = [], last = []] = [before[COLUMNS - 1], before[COLUMNS - 2]];
  const error = Math.max(
    ...next.map((one, index) => {
      const scale =
        absoluteTolerance +
        relativeTolerance * Math.max(Math.abs(one), Math.abs(state[index] ?? 0));
      return Math.abs(one - (last[index] ?? 0)) / scale;
    }),
  );
  return { next, error: Number.isFinite(error) ? error : Infinity };
}

/** So many steps of `(1 − h·J)·Δ = h·f`. */
function implicitEuler(
  derivative: StiffProblem['derivative'],
  slopes: Matrix,
  now: number,
  state: readonly number[],
  step: number,
  count: number,
): number[] {
  const part = step / count;
  const system = Matrix.eye(state.length).sub(Matrix.mul(slopes, part));
  let at = [...state];
  for (let index = 0; index < count; index += 1) {
    const rates = derivative(now + index * part, at);
    const change = solve(system, Matrix.columnVector(rates.map((rate) => part * rate)));
    at = at.map((one, row) => one + change.get(row, 0));
  }
  return at;
}

function jacobian(
  derivative: StiffProblem['derivative'],
  now: number,
  state: readonly number[],
): Matrix {
  const rates = derivative(now, state);
  const columns = state.map((one, index) => {
    const difference = DIFFERENCE * Math.max(1, Math.abs(one));
    const moved = derivative(now, state.with(index, one + difference));
    return moved.map((rate, row) => (rate - (rates[row] ?? 0)) / difference);
  });
  return new Matrix(columns).transpose();
}
