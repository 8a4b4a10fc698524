import { risingRoot } from '../../numeric/risingRoot';

/**
 * One cell as the circuit sees it. With `activation` and `limitingAmps` left out it is the schoolbook
 * ideal source with internal resistance; with them it is the polarisation curve
 *
 *   V(I) = E − b·ln(1 + I/I₀) − I·R + c·ln(1 − I/I_L)     for 0 ≤ I < I_L
 *
 * (Tafel activation, ohmic and concentration terms; any textbook of fuel cells or batteries, e.g.
 * Bard & Faulkner, "Electrochemical Methods", ch. 3 and 4.)
 */
export interface CellModel {
  /** Open-circuit voltage E, volts. Zero or negative is allowed (same metal twice, concentration cells). */
  readonly emfVolts: number;
  /** Ohmic resistance R, ohms; zero for an ideal source. */
  readonly resistanceOhms: number;
  readonly activation?: Activation | undefined;
  /** Limiting current I_L, amperes. */
  readonly limitingAmps?: number | undefined;
  /** Size c of the concentration loss, volts per e-fold. */
  readonly concentrationVolts?: number | undefined;
}

export interface Activation {
  /** Tafel slope b, volts per e-fold. */
  readonly slopeVolts: number;
  /** Exchange current I₀, amperes. */
  readonly exchangeAmps: number;
}

/**
 * Share of the limiting current up to which the logarithm is followed; from there on the loss goes on as a
 * straight line with the same value and slope, so that every current has a finite voltage and Newton converges.
 */
export const LIMIT_KNEE = 1 - 1e-6;

/** True where the cell is a straight line in current and voltage. */
export function isLinearCell(cell: CellModel): boolean {
  return cell.activation === undefined && cell.limitingAmps === undefined;
}

/**
 * Volts lost inside the cell at a discharge current in amperes. Odd in the current: a cell that stronger
 * neighbours drive backwards loses as much the other way round (nothing useful is recharged).
 */
export function overpotentialVolts(cell: CellModel, amps: number): number {
  return amps < 0 ? -forwardLoss(cell, -amps) : forwardLoss(cell, amps);
}

/** Slope of {@link overpotentialVolts} in ohms: the differential internal resistance at that current. Never negative. */
export function cellDifferentialOhms(cell: CellModel, amps: number): number {
  const current = Math.abs(amps);
  let slope = cell.resistanceOhms;
  if (cell.activation !== undefined) {
    slope += cell.activation.slopeVolts / (cell.activation.exchangeAmps + current);
  }
  if (cell.limitingAmps !== undefined) {
    const followed = Math.min(current, LIMIT_KNEE * cell.limitingAmps);
    slope += (cell.concentrationVolts ?? 0) / (cell.limitingAmps - followed);
  }
  return slope;
}

/** Terminal voltage in volts at a discharge current in amperes. */
export function terminalVoltage(cell: CellModel, amps: number): number {
  return cell.emfVolts - overpotentialVolts(cell, amps);
}

function forwardLoss(cell: CellModel, amps: number): number {
  let loss = cell.resistanceOhms * amps;
  if (cell.activation !== undefined) {
    loss += cell.activation.slopeVolts * Math.log1p(amps / cell.activation.exchangeAmps);
  }
  if (cell.limitingAmps !== undefined) {
    loss += concentrationLoss(cell.concentrationVolts ?? 0, cell.limitingAmps, amps);
  }
  return loss;
}

function concentrationLoss(sizeVolts: number, limitingAmps: number, amps: number): number {
  const kneeAmps = LIMIT_KNEE * limitingAmps;
  const followed = Math.min(amps, kneeAmps);
  const logarithm = -sizeVolts * Math.log1p(-followed / limitingAmps);
  const beyond = ((amps - followed) * sizeVolts) / (limitingAmps - kneeAmps);
  return logarithm + beyond;
}

const TOLERANCE_VOLTS = 1e-12;

/** Current in amperes that one cell gives while its terminals stand at `volts`: the inverse of its curve. */
export function cellAmpsAt(cell: CellModel, volts: number): number {
  const dropVolts = cell.emfVolts - volts;
  if (isLinearCell(cell)) return dropVolts / cell.resistanceOhms;
  const size = Math.abs(dropVolts);
  const high = upperAmps(cell, size);
  const { x } = risingRoot({
    valueAt: (amps) => overpotentialVolts(cell, amps) - size,
    slopeAt: (amps) => cellDifferentialOhms(cell, amps),
    low: 0,
    high,
    start: high,
    tolerance: TOLERANCE_VOLTS,
  });
  // The curve is odd: a cell that is driven backwards loses as much the other way round.
  return Math.sign(dropVolts) * x;
}

function upperAmps(cell: CellModel, dropVolts: number): number {
  let amps = 1e-6;
  while (overpotentialVolts(cell, amps) < dropVolts) amps *= 4;
  return amps;
}

/** So many equal cells (or pairs in one body) side by side as one cell: their areas add. */
export function parallelCells(cell: CellModel, count: number): CellModel {
  if (count === 1) return cell;
  return {
    ...cell,
    resistanceOhms: cell.resistanceOhms / count,
    activation:
      cell.activation === undefined
        ? undefined
        : { ...cell.activation, exchangeAmps: cell.activation.exchangeAmps * count },
    limitingAmps: cell.limitingAmps === undefined ? undefined : cell.limitingAmps * count,
  };
}

/** A wet rim that stands out 2 mm bridges to the next layer with about 2 kΩ; half as far, half as well (from memory). */
const RIM_OHM_MILLIMETRES = 4000;
export const OVERHANG_LIMITS = { least: -3, most: 4 } as const;

/** Leak round the rim from one layer of a pile to the next, ohms; `null` where nothing stands out. */
export function rimLeakOhms(overhangMillimetres: number): number | null {
  return overhangMillimetres > 0 ? RIM_OHM_MILLIMETRES / overhangMillimetres : null;
}

/**
 * A cell of a pile whose separators stand out: the film shunts it, `E' = E·R/(R + r)` and `r' = r·R/(R + r)` (Thévenin), with r
 * from open circuit to short circuit. The last layer of a pile has no neighbour: a short pile leaks a little less than that.
 */
export function leakyCell(cell: CellModel, overhangMillimetres: number): CellModel {
  const leak = rimLeakOhms(overhangMillimetres);
  if (leak === null) return cell;
  const share = leak / (leak + cell.emfVolts / cellAmpsAt(cell, 0));
  return {
    ...cell,
    emfVolts: cell.emfVolts * share,
    resistanceOhms: cell.resistanceOhms * share,
  };
}
