import { isLedLoad, leastLedAmps } from '../../physics/circuit/load/load';
import { shortestOf } from '../../physics/desk/desk';
import { agedStrings } from '../search/batteryInTime';
import { HORIZON_SECONDS } from './horizons';
import { parallelCells } from '../../physics/cell/cellModel';
import {
  brightnessOf,
  BRIGHTNESS_FROM_AMPS,
  type BrightnessBand,
} from '../../physics/circuit/brightness';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { Desk } from '../../physics/desk/desk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { AgeingCell } from '../../physics/time/ageingCell';
import { discharge } from '../../physics/time/discharge';
import type { CellLeft, DischargeEnd, DischargeSample } from '../../physics/time/dischargeRun';
import type { Running } from '../../records/plan/runningSchema';

/** A battery left running into its load. */
export interface BatteryRun {
  readonly samples: readonly RunSample[];
  /** When it is over, seconds; the horizon where it is not. */
  readonly endSeconds: number;
  readonly end: DischargeEnd;
  /** Energy given to the load, joules. */
  readonly joules: number;
  /** From when on it gives less than is wanted, seconds; `null`: it never gave that, or still does. */
  readonly wantedUntil: number | null;
  /** What cells that are alike have left at the end. */
  readonly left: readonly CellLeft[];
}

/** How cells differ from what their tables and readings say, as found from readings over time. */
export interface RunFactors {
  /** Resistance of the films against the usual. */
  readonly films: number;
  /** How much they give, as if they were so many times as large. */
  readonly size: number;
}

export const USUAL_FACTORS: RunFactors = { films: 1, size: 1 };

export interface RunSample extends DischargeSample {
  /** Only for LEDs. */
  readonly brightness: BrightnessBand | null;
}

const POINTS = 140;
const FIRST_SECONDS = 1;
/** Below this share of the wanted current a device that is no LED counts as stopped (from memory). */
const STOPS_AT_SHARE = 0.5;

/**
 * The arranged battery running down, as it is meant, with nothing wrong: films that build up, metal that dissolves, water
 * that dries. A group of cells side by side counts as one cell of their summed size.
 */
export function runBattery(
  desk: Desk,
  need: LoadRequirement,
  running: Running,
  factors = USUAL_FACTORS,
  atSeconds: readonly number[] = timesUpTo(HORIZON_SECONDS),
): BatteryRun {
  const outcome = discharge({
    strings: fittedStrings(desk, running, factors),
    load: need.load,
    thermalVolts: ROOM_THERMAL_VOLTS,
    seconds: atSeconds.at(-1) ?? 0,
    atSeconds,
    leastAmps: leastAmpsOf(need),
  });
  const samples = outcome.samples.map((sample): RunSample => ({
    ...sample,
    brightness: isLedLoad(need.load)
      ? brightnessOf(leastLedAmps(need.load, sample.amps, sample.volts, ROOM_THERMAL_VOLTS))
      : null,
  }));
  const { endSeconds, end, joules, left } = outcome;
  return {
    samples,
    endSeconds,
    end,
    joules,
    left,
    wantedUntil: wantedUntil(samples, need.amps, endSeconds),
  };
}

/** Current below which the device counts as stopped, amperes. */
export function leastAmpsOf(need: LoadRequirement): number {
  return isLedLoad(need.load) ? BRIGHTNESS_FROM_AMPS.glimmer : STOPS_AT_SHARE * need.amps;
}

/** The cells of a desk as readings over time have found them. */
export function fittedStrings(
  desk: Desk,
  running: Running,
  factors = USUAL_FACTORS,
): AgeingCell[][] {
  return agedStrings(desk, running).flatMap(({ cells, count }) => {
    const string = cells.map((cell) => withFactors(cell, factors));
    return Array.from({ length: count }, () => string);
  });
}

function withFactors(ageing: AgeingCell, { films, size }: RunFactors): AgeingCell {
  const { cell, fast, slow } = ageing;
  return {
    ...ageing,
    cell: parallelCells(cell, size),
    fast: { ...fast, ohms: (fast.ohms * films) / size },
    slow: { ...slow, ohms: (slow.ohms * films) / size },
  };
}

/** Zero, then evenly over the decades: seconds matter at the beginning, days at the end. */
function timesUpTo(horizon: number): number[] {
  const ratio = horizon / FIRST_SECONDS;
  return [
    0,
    ...Array.from(
      { length: POINTS },
      (_, index) => FIRST_SECONDS * ratio ** (index / (POINTS - 1)),
    ),
  ];
}

/** A wanted current counts as given down to this share of it. */
const GIVEN_SHARE = 0.999;

function wantedUntil(
  samples: readonly RunSample[],
  amps: number,
  endSeconds: number,
): number | null {
  const enough = (one: RunSample): boolean => one.amps >= GIVEN_SHARE * amps;
  // Cells that begin dry take a while until they give it.
  const first = samples.findIndex(enough);
  if (first < 0) return null;
  const below = samples.findIndex((one, index) => index > first && !enough(one));
  if (below < 0) return endSeconds < HORIZON_SECONDS ? endSeconds : null;
  const before = samples[below - 1]!;
  const after = samples[below]!;
  const share = (before.amps - GIVEN_SHARE * amps) / (before.amps - after.amps);
  return before.seconds + share * (after.seconds - before.seconds);
}

/** State at any moment, between two samples in proportion; the last one after the end. */
export function runAt({ samples }: Pick<BatteryRun, 'samples'>, seconds: number): RunSample {
  const after = samples.findIndex((one) => one.seconds >= seconds);
  const last = samples.at(-1);
  if (last === undefined) throw new Error('a run has samples');
  if (after < 0) return last;
  const next = samples[after]!;
  const before = samples[after - 1];
  if (before === undefined) return next;
  const share = (seconds - before.seconds) / (next.seconds - before.seconds);
  const between = (a: number, b: number): number => a + share * (b - a);
  const amps = between(before.amps, next.amps);
  return {
    seconds,
    volts: between(before.volts, next.volts),
    amps,
    stringAmps: before.stringAmps.map((one, index) => between(one, next.stringAmps[index] ?? one)),
    cellVolts: before.cellVolts.map((one, index) => between(one, next.cellVolts[index] ?? one)),
    brightness: next.brightness === null ? null : brightnessOf(amps),
  };
}

/**
 * Volts from the − end up to each place of each string of the desk at a moment of a run, place by place: a group counts
 * as the cells that it stands for.
 */
export function loadedStairs(
  desk: Pick<Desk, 'strings'>,
  { left }: Pick<BatteryRun, 'left'>,
  { cellVolts }: Pick<RunSample, 'cellVolts'>,
): number[][] {
  return desk.strings.map((items, string) => {
    let place = 0;
    let volts = 0;
    return items.map((item) => {
      const cells = item.kind === 'cell' ? 1 : shortestOf(item.strings).length;
      for (let cell = 0; cell < cells; cell += 1) {
        place += 1;
        volts += cellVolts[kindAt(left, string + 1, place)] ?? 0;
      }
      return volts;
    });
  });
}

function kindAt(left: BatteryRun['left'], string: number, cell: number): number {
  return left.findIndex((one) => one.strings.includes(string) && one.cells.includes(cell));
}
