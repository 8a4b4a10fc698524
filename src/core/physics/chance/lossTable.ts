import {
  cellDifferentialOhms,
  isLinearCell,
  overpotentialVolts,
  type CellModel,
} from '../chemistry/cellModel';

// Looked up once: as members of a global object they would be looked up anew each time where tests run.
const { floor, sqrt } = Math;

const NODES = 256;
/** Share of the limiting current up to which the table goes; beyond it the curve itself is asked. */
const REACH = 0.95;
/** Without a limit: so many volts of loss are more than any cell has. */
const MOST_VOLTS = 10;

/** Volts lost in a cell, and how they grow with the current: asked hundreds of thousands of times for one verdict. */
export interface CellLoss {
  readonly straight: boolean;
  readonly voltsAt: (amps: number) => number;
  readonly ohmsAt: (amps: number) => number;
}

const KNOWN = new WeakMap<CellModel, CellLoss>();

/**
 * The losses of a cell. A straight cell needs no table; a curve is read off between nodes that lie evenly in the square root
 * of the current, close together where activation bends it (to 0.02 mV).
 */
export function lossOf(cell: CellModel): CellLoss {
  const known = KNOWN.get(cell);
  if (known !== undefined) return known;
  const loss = isLinearCell(cell) ? straightLoss(cell) : tabulatedLoss(cell);
  KNOWN.set(cell, loss);
  return loss;
}

function straightLoss({ resistanceOhms }: CellModel): CellLoss {
  return {
    straight: true,
    voltsAt: (amps) => resistanceOhms * amps,
    ohmsAt: () => resistanceOhms,
  };
}

function tabulatedLoss(cell: CellModel): CellLoss {
  const most =
    cell.limitingAmps === undefined
      ? MOST_VOLTS / Math.max(cell.resistanceOhms, 1e-3)
      : REACH * cell.limitingAmps;
  const perRoot = NODES / sqrt(most);
  const volts = new Float64Array(NODES + 2);
  const ohms = new Float64Array(NODES + 2);
  for (let node = 0; node < volts.length; node += 1) {
    const amps = (node / perRoot) ** 2;
    volts[node] = overpotentialVolts(cell, amps);
    ohms[node] = cellDifferentialOhms(cell, amps);
  }
  const read = (table: Float64Array, amps: number): number => {
    const place = sqrt(amps) * perRoot;
    const node = floor(place);
    const below = table[node]!;
    return below + (place - node) * (table[node + 1]! - below);
  };
  return {
    straight: false,
    voltsAt: (amps) =>
      amps >= 0 && amps <= most ? read(volts, amps) : overpotentialVolts(cell, amps),
    ohmsAt: (amps) =>
      amps >= 0 && amps <= most ? read(ohms, amps) : cellDifferentialOhms(cell, amps),
  };
}
