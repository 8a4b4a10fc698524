import { z } from 'zod';
import { thermodynamicVolts } from './potentials';
import { FARADAY_C_PER_MOL, GAS_J_PER_MOL_K, ZERO_CELSIUS_IN_KELVIN } from '../../constants';

/** What stands in the two vessels: copper against zinc, or the same copper twice. */
export const VESSEL_CELLS = ['copper-zinc', 'copper-copper'] as const;
export type VesselCell = (typeof VESSEL_CELLS)[number];

const MIN_MOLAR = 1e-4;
const MAX_MOLAR = 2;
const molar = z
  .number('Give a concentration in mol/L.')
  .min(MIN_MOLAR, `Give at least ${MIN_MOLAR} mol/L.`)
  .max(MAX_MOLAR, `Give at most ${MAX_MOLAR} mol/L.`);

/** Two vessels as they stand on the bench. */
export const twoSolutionsSchema = z.strictObject({
  cell: z.enum(VESSEL_CELLS),
  right: molar.describe('Concentration in the right vessel, meant as the + side, mol/L.'),
  left: molar,
  celsius: z.number('Give a temperature.').min(0).max(80, 'Give at most 80 °C.'),
  bridge: z.enum(['bridge', 'none']),
  activity: z.enum(['ideal', 'davies']),
});
export type TwoSolutions = z.infer<typeof twoSolutionsSchema>;

export interface TwoSolutionsAnswer {
  /** Volts of the right vessel above the left; `null` where no bridge closes the cell. */
  readonly volts: number | null;
  readonly standardVolts: number;
  /** False where the activity model is beyond its range. */
  readonly valid: boolean;
}

export function solveTwoSolutions(request: TwoSolutions): TwoSolutionsAnswer {
  const standardVolts = standardOf(request.cell);
  const { volts, valid } = voltsOf(request, request.right, request.left);
  return { volts: request.bridge === 'bridge' ? volts : null, standardVolts, valid };
}

/** The Nernst line: volts against the logarithm of the ratio right to left, at the present left concentration. */
export function nernstLine(
  request: TwoSolutions,
): { readonly ratio: number; readonly volts: number }[] {
  const steps = 40;
  const least = Math.log10(MIN_MOLAR / request.left);
  const most = Math.log10(MAX_MOLAR / request.left);
  return Array.from({ length: steps + 1 }, (_, index) => {
    const ratio = 10 ** (least + ((most - least) * index) / steps);
    return { ratio, volts: voltsOf(request, ratio * request.left, request.left).volts };
  });
}

/** Concentration after adding as much water as there is solution. */
export function afterDoubling(molPerLitre: number): number {
  return Math.max(MIN_MOLAR, molPerLitre / 2);
}

function standardOf(cell: VesselCell): number {
  return cell === 'copper-zinc' ? thermodynamicVolts('Cu2+/Cu', 'Zn2+/Zn') : 0;
}

function voltsOf(
  { cell, celsius, activity }: TwoSolutions,
  right: number,
  left: number,
): { volts: number; valid: boolean } {
  const model: ActivityModel = activity;
  return twoVesselVolts(standardOf(cell), right, left, celsius, model);
}

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
