import { isLinearCell } from '../../chemistry/cellModel';
import type { Battery } from './battery';

/** An ideal source with internal resistance that behaves like the whole battery (Thévenin). */
export interface TheveninSource {
  readonly emfVolts: number;
  readonly resistanceOhms: number;
}

export type ReduceOutcome =
  | { readonly status: 'reduced'; readonly source: TheveninSource }
  /** A cell has a polarisation curve: no straight line replaces the battery. */
  | { readonly status: 'not-linear' }
  /** Two sources without resistance stand side by side: their currents are undefined. */
  | { readonly status: 'source-loop' };

/**
 * Open-circuit voltage and internal resistance of a clean battery of ideal sources with resistance: sums in series,
 * Millman's theorem in parallel (J. Millman, Proc. IRE 28 (1940) 413). Takes time linear in the number of cells.
 */
export function reduceBattery(battery: Battery): ReduceOutcome {
  switch (battery.kind) {
    case 'cell':
      return isLinearCell(battery.cell)
        ? reduced(battery.cell.emfVolts, battery.cell.resistanceOhms)
        : { status: 'not-linear' };
    case 'series':
      return reduceSeries(battery.parts);
    case 'parallel':
      return reduceParallel(battery.parts);
  }
}

/** The same for equal cells, without building a tree: `m·E` and `m·r/n`. */
export function reduceGrid(
  cell: TheveninSource,
  cellsInSeries: number,
  strings: number,
): TheveninSource {
  return {
    emfVolts: cellsInSeries * cell.emfVolts,
    resistanceOhms: (cellsInSeries * cell.resistanceOhms) / strings,
  };
}

function reduced(emfVolts: number, resistanceOhms: number): ReduceOutcome {
  return { status: 'reduced', source: { emfVolts, resistanceOhms } };
}

function reduceSeries(parts: readonly Battery[]): ReduceOutcome {
  let emfVolts = 0;
  let resistanceOhms = 0;
  for (const part of parts) {
    const outcome = reduceBattery(part);
    if (outcome.status !== 'reduced') return outcome;
    emfVolts += outcome.source.emfVolts;
    resistanceOhms += outcome.source.resistanceOhms;
  }
  return reduced(emfVolts, resistanceOhms);
}

function reduceParallel(parts: readonly Battery[]): ReduceOutcome {
  const [only] = parts;
  if (parts.length === 1 && only !== undefined) return reduceBattery(only);
  let siemens = 0;
  let shortAmps = 0;
  for (const part of parts) {
    const outcome = reduceBattery(part);
    if (outcome.status !== 'reduced') return outcome;
    const { emfVolts, resistanceOhms } = outcome.source;
    if (resistanceOhms === 0) return { status: 'source-loop' };
    siemens += 1 / resistanceOhms;
    shortAmps += emfVolts / resistanceOhms;
  }
  return reduced(shortAmps / siemens, 1 / siemens);
}
