import type { CellChemistry, CellGeometry } from './scaleCell';

/** A cell whose physics was chosen so that it reads what such cells typically read. */
export interface CalibratedCell {
  /** Typical open-circuit volts and short-circuit amperes of ONE cell (common practice, no source). */
  readonly openVolts: readonly [low: number, high: number];
  readonly shortAmps: readonly [low: number, high: number];
  /** What bounds its current: the resistance of the body, or the reaction at the cathode. */
  readonly limitedBy: 'resistance' | 'cathode';
  readonly chemistry: CellChemistry;
  readonly geometry: CellGeometry;
}

/** Typical readings of ONE cell (volts, amperes) and its size (m², m). */
export interface TypicalCell {
  readonly openVolts: readonly [number, number];
  readonly shortAmps: readonly [number, number];
  readonly areaSquareMetres: number;
  readonly gapMetres: number;
}

/** Activation and concentration of classroom cells: sizes from memory, chosen so that light loads sag by a tenth. */
const TAFEL_VOLTS = 0.03;
const EXCHANGE_SHARE = 0.02;
const CONCENTRATION_VOLTS = 0.03;
/** In tissue the resistance limits the current; the reactions could give about three times as much. */
const REACTION_MARGIN = 3;

function middle([low, high]: readonly [number, number]): number {
  return (low + high) / 2;
}

function geometricMiddle([low, high]: readonly [number, number]): number {
  return Math.sqrt(low * high);
}

/** A cell of millivolts cannot lose more than it has: its losses are a small part of its voltage. */
const MIN_EMF_PER_LOSS = 20;

function lossVolts(usual: number, emfVolts: number): number {
  return Math.min(usual, emfVolts / MIN_EMF_PER_LOSS);
}

/** Volts lost to activation when shorted. */
function activationVolts(emfVolts: number): number {
  return lossVolts(TAFEL_VOLTS, emfVolts) * Math.log1p(1 / EXCHANGE_SHARE);
}

/** A cell whose body's resistance limits the current: the resistivity follows from the typical readings. */
export function limitedByResistance(typical: TypicalCell): CalibratedCell {
  const emfVolts = middle(typical.openVolts);
  const shortAmps = geometricMiddle(typical.shortAmps);
  const concentration =
    -lossVolts(CONCENTRATION_VOLTS, emfVolts) * Math.log1p(-1 / REACTION_MARGIN);
  const ohms = (emfVolts - activationVolts(emfVolts) - concentration) / shortAmps;
  return sized(
    'resistance',
    typical,
    emfVolts,
    shortAmps,
    REACTION_MARGIN,
    (ohms * typical.areaSquareMetres) / typical.gapMetres,
  );
}

/** A cell whose cathode reaction limits the current: the limit follows from the typical readings. */
export function limitedByCathode(
  typical: TypicalCell,
  resistivityOhmMetres: number,
): CalibratedCell {
  const emfVolts = middle(typical.openVolts);
  const shortAmps = geometricMiddle(typical.shortAmps);
  const ohmicVolts =
    ((resistivityOhmMetres * typical.gapMetres) / typical.areaSquareMetres) * shortAmps;
  const left =
    (emfVolts - activationVolts(emfVolts) - ohmicVolts) / lossVolts(CONCENTRATION_VOLTS, emfVolts);
  return sized(
    'cathode',
    typical,
    emfVolts,
    shortAmps,
    1 / -Math.expm1(-left),
    resistivityOhmMetres,
  );
}

function sized(
  limitedBy: CalibratedCell['limitedBy'],
  { openVolts, shortAmps: shortRange, areaSquareMetres, gapMetres }: TypicalCell,
  emfVolts: number,
  shortAmps: number,
  limitShare: number,
  resistivityOhmMetres: number,
): CalibratedCell {
  return {
    openVolts,
    shortAmps: shortRange,
    limitedBy,
    chemistry: {
      emfVolts,
      tafelVolts: lossVolts(TAFEL_VOLTS, emfVolts),
      exchangeAmpsPerSquareMetre: (EXCHANGE_SHARE * shortAmps) / areaSquareMetres,
      limitingAmpsPerSquareMetre: (limitShare * shortAmps) / areaSquareMetres,
      concentrationVolts: lossVolts(CONCENTRATION_VOLTS, emfVolts),
      resistivityOhmMetres,
    },
    geometry: { areaSquareMetres, gapMetres, contactOhms: 0, pairs: 1 },
  };
}
