import {
  resistanceParts,
  type CellChemistry,
  type CellGeometry,
  type ReactionCurve,
} from './scaleCell';

/** Physics chosen so that one cell reads what such cells typically read. */
export interface CalibratedCell {
  readonly chemistry: CellChemistry;
  /** Of a bridge between two vessels, ohms; 0 without one. */
  readonly contactOhms: number;
}

/** How the typical cell behaves: a straight line, or a slight curve, or one with a bridge between two vessels. */
export type CellShape = 'straight' | 'slightly-curved' | 'bridged';

/** Typical readings of ONE cell (volts, amperes), its size, and what its electrolyte is. */
export interface TypicalCell {
  readonly openVolts: readonly [number, number];
  readonly shortAmps: readonly [number, number];
  readonly geometry: CellGeometry;
  /** True resistivity of the electrolyte, Ω·m. */
  readonly resistivityOhmMetres: number;
  /** Share of the reaction's resistance at the anode; the rest is the cathode's. */
  readonly anodeShare?: number | undefined;
}

/** Activation and concentration of classroom cells: sizes from memory, chosen so that light loads sag by a tenth. */
const TAFEL_VOLTS = 0.03;
const EXCHANGE_SHARE = 0.02;
const CONCENTRATION_VOLTS = 0.03;
/** The reactions could give about three times what the resistance lets through. */
const REACTION_MARGIN = 3;
/** A cell of millivolts cannot lose more than it has: its losses are a small part of its voltage. */
const MIN_EMF_PER_LOSS = 20;
/** Where the size would give the electrolyte more than all of the resistance, this much of it is taken as its own. */
const MOST_ELECTROLYTE_SHARE = 0.9;

function middle([low, high]: readonly [number, number]): number {
  return (low + high) / 2;
}

function geometricMiddle([low, high]: readonly [number, number]): number {
  return Math.sqrt(low * high);
}

function lossVolts(usual: number, emfVolts: number): number {
  return Math.min(usual, emfVolts / MIN_EMF_PER_LOSS);
}

/**
 * The physics of a typical cell. What the electrolyte does not account for is the reaction's; in two vessels it is the
 * bridge's, whatever the metals.
 */
export function calibrateCell(shape: CellShape, typical: TypicalCell): CalibratedCell {
  const chemistry = shape === 'straight' ? straight(typical) : slightlyCurved(typical);
  if (shape !== 'bridged') return { chemistry, contactOhms: 0 };
  return {
    chemistry: { ...chemistry, reactionOhmSquareMetres: 0 },
    contactOhms: chemistry.reactionOhmSquareMetres / typical.geometry.areaSquareMetres,
  };
}

/** An ideal source with resistance: two readings carry no curve. */
function straight(typical: TypicalCell): CellChemistry {
  const emfVolts = middle(typical.openVolts);
  return split(typical, emfVolts, emfVolts / geometricMiddle(typical.shortAmps), null);
}

/** A cell with a slight curve: activation near zero current, concentration near the end. */
function slightlyCurved(typical: TypicalCell): CellChemistry {
  const emfVolts = middle(typical.openVolts);
  const shortAmps = geometricMiddle(typical.shortAmps);
  const tafelVolts = lossVolts(TAFEL_VOLTS, emfVolts);
  const concentrationVolts = lossVolts(CONCENTRATION_VOLTS, emfVolts);
  const activation = tafelVolts * Math.log1p(1 / EXCHANGE_SHARE);
  const concentration = -concentrationVolts * Math.log1p(-1 / REACTION_MARGIN);
  const { geometry } = typical;
  const area = geometry.areaSquareMetres * (geometry.pairs + geometry.extraPlus);
  return split(typical, emfVolts, (emfVolts - activation - concentration) / shortAmps, {
    tafelVolts,
    exchangeAmpsPerSquareMetre: (EXCHANGE_SHARE * shortAmps) / area,
    limitingAmpsPerSquareMetre: (REACTION_MARGIN * shortAmps) / area,
    concentrationVolts,
  });
}

function split(
  { geometry, resistivityOhmMetres, anodeShare = 0 }: TypicalCell,
  emfVolts: number,
  ohms: number,
  curve: ReactionCurve | null,
): CellChemistry {
  // What one unit of each would resist at this size.
  const unit = resistanceParts(
    {
      emfVolts,
      resistivityOhmMetres: 1,
      reactionOhmSquareMetres: 1,
      anodeShare,
      curve,
    },
    geometry,
  );
  const electrolyte = Math.min(
    resistivityOhmMetres * unit.electrolyteOhms,
    MOST_ELECTROLYTE_SHARE * ohms,
  );
  return {
    emfVolts,
    resistivityOhmMetres: electrolyte / unit.electrolyteOhms,
    reactionOhmSquareMetres: (ohms - electrolyte) / unit.reactionOhms,
    anodeShare,
    curve,
  };
}
