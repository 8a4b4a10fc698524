import { GAS_J_PER_MOL_K, ROOM_CELSIUS, ZERO_CELSIUS_IN_KELVIN } from '../../constants';
import type { CellModel } from './cellModel';

/** What a pair of metals and an electrolyte give, per area and per length: independent of the cell's size. */
export interface CellChemistry {
  readonly emfVolts: number;
  /** True resistivity ρ of electrolyte or tissue, Ω·m. */
  readonly resistivityOhmMetres: number;
  /** Resistance of the electrode reactions times the area of the cathode, Ω·m². */
  readonly reactionOhmSquareMetres: number;
  /** Share of it that belongs to the anode: what more − metal alone can save. */
  readonly anodeShare: number;
  /** Activation and concentration; `null`: a straight line. */
  readonly curve: ReactionCurve | null;
}

export interface ReactionCurve {
  /** Tafel slope b at room temperature, volts per e-fold. */
  readonly tafelVolts: number;
  /** Exchange current density j₀, A/m². */
  readonly exchangeAmpsPerSquareMetre: number;
  /** Limiting current density j_L, A/m². */
  readonly limitingAmpsPerSquareMetre: number;
  /** Concentration loss c, volts per e-fold. */
  readonly concentrationVolts: number;
}

/** The size of one cell. */
export interface CellGeometry {
  /** Wetted area of one electrode that faces the other, m². */
  readonly areaSquareMetres: number;
  /** Clear distance between the metals. */
  readonly gapMetres: number;
  /** Two round bars rather than two faces. */
  readonly round: { readonly radiusMetres: number; readonly lengthMetres: number } | null;
  /** Resistance of clips and joints of one pair, or of a bridge between two vessels, ohms. */
  readonly contactOhms: number;
  /** Electrode pairs side by side in the same body; their areas add. */
  readonly pairs: number;
  /** + and − electrodes in the same body beside the whole pairs. */
  readonly extraPlus: number;
  readonly extraMinus: number;
}

/** Conductivity of aqueous electrolytes rises by about 2 % a kelvin (common practice, no source). */
const CONDUCTIVITY_PER_KELVIN = 0.02;
/** Diffusion, and with it the limiting current, rises about as fast. */
const DIFFUSION_PER_KELVIN = 0.02;
/** Electrode reactions speed up with an activation energy near 40 kJ/mol: twice in about 12 K (from memory). */
const ACTIVATION_J_PER_MOL = 40e3;

/** How warmth changes what a cell is made of, against room temperature. */
export interface Warmth {
  /** Conductivity of the electrolyte. */
  readonly conduction: number;
  /** Speed of the reactions (S. Arrhenius). */
  readonly reaction: number;
  /** Speed of diffusion. */
  readonly diffusion: number;
  /** Absolute temperature. */
  readonly kelvin: number;
}

/** Warmth at so many degrees Celsius; every share is 1 at room temperature. */
export function warmthAt(celsius: number): Warmth {
  const warmer = celsius - ROOM_CELSIUS;
  const room = ROOM_CELSIUS + ZERO_CELSIUS_IN_KELVIN;
  const kelvin = celsius + ZERO_CELSIUS_IN_KELVIN;
  return {
    conduction: Math.max(0.1, 1 + CONDUCTIVITY_PER_KELVIN * warmer),
    reaction: Math.exp((ACTIVATION_J_PER_MOL / GAS_J_PER_MOL_K) * (1 / room - 1 / kelvin)),
    diffusion: Math.max(0.1, 1 + DIFFUSION_PER_KELVIN * warmer),
    kelvin: kelvin / room,
  };
}

/** The two parts of a cell's resistance at room temperature, ohms. */
export interface ResistanceParts {
  /** `ρ·geometry`: electrolyte or tissue between the metals. */
  readonly electrolyteOhms: number;
  /** `R_kin·A₀/A_cathode`: what the reactions at the metals resist. */
  readonly reactionOhms: number;
  readonly contactOhms: number;
}

/**
 * Resistance of the electrolyte between two metals of a pair per resistivity, 1/m: `gap/A` between faces,
 * `arccosh(d/2a)/(π·L)` between two round bars of radius a whose axes are d apart (capacitance of two wires, any textbook
 * of electromagnetism, with ρ·ε in place of C·R).
 */
export function spreadPerMetre({ areaSquareMetres, gapMetres, round }: CellGeometry): number {
  if (round === null) return gapMetres / areaSquareMetres;
  const axes = gapMetres + 2 * round.radiusMetres;
  return Math.acosh(axes / (2 * round.radiusMetres)) / (Math.PI * round.lengthMetres);
}

/** Where a cell of a size has its resistance. */
export function resistanceParts(chemistry: CellChemistry, geometry: CellGeometry): ResistanceParts {
  const { areaSquareMetres, contactOhms, pairs } = geometry;
  const plus = pairs + geometry.extraPlus;
  const minus = pairs + geometry.extraMinus;
  const reaction = chemistry.reactionOhmSquareMetres / areaSquareMetres;
  return {
    // The current spreads out from one metal and gathers at the other: each side has half of the resistance.
    electrolyteOhms:
      (chemistry.resistivityOhmMetres * spreadPerMetre(geometry) * (1 / plus + 1 / minus)) / 2,
    reactionOhms: reaction * ((1 - chemistry.anodeShare) / plus + chemistry.anodeShare / minus),
    contactOhms: contactOhms / pairs,
  };
}

/** One cell of a size at room temperature: `I₀ = j₀·A`, `I_L = j_L·A` with the area of all + electrodes. */
export function scaleCell(chemistry: CellChemistry, geometry: CellGeometry): CellModel {
  const { electrolyteOhms, reactionOhms, contactOhms } = resistanceParts(chemistry, geometry);
  const line: CellModel = {
    emfVolts: chemistry.emfVolts,
    resistanceOhms: electrolyteOhms + reactionOhms + contactOhms,
  };
  const { curve } = chemistry;
  if (curve === null) return line;
  const area = geometry.areaSquareMetres * (geometry.pairs + geometry.extraPlus);
  return {
    ...line,
    activation: {
      slopeVolts: curve.tafelVolts,
      exchangeAmps: curve.exchangeAmpsPerSquareMetre * area,
    },
    limitingAmps: curve.limitingAmpsPerSquareMetre * area,
    concentrationVolts: curve.concentrationVolts,
  };
}

/** A cell of a size with the share of its resistance that belongs to the electrolyte; the rest is the reactions'. */
export interface SizedCell {
  readonly model: CellModel;
  readonly electrolyteShare: number;
}

/** @param contactOhms of clips, or of a bridge between two vessels. */
export function sizedCell(
  chemistry: CellChemistry,
  size: ElectrodeSize,
  contactOhms: number,
): SizedCell {
  const geometry = geometryOf(size, contactOhms);
  const parts = resistanceParts(chemistry, geometry);
  const electrolyte = parts.electrolyteOhms + parts.contactOhms;
  return {
    model: scaleCell(chemistry, geometry),
    electrolyteShare: electrolyte / (electrolyte + parts.reactionOhms),
  };
}

/** Side area in m² of the buried part of a nail. */
export function nailAreaSquareMetres(diameterMetres: number, buriedMetres: number): number {
  return Math.PI * diameterMetres * buriedMetres;
}

/** Face of a coin in m². */
export function coinAreaSquareMetres(diameterMetres: number): number {
  return (Math.PI / 4) * diameterMetres ** 2;
}

export const ELECTRODE_SHAPES = ['nail', 'strip', 'plate', 'coin', 'rod', 'foil'] as const;
export type ElectrodeShape = (typeof ELECTRODE_SHAPES)[number];

/** The size of one cell as an educator measures it, millimetres. */
export interface ElectrodeSize {
  readonly shape: ElectrodeShape;
  /** Diameter of nails, rods and coins, width of the flat ones. */
  readonly widthMillimetres: number;
  /** How deep the metal is in the wet; of no account for coins. */
  readonly depthMillimetres: number;
  readonly gapMillimetres: number;
  /** How thick the − metal is that can dissolve: the coating of coated steel, all of what is solid. */
  readonly metalMillimetres: number;
  /** Pairs side by side in the same body. */
  readonly pairs: number;
  /** Single + and − electrodes in the same body beside the pairs. */
  readonly extraPlus: number;
  readonly extraMinus: number;
}

const METRES_PER_MILLIMETRE = 1e-3;

/** Wetted, facing area of one electrode in m²: the whole side of round ones, one side of flat ones. */
export function electrodeAreaSquareMetres(size: ElectrodeSize): number {
  const width = size.widthMillimetres * METRES_PER_MILLIMETRE;
  const depth = size.depthMillimetres * METRES_PER_MILLIMETRE;
  if (isRound(size)) return nailAreaSquareMetres(width, depth);
  return size.shape === 'coin' ? coinAreaSquareMetres(width) : width * depth;
}

/** Bars, between which the current spreads out, rather than faces. */
export function isRound({ shape }: Pick<ElectrodeSize, 'shape'>): boolean {
  return shape === 'nail' || shape === 'rod';
}

/**
 * Volume of the metal of one − electrode that can dissolve, m³: its wet side as thick as its coating, or all of what is solid. The
 * coating of a bar is a ring, and never more than the bar.
 */
export function metalCubicMetres(size: ElectrodeSize): number {
  const thickness = size.metalMillimetres * METRES_PER_MILLIMETRE;
  if (!isRound(size)) return electrodeAreaSquareMetres(size) * thickness;
  const diameter = size.widthMillimetres * METRES_PER_MILLIMETRE;
  const ring = Math.min(thickness, diameter / 2);
  return Math.PI * (diameter - ring) * ring * size.depthMillimetres * METRES_PER_MILLIMETRE;
}

/** The size as the cell model takes it. */
export function geometryOf(size: ElectrodeSize, contactOhms: number): CellGeometry {
  return {
    areaSquareMetres: electrodeAreaSquareMetres(size),
    gapMetres: size.gapMillimetres * METRES_PER_MILLIMETRE,
    round: isRound(size)
      ? {
          radiusMetres: (size.widthMillimetres * METRES_PER_MILLIMETRE) / 2,
          lengthMetres: size.depthMillimetres * METRES_PER_MILLIMETRE,
        }
      : null,
    contactOhms,
    pairs: size.pairs,
    extraPlus: size.extraPlus,
    extraMinus: size.extraMinus,
  };
}

/**
 * A cell that is known at room temperature, in a warmer or colder room. Its resistance is split into what the electrolyte
 * has, which conducts 2 % better a kelvin, and what the reactions have, which speed up with 40 kJ/mol.
 * @param electrolyteShare share of the resistance that belongs to the electrolyte, 0 to 1.
 */
export function cellInWarmth(
  cell: CellModel,
  electrolyteShare: number,
  celsius: number,
): CellModel {
  if (celsius === ROOM_CELSIUS) return cell;
  const { conduction, reaction, diffusion, kelvin } = warmthAt(celsius);
  const { activation, limitingAmps } = cell;
  return {
    ...cell,
    resistanceOhms:
      cell.resistanceOhms * (electrolyteShare / conduction + (1 - electrolyteShare) / reaction),
    activation:
      activation === undefined
        ? undefined
        : {
            slopeVolts: activation.slopeVolts * kelvin,
            exchangeAmps: activation.exchangeAmps * reaction,
          },
    limitingAmps: limitingAmps === undefined ? undefined : limitingAmps * diffusion,
  };
}
