import { FARADAY_C_PER_MOL, GAS_J_PER_MOL_K, ZERO_CELSIUS_IN_KELVIN } from '../../constants';

/** How concentrations are turned into activities. */
export type ActivityModel = 'ideal' | 'davies';

/** Above this ionic strength, mol/kg, the Davies equation is no longer to be trusted. */
export const DAVIES_VALID_TO = 0.5;

/** Constants of the Davies equation for water at 25 °C (C. W. Davies, “Ion Association”, 1962). */
const DAVIES_A = 0.509;
const DAVIES_LINEAR = 0.3;
/** Ionic strength of a 2:2 salt such as copper sulfate per mol/L: ½(2²·c + 2²·c). */
const STRENGTH_PER_MOLAR_2_2 = 4;
const CHARGE = 2;

/** Nernst slope in volts per e-fold: `RT/nF`. */
export function nernstSlopeVolts(electrons: number, celsius: number): number {
  return (GAS_J_PER_MOL_K * (celsius + ZERO_CELSIUS_IN_KELVIN)) / (electrons * FARADAY_C_PER_MOL);
}

/** `E = E° − (RT/nF)·ln Q`, volts. */
export function nernstVolts(
  standardVolts: number,
  electrons: number,
  quotient: number,
  celsius: number,
): number {
  return standardVolts - nernstSlopeVolts(electrons, celsius) * Math.log(quotient);
}

export interface SaltActivity {
  readonly activity: number;
  readonly model: ActivityModel;
  /** False where the ionic strength lies beyond what the model is good for. */
  readonly valid: boolean;
}

/** Activity of the metal ion of a 2:2 salt (copper or zinc sulfate) at a concentration in mol/L. */
export function saltActivity(molPerLitre: number, model: ActivityModel): SaltActivity {
  if (model === 'ideal') return { activity: molPerLitre, model, valid: true };
  const strength = STRENGTH_PER_MOLAR_2_2 * molPerLitre;
  const root = Math.sqrt(strength);
  const logCoefficient = -DAVIES_A * CHARGE ** 2 * (root / (1 + root) - DAVIES_LINEAR * strength);
  return {
    activity: molPerLitre * 10 ** logCoefficient,
    model,
    valid: strength <= DAVIES_VALID_TO,
  };
}

/**
 * Two vessels: the metal of `cathode` in its sulfate (mol/L) against the metal of `anode` in its own. With the same
 * standard potential on both sides it is a concentration cell. Volts; negative when the ratio turns it round.
 */
export function twoVesselVolts(
  standardVolts: number,
  cathodeMolPerLitre: number,
  anodeMolPerLitre: number,
  celsius: number,
  model: ActivityModel,
): { volts: number; valid: boolean } {
  const cathode = saltActivity(cathodeMolPerLitre, model);
  const anode = saltActivity(anodeMolPerLitre, model);
  return {
    volts: nernstVolts(standardVolts, 2, anode.activity / cathode.activity, celsius),
    valid: cathode.valid && anode.valid,
  };
}
