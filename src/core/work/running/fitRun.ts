import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import type { Desk } from '../../physics/desk/desk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { ReadPoint } from './readInTime';
import { runBattery, type RunFactors } from './runBattery';
import type { Running } from '../../records/plan/runningSchema';

/** The run refitted to what was read over time. */
export interface RunFit {
  readonly factors: RunFactors;
  readonly points: number;
  /** Root mean square of the misfit before and after, in units of the scatter that is expected. */
  readonly misfitBefore: number;
  readonly misfitAfter: number;
}

/** So many points at different times are needed; fewer say too little about a course. */
const MIN_POINTS = 3;
/** Scatter of a reading against the course: currents relatively, volts absolutely (from memory). */
const AMPS_SHARE = 0.05;
const VOLTS = 0.03;
/** How far factors stray from 1 by themselves, as logarithms (from memory): a factor of two either way is ordinary. */
const PRIOR_LOG = 0.7;
/** Far beyond what a class would believe. */
const MAX_LOG = 2.5;

/**
 * Finds how much stronger the films are, and how much more the cells give, than was calculated: least squares over the
 * read points with a pull towards 1 (maximum a posteriori), by Levenberg–Marquardt. `null` with fewer than three
 * different times.
 */
export function fitRun(
  desk: Desk,
  need: LoadRequirement,
  running: Running,
  points: readonly ReadPoint[],
): RunFit | null {
  const times = [...new Set(points.map(({ seconds }) => seconds))].sort((a, b) => a - b);
  if (times.length < MIN_POINTS) return null;
  const misfitsAt = (films: number, size: number): number[] => {
    const factors = { films: Math.exp(films), size: Math.exp(size) };
    return [
      ...misfits(desk, need, running, factors, times, points),
      films / PRIOR_LOG,
      size / PRIOR_LOG,
    ];
  };
  const indices = Array.from({ length: points.length + 2 }, (_, index) => index);
  const fitted = levenbergMarquardt(
    { x: indices, y: indices.map(() => 0) },
    ([films = 0, size = 0]: number[]) => {
      const values = misfitsAt(films, size);
      return (index: number) => values[index] ?? 0;
    },
    {
      initialValues: [0, 0],
      minValues: [-MAX_LOG, -MAX_LOG],
      maxValues: [MAX_LOG, MAX_LOG],
      gradientDifference: 1e-3,
      centralDifference: true,
      damping: 1e-2,
      maxIterations: 20,
      errorTolerance: 1e-6,
    },
  );
  const [films = 0, size = 0] = fitted.parameterValues;
  const rms = (values: readonly number[]): number =>
    Math.sqrt(values.reduce((sum, one) => sum + one * one, 0) / values.length);
  return {
    factors: { films: Math.exp(films), size: Math.exp(size) },
    points: points.length,
    misfitBefore: rms(misfitsAt(0, 0).slice(0, points.length)),
    misfitAfter: rms(misfitsAt(films, size).slice(0, points.length)),
  };
}

function misfits(
  desk: Desk,
  need: LoadRequirement,
  running: Running,
  factors: RunFactors,
  times: number[],
  points: readonly ReadPoint[],
): number[] {
  const { samples } = runBattery(desk, need, running, factors, times);
  return points.map(({ seconds, volts, amps }) => {
    // After the end of the run nothing more flows.
    const at = samples.find((one) => one.seconds === seconds) ?? { volts: 0, amps: 0 };
    if (amps !== null) return (amps - at.amps) / (AMPS_SHARE * Math.max(amps, need.amps / 10));
    return volts === null ? 0 : (volts - at.volts) / VOLTS;
  });
}
