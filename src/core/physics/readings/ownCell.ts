import type { CellReading } from './cellBelief';
import { type ShuntOhms, suitableCurrentRange, USUAL_SHUNTS } from '../instruments/meter';
import type { CellModel } from '../cell/cellModel';
import { filmShareAfter, type FilmShares } from '../cell/films';
import { type CellFits, fitCell, type LoadedPoint } from './fitCell';
import { judgeCellReadings, type ReadingDoubt } from './judgeCellReadings';
import type { OwnReadings, TrialCell } from './ownReadings';
import { type CellBuild, rangeOf, withPairs } from '../recipes/cellBuild';
import { fail, type Result, succeed } from '../../result';
import { formatAmps, formatOhms } from '../../units';

/** One reading as a point of the cell's curve, and which of the readings it came from. */
export interface OwnPoint extends LoadedPoint {
  readonly from: 'open' | 'loaded' | 'short';
}

/** What the educator's readings make of the cell. */
export type OwnCell =
  /** Too little was read to tell an internal resistance. */
  | { readonly status: 'incomplete'; readonly points: readonly OwnPoint[]; readonly need: string }
  /** The readings contradict each other. */
  | {
      readonly status: 'contradictory';
      readonly points: readonly OwnPoint[];
      readonly message: string;
      /** What is odd about them, which may be why. */
      readonly doubts: readonly ReadingDoubt[];
    }
  /** Something is unusual and the educator has not said to keep it: not used. */
  | (Determined & { readonly status: 'doubtful' })
  | (Determined & { readonly status: 'used' });

interface Determined {
  readonly points: readonly OwnPoint[];
  /** As the readings have it, at the moment when they were taken. */
  readonly asRead: CellModel;
  /** As it is at once after connecting: without the part of its films that the readings already held. */
  readonly model: CellModel;
  /** Seconds after connecting at which the currents were read; 0 where nobody noted it. */
  readonly secondsAfter: number;
  /** Fits of both models with their standard errors; `null` where two readings leave no choice. */
  readonly fits: CellFits | null;
  readonly doubts: readonly ReadingDoubt[];
}

/** Cell from whatever was read: open, shorted (the meter's shunt taken into account), at known resistors. */
export function ownCell(
  readings: OwnReadings,
  build: CellBuild,
  shunts: ShuntOhms = USUAL_SHUNTS,
): OwnCell {
  const points = pointsOf(readings, shunts);
  const need = whatIsMissing(points);
  if (need !== null) return { status: 'incomplete', points, need };
  const { recipe } = build;
  const doubts = judgeCellReadings(recipe, rangeOf(withPairs(build, 1)), readings);
  const fitted = cellThrough(readings, points, shunts);
  if ('message' in fitted) return { status: 'contradictory', points, doubts, ...fitted };
  const status = doubts.length > 0 && !readings.kept ? 'doubtful' : 'used';
  const secondsAfter = secondsOf(readings);
  const { model: asRead, fits } = fitted;
  const model = filmFree(asRead, recipe.films, secondsAfter);
  return { status, points, doubts, asRead, model, fits, secondsAfter };
}

/** What a trial cell gives at once after connecting and without the meter; `volts` stands in where none were read. */
export function trialReading(
  { volts, milliamps, seconds }: TrialCell,
  { films }: CellBuild['recipe'],
  usualVolts: number,
  shunts: ShuntOhms,
): CellReading {
  if (milliamps === null) return { openVolts: volts, shortAmps: null };
  const amps = milliamps / 1000;
  const openVolts = volts ?? usualVolts;
  const inside = openVolts / amps - shunts[suitableCurrentRange(amps, shunts)];
  // More than the meter itself lets through: the reading is kept, the meter's share cannot be told.
  const ohms = (inside > 0 ? inside : openVolts / amps) / (1 + filmShareAfter(films, seconds ?? 0));
  return { openVolts: volts, shortAmps: openVolts / ohms };
}

/** What is odd about a trial cell's readings: such a one waits, as a first cell's do. */
export function doubtsOfTrial(
  { volts, milliamps, seconds }: TrialCell,
  build: CellBuild,
  shunts: ShuntOhms,
): readonly ReadingDoubt[] {
  const amps = (milliamps ?? 0) / 1000;
  const meterRange = suitableCurrentRange(amps, shunts);
  return judgeCellReadings(build.recipe, rangeOf(withPairs(build, 1)), {
    openCircuitVolts: volts,
    shortCircuit: milliamps === null ? null : { amps, meterRange, secondsAfter: seconds },
    loaded: [],
    kept: false,
  });
}

/** Middle of the times that were noted. */
function secondsOf({ shortCircuit, loaded }: OwnReadings): number {
  const noted = [shortCircuit, ...loaded].flatMap((one) =>
    one === null || one.secondsAfter === null ? [] : [one.secondsAfter],
  );
  return noted.length === 0 ? 0 : noted.reduce((sum, one) => sum + one, 0) / noted.length;
}

/** A current that is read after some seconds already meets part of the films: the resistance without them. */
function filmFree(cell: CellModel, films: FilmShares, seconds: number): CellModel {
  return { ...cell, resistanceOhms: cell.resistanceOhms / (1 + filmShareAfter(films, seconds)) };
}

/** All readings as volts at a current in amperes, in order of current. */
function pointsOf(
  { openCircuitVolts, shortCircuit, loaded }: OwnReadings,
  shunts: ShuntOhms,
): OwnPoint[] {
  const points: OwnPoint[] = loaded.map(({ ohms, volts }) => ({
    from: 'loaded',
    amps: volts / ohms,
    volts,
  }));
  if (openCircuitVolts !== null) points.push({ from: 'open', amps: 0, volts: openCircuitVolts });
  if (shortCircuit !== null) {
    const { amps, meterRange } = shortCircuit;
    // The meter's own resistance is the load of this reading.
    points.push({ from: 'short', amps, volts: amps * shunts[meterRange] });
  }
  return points.sort((a, b) => a.amps - b.amps);
}

function whatIsMissing(points: readonly OwnPoint[]): string | null {
  if (new Set(points.map(({ amps }) => amps)).size >= 2) return null;
  return points.some(({ from }) => from === 'open')
    ? 'One more reading with a current is needed: milliamps, or volts at a known resistor.'
    : 'At least two readings are needed, best the open-circuit volts and one with a current.';
}

function cellThrough(
  { openCircuitVolts, shortCircuit, loaded }: OwnReadings,
  points: readonly OwnPoint[],
  shunts: ShuntOhms,
): { model: CellModel; fits: CellFits | null } | { message: string } {
  if (openCircuitVolts !== null && shortCircuit !== null && loaded.length === 0) {
    const cell = cellFromReadings({
      openVolts: openCircuitVolts,
      shortAmps: shortCircuit.amps,
      shuntOhms: shunts[shortCircuit.meterRange],
    });
    return cell.ok
      ? { model: cell.value, fits: null }
      : { message: cell.issues[0]?.message ?? 'These readings contradict each other.' };
  }
  const fits = fitCell(points);
  const model = fits.ok ? fits.value.best.cell : lineThrough(points);
  return model !== null && model.emfVolts > 0 && model.resistanceOhms > 0
    ? { model, fits: fits.ok ? fits.value : null }
    : {
        message:
          'The volts do not fall as the current grows, which no cell does. Check the resistors, the ranges and the units.',
      };
}

/** Straight line through the first and the last of two or more points in order of current. */
function lineThrough(points: readonly OwnPoint[]): CellModel | null {
  const first = points[0];
  const last = points.at(-1);
  if (first === undefined || last === undefined || last.amps === first.amps) return null;
  const resistanceOhms = (first.volts - last.volts) / (last.amps - first.amps);
  return { emfVolts: first.volts + resistanceOhms * first.amps, resistanceOhms };
}

/** What an educator reads off one cell. */
export interface CellReadings {
  readonly openVolts: number;
  readonly shortAmps: number;
  /** Resistance that the meter itself adds while it measures the current, ohms. */
  readonly shuntOhms: number;
}

/**
 * Ideal source with internal resistance from the two readings: `E = V_open`, `r = E/I − R_shunt`.
 * Fails where the current is larger than the meter's own resistance would let through.
 */
export function cellFromReadings(readings: CellReadings): Result<CellModel> {
  const { openVolts, shortAmps, shuntOhms } = readings;
  const resistanceOhms = openVolts / shortAmps - shuntOhms;
  if (!(resistanceOhms > 0)) {
    return fail({
      code: 'current-too-large',
      path: ['shortCircuitAmps'],
      message: `The meter itself has ${formatOhms(shuntOhms)} on this range and would let through at most ${formatAmps(openVolts / shuntOhms)}. Check the unit and the range.`,
    });
  }
  return succeed({ emfVolts: openVolts, resistanceOhms });
}
