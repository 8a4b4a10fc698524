import {
  cellDifferentialOhms,
  type CellModel,
  isLinearCell,
  terminalVoltage,
} from '../../cell/cellModel';
import { risingRoot } from '../../../numeric/risingRoot';

/** A source whose voltage falls with the current. */
export interface SourceCurve {
  readonly voltsAt: (amps: number) => number;
  readonly differentialOhmsAt: (amps: number) => number;
}

/** The curve of an ideal source with internal resistance. */
export function theveninCurve({ emfVolts, resistanceOhms }: TheveninSource): SourceCurve {
  return {
    // Nothing is lost without a current, not even where nothing can flow.
    voltsAt: (amps) => (amps === 0 ? emfVolts : emfVolts - amps * resistanceOhms),
    differentialOhmsAt: () => resistanceOhms,
  };
}

/** Straight pieces between points of a curve, from nothing connected on; beyond the last one the last piece goes on. */
export function curveThrough(
  points: readonly { readonly volts: number; readonly amps: number }[],
): SourceCurve {
  const pieceAt = (amps: number): { volts: number; ohms: number } => {
    const found = points.findIndex((point, index) => index > 0 && point.amps >= amps);
    const end = found < 0 ? points.length - 1 : found;
    const from = points[end - 1];
    const to = points[end];
    if (from === undefined || to === undefined) throw new Error('a curve needs two points');
    const ohms = (from.volts - to.volts) / (to.amps - from.amps);
    return { volts: from.volts - ohms * (amps - from.amps), ohms };
  };
  return {
    voltsAt: (amps) => pieceAt(amps).volts,
    differentialOhmsAt: (amps) => pieceAt(amps).ohms,
  };
}

/** The curve of equal cells, so many in series, such strings side by side: `V(I) = m·v(I/n)`. */
export function gridCurve(cell: CellModel, cellsInSeries: number, strings: number): SourceCurve {
  return {
    voltsAt: (amps) => cellsInSeries * terminalVoltage(cell, amps / strings),
    differentialOhmsAt: (amps) =>
      (cellsInSeries / strings) * cellDifferentialOhms(cell, amps / strings),
  };
}

/**
 * The straight line that touches a cell's curve at a current: near that current the cell acts like this source.
 * For an ideal source with resistance it is the cell itself.
 */
export function linearizeAt(cell: CellModel, amps: number): TheveninSource {
  if (isLinearCell(cell)) {
    return { emfVolts: cell.emfVolts, resistanceOhms: cell.resistanceOhms };
  }
  const resistanceOhms = cellDifferentialOhms(cell, amps);
  return { emfVolts: terminalVoltage(cell, amps) + resistanceOhms * amps, resistanceOhms };
}

/** An ideal source with internal resistance that behaves like a whole battery (Thévenin). */
export interface TheveninSource {
  readonly emfVolts: number;
  readonly resistanceOhms: number;
}

/** Sources in series: volts and ohms add. */
export function theveninInSeries(sources: readonly TheveninSource[]): TheveninSource {
  let emfVolts = 0;
  let resistanceOhms = 0;
  for (const source of sources) {
    emfVolts += source.emfVolts;
    resistanceOhms += source.resistanceOhms;
  }
  return { emfVolts, resistanceOhms };
}

/** Sources side by side, by Millman's theorem (J. Millman, Proc. IRE 28 (1940) 413). Each needs a resistance, unless it is alone. */
export function theveninInParallel(sources: readonly TheveninSource[]): TheveninSource {
  const [only] = sources;
  if (sources.length === 1 && only !== undefined) return only;
  let siemens = 0;
  let shortAmps = 0;
  for (const { emfVolts, resistanceOhms } of sources) {
    siemens += 1 / resistanceOhms;
    shortAmps += emfVolts / resistanceOhms;
  }
  return { emfVolts: shortAmps / siemens, resistanceOhms: 1 / siemens };
}

/** Current at which a source stands at `volts`; negative where what is connected is the stronger. */
export function ampsAtVolts(source: SourceCurve, volts: number): number {
  return risingRoot({
    valueAt: (amps) => volts - source.voltsAt(amps),
    slopeAt: source.differentialOhmsAt,
    low: -Infinity,
    high: Infinity,
    start: 0,
    tolerance: 1e-13,
  }).x;
}
