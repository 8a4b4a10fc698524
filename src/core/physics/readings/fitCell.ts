import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { inverse, Matrix } from 'ml-matrix';
import { fail, succeed, type Result } from '../../result';
import { terminalVoltage, type CellModel } from '../cell/cellModel';

/** One loaded reading: volts at the terminals while a current in amperes flows. */
export interface LoadedPoint {
  readonly amps: number;
  readonly volts: number;
}

export interface FittedParameter {
  readonly name: 'emfVolts' | 'resistanceOhms' | 'slopeVolts' | 'exchangeAmps' | 'limitingAmps';
  readonly value: number;
  /** Standard error in the same unit; `null` where the points leave no freedom to judge it. */
  readonly standardError: number | null;
}

export interface CellFit {
  readonly model: 'straight-line' | 'polarisation-curve';
  readonly cell: CellModel;
  readonly parameters: readonly FittedParameter[];
  /** Parameters as they were fitted (E and r; for the curve E and the logarithms of R, b and I₀). */
  readonly vector: readonly number[];
  /** Covariance of {@link vector}; `null` where the points leave no freedom to judge it. */
  readonly covariance: readonly (readonly number[])[] | null;
  /** Root mean square of the differences, volts. */
  readonly residualVolts: number;
  /** Akaike's criterion for small samples; smaller is better. */
  readonly criterion: number;
}

export interface CellFits {
  /** The one that the data support, or the simpler one where they cannot tell. */
  readonly best: CellFit;
  readonly straightLine: CellFit;
  /** `null` where there are too few points for it. */
  readonly curve: CellFit | null;
  /** What the data say about the two models, in plain words. */
  readonly statement: string;
}

/** Fewest points for a straight line with something left to judge it by, and for the curve. */
const MIN_POINTS = 3;
const MIN_FOR_CURVE = 5;
/** Difference of Akaike's criterion from which one model is clearly better (Burnham and Anderson, 2002). */
const CLEARLY_BETTER = 4;
/** Readings repeat to about a millivolt; smaller residuals are luck. */
const MIN_RESIDUAL_VOLTS = 5e-4;
const FIT_OPTIONS = {
  damping: 1e-2,
  maxIterations: 150,
  errorTolerance: 1e-14,
  gradientDifference: 1e-5,
};

/**
 * Fits both cell models to loaded readings by least squares in the volts (the curve by Levenberg and Marquardt) and
 * says which of them the data support.
 */
export function fitCell(points: readonly LoadedPoint[]): Result<CellFits> {
  if (points.length < MIN_POINTS) {
    return refuse(
      'too-few-points',
      'Fitting needs at least three readings with different currents.',
    );
  }
  const currents = new Set(points.map(({ amps }) => amps));
  if (currents.size < MIN_POINTS) {
    return refuse('same-currents', 'At least three of the readings must have different currents.');
  }
  const negative = points.findIndex(({ amps }) => amps < 0);
  if (negative >= 0) {
    return refuse('negative-current', 'Currents out of the cell are positive.', [negative, 'amps']);
  }
  const straightLine = fitLine(points);
  const curve = points.length < MIN_FOR_CURVE ? null : fitCurve(points, straightLine);
  return succeed({ straightLine, curve, ...choose(straightLine, curve, points.length) });
}

function choose(
  line: CellFit,
  curve: CellFit | null,
  count: number,
): Pick<CellFits, 'best' | 'statement'> {
  if (curve === null) {
    return {
      best: line,
      statement: `${count} readings are too few to tell a curve from a straight line; the straight line is used.`,
    };
  }
  const gain = line.criterion - curve.criterion;
  if (gain > CLEARLY_BETTER) {
    return {
      best: curve,
      statement: 'The readings bend: the polarisation curve fits them clearly better.',
    };
  }
  if (gain < -CLEARLY_BETTER) {
    return { best: line, statement: 'The readings lie on a straight line; a curve adds nothing.' };
  }
  return {
    best: line,
    statement: 'The readings cannot tell a curve from a straight line; the simpler one is used.',
  };
}

function fitLine(points: readonly LoadedPoint[]): CellFit {
  const count = points.length;
  const meanAmps = points.reduce((sum, { amps }) => sum + amps, 0) / count;
  const meanVolts = points.reduce((sum, { volts }) => sum + volts, 0) / count;
  let spread = 0;
  let product = 0;
  for (const { amps, volts } of points) {
    spread += (amps - meanAmps) ** 2;
    product += (amps - meanAmps) * (volts - meanVolts);
  }
  const resistanceOhms = -product / spread;
  const cell = { emfVolts: meanVolts + resistanceOhms * meanAmps, resistanceOhms };
  const square = squaresOf(points, cell);
  const variance = square / (count - 2);
  const withBoth = (variance * meanAmps) / spread;
  return {
    model: 'straight-line',
    cell,
    parameters: [
      {
        name: 'emfVolts',
        value: cell.emfVolts,
        standardError: Math.sqrt(variance * (1 / count + meanAmps ** 2 / spread)),
      },
      {
        name: 'resistanceOhms',
        value: resistanceOhms,
        standardError: Math.sqrt(variance / spread),
      },
    ],
    vector: [cell.emfVolts, resistanceOhms],
    covariance: [
      [variance * (1 / count + meanAmps ** 2 / spread), withBoth],
      [withBoth, variance / spread],
    ],
    residualVolts: Math.sqrt(square / count),
    criterion: criterionOf(square, count, 2),
  };
}

/** Parameters of the curve in a form without bounds: E, and the logarithms of R, b and I₀. */
function cellOf([
  emfVolts = 0,
  logOhms = 0,
  logSlope = 0,
  logExchange = 0,
]: readonly number[]): CellModel {
  return {
    emfVolts,
    resistanceOhms: Math.exp(logOhms),
    activation: { slopeVolts: Math.exp(logSlope), exchangeAmps: Math.exp(logExchange) },
  };
}

function fitCurve(points: readonly LoadedPoint[], line: CellFit): CellFit {
  const amps = points.map((point) => point.amps);
  const volts = points.map((point) => point.volts);
  const most = Math.max(...amps);
  const highest = Math.max(...volts);
  let best: { parameters: number[]; square: number } | null = null;
  // The activation term can hide in several places; the best of a few starts is taken.
  for (const exchangeShare of [1e-4, 1e-3, 1e-2, 1e-1]) {
    const start = [
      highest,
      Math.log(Math.max(line.cell.resistanceOhms / 2, 1e-3)),
      Math.log(0.03),
      Math.log(exchangeShare * most),
    ];
    const fitted = levenbergMarquardt(
      { x: amps, y: volts },
      (parameters: number[]) => (at: number) => terminalVoltage(cellOf(parameters), at),
      { initialValues: start, ...FIT_OPTIONS },
    );
    const square = squaresOf(points, cellOf(fitted.parameterValues));
    if (Number.isFinite(square) && (best === null || square < best.square)) {
      best = { parameters: fitted.parameterValues, square };
    }
  }
  if (best === null) return line;
  const cell = cellOf(best.parameters);
  const covariance = covarianceOf(points, best.parameters, best.square);
  const { slopeVolts = 0, exchangeAmps = 0 } = cell.activation ?? {};
  const values = [cell.emfVolts, cell.resistanceOhms, slopeVolts, exchangeAmps] as const;
  const names = ['emfVolts', 'resistanceOhms', 'slopeVolts', 'exchangeAmps'] as const;
  return {
    model: 'polarisation-curve',
    cell,
    parameters: names.map((name, index) => {
      const spread = covariance?.[index]?.[index];
      const error = spread === undefined ? null : Math.sqrt(spread);
      const value = values[index] ?? 0;
      // Errors of logarithms are relative ones.
      return { name, value, standardError: error === null || index === 0 ? error : error * value };
    }),
    vector: best.parameters,
    covariance,
    residualVolts: Math.sqrt(best.square / points.length),
    criterion: criterionOf(best.square, points.length, 4),
  };
}

function squaresOf(points: readonly LoadedPoint[], cell: CellModel): number {
  return points.reduce(
    (sum, { amps, volts }) => sum + (volts - terminalVoltage(cell, amps)) ** 2,
    0,
  );
}

/** From the curvature at the optimum: `s²·(JᵀJ)⁻¹`; `null` where the data leave a direction undetermined. */
function covarianceOf(
  points: readonly LoadedPoint[],
  parameters: readonly number[],
  square: number,
): number[][] | null {
  const freedom = points.length - parameters.length;
  if (freedom < 1) return null;
  const matrix = new Matrix(
    points.map(({ amps }) => gradientOf('polarisation-curve', parameters, amps)),
  );
  try {
    return inverse(matrix.transpose().mmul(matrix))
      .mul(square / freedom)
      .to2DArray();
  } catch {
    // A singular matrix is an answer: these parameters cannot be told apart.
    return null;
  }
}

/** Change of the terminal voltage at a current with each fitted parameter. */
function gradientOf(model: CellFit['model'], vector: readonly number[], amps: number): number[] {
  return vector.map((value, index) => {
    const step = 1e-5 * Math.max(1, Math.abs(value));
    const at = (change: number): number => {
      const moved = vector.map((one, k) => (k === index ? one + change : one));
      const cell =
        model === 'straight-line'
          ? { emfVolts: moved[0] ?? 0, resistanceOhms: moved[1] ?? 0 }
          : cellOf(moved);
      return terminalVoltage(cell, amps);
    };
    return (at(step) - at(-step)) / (2 * step);
  });
}

/**
 * Standard error in volts of the fitted curve at a current in amperes, `√(gᵀ·C·g)`; `null` where the points leave no
 * freedom to judge it.
 */
export function fitErrorVolts(fit: CellFit, amps: number): number | null {
  if (fit.covariance === null) return null;
  const gradient = gradientOf(fit.model, fit.vector, amps);
  let square = 0;
  fit.covariance.forEach((row, i) =>
    row.forEach((value, k) => {
      square += (gradient[i] ?? 0) * value * (gradient[k] ?? 0);
    }),
  );
  return Math.sqrt(Math.max(0, square));
}

function criterionOf(square: number, count: number, parameters: number): number {
  const floor = count * MIN_RESIDUAL_VOLTS ** 2;
  const fitted = parameters + 1;
  const smallSample =
    count - fitted - 1 > 0
      ? (2 * fitted * (fitted + 1)) / (count - fitted - 1)
      : 2 * fitted * (fitted + 1);
  return count * Math.log(Math.max(square, floor) / count) + 2 * fitted + smallSample;
}

function refuse(code: string, message: string, path: (string | number)[] = []): Result<CellFits> {
  return fail({ code, path, message });
}
