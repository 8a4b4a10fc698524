import { cellAmpsAt, type CellModel } from '../cell/cellModel';
import { type CellBuild, cellBuild, typicalModel, withPairs } from '../recipes/cellBuild';
import type { SchoolFigures } from './schoolFigures';

/** One standard deviation of the logarithm of a short-circuit current, and of open-circuit volts as a share of them. */
export interface Spread {
  readonly ampsLog: number;
  readonly voltsShare: number;
}

/** One cell of a class from the next (common practice, no source). */
export const CELL_SPREAD: Spread = { ampsLog: 0.3, voltsShare: 0.04 };
/** Digits and the moment of reading; the meter’s shunt is taken off before (from memory). */
const READING_SPREAD: Spread = { ampsLog: 0.05, voltsShare: 0.01 };
/** Schools from each other, and lessons of a school, differ alike in volts (from memory). */
const VOLTS_OF_ONE_LEVEL = 0.02;
/** A printed range holds nineteen of twenty single cells, whoever builds them: two deviations to either side. */
const DEVIATIONS_IN_RANGE = 4;
/** Never less than a factor of two up and down altogether, and never surer of a level than this (from memory). */
const LEAST_TOTAL_LOG = 0.35;
const LEAST_LEVEL_LOG = 0.17;

/**
 * What is known of an average cell of a class: a median current, shorted at once after connecting, and open-circuit volts of one
 * pair of electrodes at room temperature, how far the class’s own level may lie from them, and how many cells that rests on.
 */
export interface CellBelief {
  readonly shortAmps: number;
  readonly openVolts: number;
  readonly level: Spread;
  /** Cells of this lesson that were read. */
  readonly cellsRead: number;
}

/** Where nothing but the figures of a cell is given: the level of fruit that nobody has read, and of which one was read. */
export const LEVEL_UNREAD: Spread = { ampsLog: 0.27, voltsShare: 0.028 };
export const LEVEL_ONCE_READ: Spread = { ampsLog: 0.2, voltsShare: 0.023 };

/** Of one cell of the class, as it was at once after connecting, without the meter; `null`: not read. */
export interface CellReading {
  readonly shortAmps: number | null;
  readonly openVolts: number | null;
}

/** How far a school’s level, and one of its lessons, may lie from what a recipe prints: each of the two alike. */
export function levelsOfRecipe({ recipe }: Pick<CellBuild, 'recipe'>): Spread {
  const { shortAmpsLow, shortAmpsHigh } = recipe.typical;
  const total = Math.max(
    LEAST_TOTAL_LOG,
    Math.log(shortAmpsHigh / shortAmpsLow) / DEVIATIONS_IN_RANGE,
  );
  const both = Math.max(LEAST_LEVEL_LOG ** 2, total ** 2 - CELL_SPREAD.ampsLog ** 2);
  return { ampsLog: Math.sqrt(both / 2), voltsShare: VOLTS_OF_ONE_LEVEL };
}

/** What the recipe’s range tells of such cells, or, where lessons of the school have read some, what those tell. */
export function beliefBeforeReading(build: CellBuild, school: SchoolFigures | null): CellBelief {
  const one = typicalModel(withPairs(build, 1));
  const each = levelsOfRecipe(build);
  const typical = {
    shortAmps: cellAmpsAt(one, 0),
    openVolts: one.emfVolts,
    level: { ampsLog: Math.SQRT2 * each.ampsLog, voltsShare: Math.SQRT2 * each.voltsShare },
    cellsRead: 0,
  };
  if (school === null) return typical;
  const usual = typicalModel(cellBuild(build.recipe, build.body));
  const { openCircuitVolts: volts, shortCircuitAmps: amps } = school;
  const apart = (whole: number, within: number, least: number): number =>
    Math.sqrt(Math.max(least ** 2, whole ** 2 - within ** 2));
  return {
    shortAmps: typical.shortAmps * (amps === null ? 1 : amps.mean / cellAmpsAt(usual, 0)),
    openVolts: (typical.openVolts * volts.mean) / usual.emfVolts,
    level: {
      ampsLog:
        amps === null
          ? typical.level.ampsLog
          : apart(amps.logDeviation, CELL_SPREAD.ampsLog, LEAST_LEVEL_LOG / Math.SQRT2),
      voltsShare: apart(volts.deviation / volts.mean, CELL_SPREAD.voltsShare, VOLTS_OF_ONE_LEVEL),
    },
    cellsRead: 0,
  };
}

/**
 * The belief after cells of the same lesson were read: the joint normal of level, cells and readings, conditioned on the
 * readings. With σ² the variance of the level and v that of one reading about it, n readings of mean m move the mean by
 * σ²/(σ² + v/n) of the way to m and leave that share less of σ² (normal mean with known variance: A. Gelman et al., “Bayesian
 * Data Analysis”, 3rd ed., 2.5).
 */
export function narrowedBelief(before: CellBelief, readings: readonly CellReading[]): CellBelief {
  const told = readings.filter((one) => one.shortAmps !== null || one.openVolts !== null);
  const moved = (mean: number, deviation: number, read: readonly number[], noise: number) => {
    if (read.length === 0) return { mean, deviation };
    const middle = read.reduce((sum, value) => sum + value, 0) / read.length;
    const share = deviation ** 2 / (deviation ** 2 + noise ** 2 / read.length);
    return {
      mean: mean + share * (middle - mean),
      deviation: deviation * Math.sqrt(1 - share),
    };
  };
  const amps = moved(
    Math.log(before.shortAmps),
    before.level.ampsLog,
    told.flatMap(({ shortAmps }) => (shortAmps === null ? [] : [Math.log(shortAmps)])),
    Math.hypot(CELL_SPREAD.ampsLog, READING_SPREAD.ampsLog),
  );
  const volts = moved(
    1,
    before.level.voltsShare,
    told.flatMap(({ openVolts }) => (openVolts === null ? [] : [openVolts / before.openVolts])),
    Math.hypot(CELL_SPREAD.voltsShare, READING_SPREAD.voltsShare),
  );
  return {
    shortAmps: Math.exp(amps.mean),
    openVolts: before.openVolts * volts.mean,
    level: { ampsLog: amps.deviation, voltsShare: volts.deviation },
    cellsRead: before.cellsRead + told.length,
  };
}

/** Where an average cell of the class lies in nineteen of twenty lessons, amperes. */
export function bandOf({ shortAmps, level }: CellBelief): readonly [low: number, high: number] {
  const factor = Math.exp(2 * level.ampsLog);
  return [shortAmps / factor, shortAmps * factor];
}

/** Half of that band as a share of its middle, in percent. */
export function halfBandPercent({ level }: Pick<CellBelief, 'level'>): number {
  return Math.round(100 * Math.sinh(2 * level.ampsLog));
}

/** A curve that starts at other volts and ends at another current, each so many times as large: its shape stays. */
export function stretchedCell(model: CellModel, volts: number, amps: number): CellModel {
  const { activation, limitingAmps, concentrationVolts } = model;
  return {
    emfVolts: model.emfVolts * volts,
    resistanceOhms: (model.resistanceOhms * volts) / amps,
    activation:
      activation === undefined
        ? undefined
        : {
            slopeVolts: activation.slopeVolts * volts,
            exchangeAmps: activation.exchangeAmps * amps,
          },
    limitingAmps: limitingAmps === undefined ? undefined : limitingAmps * amps,
    concentrationVolts: concentrationVolts === undefined ? undefined : concentrationVolts * volts,
  };
}
