import {
  cellDifferentialOhms,
  isLinearCell,
  overpotentialVolts,
  type CellModel,
} from '../cell/cellModel';

// Looked up once: as members of a global object they would be looked up anew each time where tests run.
const { floor, sqrt } = Math;

const NODES = 256;
/** Share of the limiting current up to which the table goes; beyond it the curve itself is asked. */
const REACH = 0.95;
/** Without a limit: so many volts of loss are more than any cell has. */
const MOST_VOLTS = 10;

const lossCache = new WeakMap<CellModel, CellLoss>();

/** The losses of a cell; the same object for the same cell. */
export function lossOf(cell: CellModel): CellLoss {
  const known = lossCache.get(cell);
  if (known !== undefined) return known;
  const loss = new CellLoss(cell);
  lossCache.set(cell, loss);
  return loss;
}

/**
 * Volts lost in a cell, and how they grow with the current: asked millions of times while a plan is made. A straight cell
 * needs no table; a curve is read off between nodes that lie evenly in the square root of the current, close together where
 * activation bends it (to 0.02 mV).
 */
export class CellLoss {
  readonly straight: boolean;
  /** Of the cells that were asked about last. */
  volts = 0;
  ohms = 0;
  private readonly cell: CellModel;
  private readonly most: number;
  private readonly perRoot: number;
  /** Volts and ohms of one node after the other. */
  private readonly nodes: Float64Array;

  constructor(cell: CellModel) {
    this.cell = cell;
    this.straight = isLinearCell(cell);
    this.most =
      cell.limitingAmps === undefined
        ? MOST_VOLTS / Math.max(cell.resistanceOhms, 1e-3)
        : REACH * cell.limitingAmps;
    this.perRoot = NODES / sqrt(this.most);
    this.nodes = new Float64Array(this.straight ? 0 : 2 * (NODES + 2));
    for (let at = 0; at < this.nodes.length; at += 2) {
      const amps = (at / 2 / this.perRoot) ** 2;
      this.nodes[at] = overpotentialVolts(cell, amps);
      this.nodes[at + 1] = cellDifferentialOhms(cell, amps);
    }
  }

  /**
   * Sets `volts` and `ohms` to what some cells in series lose at a current in amperes, and how that grows with it. Each has the
   * curve of the table along a current axis that is `level · factor` times as long.
   * @param factors of all cells; those from a place on are meant.
   */
  ofCells(factors: Float64Array, from: number, count: number, level: number, amps: number): void {
    const { nodes, perRoot, most } = this;
    let volts = 0;
    let ohms = 0;
    for (let cell = from; cell < from + count; cell += 1) {
      const factor = level * factors[cell]!;
      const own = factor * amps;
      if (this.straight) {
        volts += this.cell.resistanceOhms * own;
        ohms += factor * this.cell.resistanceOhms;
      } else if (own >= 0 && own <= most) {
        const place = sqrt(own) * perRoot;
        const node = floor(place);
        const share = place - node;
        const below = nodes[2 * node]!;
        const belowOhms = nodes[2 * node + 1]!;
        volts += below + share * (nodes[2 * node + 2]! - below);
        ohms += factor * (belowOhms + share * (nodes[2 * node + 3]! - belowOhms));
      } else {
        volts += overpotentialVolts(this.cell, own);
        ohms += factor * cellDifferentialOhms(this.cell, own);
      }
    }
    this.volts = volts;
    this.ohms = ohms;
  }
}
