import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { Desk } from '../../physics/desk/desk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { DischargeEnd, DischargeSample } from '../../physics/time/dischargeRun';
import { IntermittentUse, segmentOf } from '../../physics/time/intermittentUse';
import { fittedStrings, leastAmpsOf, type RunFactors } from './runBattery';
import { TURNS_HORIZON_SECONDS } from './horizons';
import type { Running } from '../../records/plan/runningSchema';

const POINTS_OF_STRETCH = 12;
/** Where it is not drawn: enough for the energy given, to half a per cent. */
const POINTS_NOT_DRAWN = 7;
const ENDS = 2;
/** Stretches that are kept to be drawn; of later ones only how they begin and end. */
const DRAWN_TURNS = 4;

/** A battery switched on and left to rest in turns. */
export interface IntermittentRun {
  /** The first turns in full. */
  readonly samples: readonly DischargeSample[];
  /** Each turn: when it was switched on, and the current at its beginning and at its end. */
  readonly turns: readonly TurnFacts[];
  /** Time in use, seconds. */
  readonly usedSeconds: number;
  readonly endSeconds: number;
  readonly end: DischargeEnd;
  readonly joules: number;
}

export interface TurnFacts {
  readonly seconds: number;
  readonly firstAmps: number;
  readonly lastAmps: number;
}

/**
 * Works out use in turns, one turn at each step, so that the caller can report how far it is and stop.
 * Each step yields the share of the horizon that is done.
 */
export function* intermittentRun(
  desk: Desk,
  need: LoadRequirement,
  running: Running,
  factors: RunFactors,
): Generator<number, IntermittentRun, void> {
  const { onSeconds, restSeconds } = running.turns;
  const use = new IntermittentUse(
    {
      strings: fittedStrings(desk, running, factors),
      thermalVolts: ROOM_THERMAL_VOLTS,
      leastAmps: leastAmpsOf(need),
    },
    'quick',
  );
  const turns: TurnFacts[] = [];
  let drawn = 0;
  let usedSeconds = 0;
  while (use.end === null && use.seconds < TURNS_HORIZON_SECONDS) {
    const begin = use.seconds;
    const first = use.samples.length;
    const isDrawn = turns.length < DRAWN_TURNS;
    use.go(segmentOf(need.load, onSeconds, isDrawn ? POINTS_OF_STRETCH : POINTS_NOT_DRAWN));
    usedSeconds += use.seconds - begin;
    turns.push({
      seconds: begin,
      firstAmps: use.samples[first]?.amps ?? 0,
      lastAmps: use.samples.at(-1)?.amps ?? 0,
    });
    // A rest gives nothing to the load: where it is not drawn, its ends say all.
    use.go(segmentOf(null, restSeconds, isDrawn ? POINTS_OF_STRETCH : ENDS));
    if (isDrawn) drawn = use.samples.length;
    yield Math.min(1, use.seconds / TURNS_HORIZON_SECONDS);
  }
  return {
    samples: use.samples.slice(0, drawn),
    turns,
    usedSeconds,
    endSeconds: use.seconds,
    end: use.end ?? { reason: 'time-is-up' },
    joules: use.joules,
  };
}
