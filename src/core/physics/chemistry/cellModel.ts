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
