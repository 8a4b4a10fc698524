import * as z from 'zod/mini';
import { thermodynamicVolts } from './potentials';
import { FARADAY_C_PER_MOL, GAS_J_PER_MOL_K, ZERO_CELSIUS_IN_KELVIN } from '../../constants';

/** What stands in the two vessels: copper against zinc, or the same copper twice. */
export const VESSEL_CELLS = ['copper-zinc', 'copper-copper'] as const;
export type VesselCell = (typeof VESSEL_CELLS)[number];

const MIN_MOLAR = 1e-4;
const MAX_MOLAR = 2;
const molar = z
  .number('Give a concentration in mol/L.')
  .check(
    z.minimum(MIN_MOLAR, `Give at least ${MIN_MOLAR} mol/L.`),
    z.maximum(MAX_MOLAR, `Give at most ${MAX_MOLAR} mol/L.`),
  );

/** Two vessels as they stand on the bench. */
export const twoSolutionsSchema = z.strictObject({
  cell: z.enum(VESSEL_CELLS),
  right: molar.check(z.describe('Concentration in the right vessel, meant as the + side, mol/L.')),
  left: molar,
  celsius: z
    .number('Give a temperature.')
    .check(z.minimum(0), z.maximum(80, 'Give at most 80 °C.')),
  bridge: z.enum(['bridge', 'none']),
  // What was corrected by another equation once is corrected by the table now.
  activity: z.pipe(
    z.transform((stored: unknown) => (stored === 'davies' ? 'tabled' : stored)),
    z.enum(['ideal', 'tabled']),
  ),
});
export type TwoSolutions = z.infer<typeof twoSolutionsSchema>;

export interface TwoSolutionsAnswer {
  /** Volts of the right vessel above the left; `null` where no bridge closes the cell, or no table goes so far. */
  readonly volts: number | null;
  readonly standardVolts: number;
  /** Why the tables do not tell; `null` where they do. */
  readonly beyond: string | null;
}

export function solveTwoSolutions(request: TwoSolutions): TwoSolutionsAnswer {
  const standardVolts = standardOf(request.cell);
  const volts = voltsOf(request, request.right, request.left);
  return {
    volts: request.bridge === 'bridge' ? volts : null,
    standardVolts,
    beyond: volts === null ? BEYOND_TABLES : null,
  };
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
    return { ratio, volts: voltsOf(request, ratio * request.left, request.left) };
  }).flatMap(({ ratio, volts }) => (volts === null ? [] : [{ ratio, volts }]));
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
): number | null {
  const salts = { cathode: 'copper', anode: cell === 'copper-zinc' ? 'zinc' : 'copper' } as const;
  return twoVesselVolts(standardOf(cell), right, left, celsius, activity, salts);
}

/** How concentrations are turned into activities. */
export type ActivityModel = TwoSolutions['activity'];
export type Sulfate = 'copper' | 'zinc';

/**
 * Mean activity coefficients of the sulfates in water at 25 °C by mol/kg, which is taken for mol/L (R. A. Robinson and
 * R. H. Stokes, “Electrolyte Solutions”, and CRC Handbook of Chemistry and Physics; values from memory).
 */
const MEAN_ACTIVITY: Readonly<
  Record<Sulfate, readonly (readonly [molal: number, mean: number])[]>
> = {
  copper: [
    [0.001, 0.74],
    [0.005, 0.53],
    [0.01, 0.41],
    [0.05, 0.21],
    [0.1, 0.15],
    [0.2, 0.104],
    [0.5, 0.062],
    [1, 0.043],
  ],
  zinc: [
    [0.001, 0.7],
    [0.005, 0.48],
    [0.01, 0.39],
    [0.05, 0.2],
    [0.1, 0.15],
    [0.2, 0.104],
    [0.5, 0.063],
    [1, 0.044],
    [2, 0.035],
  ],
};
const BEYOND_TABLES =
  'The tables of activities go from 0.001 to 1 mol/L for copper sulfate and to 2 mol/L for zinc sulfate. Take a solution within them, or concentrations.';

/** Mean activity coefficient, interpolated in the logarithm of the concentration; `null` outside the table. */
export function meanActivity(salt: Sulfate, molPerLitre: number): number | null {
  const table = MEAN_ACTIVITY[salt];
  const above = table.findIndex(([molal]) => molal >= molPerLitre);
  const [molal, mean] = table[above] ?? [NaN, NaN];
  if (molal === molPerLitre) return mean;
  const below = table[above - 1];
  if (above < 1 || below === undefined) return null;
  const share = Math.log(molPerLitre / below[0]) / Math.log(molal / below[0]);
  return below[1] + share * (mean - below[1]);
}

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

/** Activity of the metal ion of a sulfate at a concentration in mol/L; `null` where no table tells. */
function saltActivity(salt: Sulfate, molPerLitre: number, model: ActivityModel): number | null {
  if (model === 'ideal') return molPerLitre;
  const mean = meanActivity(salt, molPerLitre);
  return mean === null ? null : mean * molPerLitre;
}

/**
 * Two vessels: the metal of `cathode` in its sulfate (mol/L) against the metal of `anode` in its own. With the same
 * standard potential on both sides it is a concentration cell. Volts, negative when the ratio turns it round; `null`
 * beyond the tables of activities.
 */
export function twoVesselVolts(
  standardVolts: number,
  cathodeMolPerLitre: number,
  anodeMolPerLitre: number,
  celsius: number,
  model: ActivityModel,
  salts: { readonly cathode: Sulfate; readonly anode: Sulfate },
): number | null {
  const cathode = saltActivity(salts.cathode, cathodeMolPerLitre, model);
  const anode = saltActivity(salts.anode, anodeMolPerLitre, model);
  if (cathode === null || anode === null) return null;
  return nernstVolts(standardVolts, 2, anode / cathode, celsius);
}
