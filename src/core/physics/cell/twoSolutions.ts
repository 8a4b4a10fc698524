import { z } from 'zod';
import { twoVesselVolts, type ActivityModel } from './nernst';
import { thermodynamicVolts } from './potentials';

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
