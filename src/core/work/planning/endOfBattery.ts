import type { Desk } from '../../physics/desk/desk';
import { solveDesk, type DeskSolution } from '../../physics/desk/solveDesk';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import type { Running } from '../../records/plan/runningSchema';
import type { CellEndsAt } from './cellInUse';
import { chanceOfMetal } from './chanceOfMetal';
import { deskAfter, endOfDesk, metalOfDesk } from './deskInTime';
import { endAtMeanCurrent } from './endAtMeanCurrent';

/** A battery at the moment in which it is connected. */
export interface ConnectedBattery extends Pick<DeskSolution, 'strings' | 'volts'> {
  readonly desk: Desk;
}

/** When the first cell of a battery that is left on ends, and by what. */
export function endOfBattery(
  first: ConnectedBattery,
  need: LoadRequirement,
  running: Running,
): CellEndsAt {
  return endAtMeanCurrent(
    (stringAmps) => endOfDesk(first.desk, running, stringAmps),
    (seconds) => (seconds === 0 ? ampsOf(first) : ampsAfter(first, need, running, seconds)),
  );
}

/** The same if it is before so many seconds are over; `null` otherwise. */
export function endBefore(
  seconds: number,
  first: ConnectedBattery,
  need: LoadRequirement,
  running: Running,
): CellEndsAt | null {
  // Currents only fall: what lasts with those at first lasts, and that is soon known.
  if (endOfDesk(first.desk, running, ampsOf(first)).seconds >= seconds) return null;
  const end = endOfBattery(first, need, running);
  return end.seconds < seconds ? end : null;
}

/** Share of classes in which the metal lasts for so many seconds. */
export function metalChanceOf(
  first: ConnectedBattery,
  need: LoadRequirement,
  running: Running,
  seconds: number,
): number {
  return chanceOfMetal(seconds, ampsOf(first), {
    stringAmpsAt: (time) => ampsAfter(first, need, running, time),
    metal: metalOfDesk(first.desk, running, seconds, first.volts),
  });
}

function ampsAfter(
  { desk }: ConnectedBattery,
  { load }: LoadRequirement,
  running: Running,
  seconds: number,
): readonly number[] {
  return ampsOf(solveDesk(deskAfter(desk, running, seconds), load));
}

function ampsOf({ strings }: Pick<DeskSolution, 'strings'>): readonly number[] {
  return strings.map(({ amps }) => amps);
}
