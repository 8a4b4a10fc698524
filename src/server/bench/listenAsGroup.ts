import { refused, type JsonAnswer } from '../jsonAnswer';
import { streamPlaces } from '../lanGateway/streamPlaces';
import type { BenchContext } from './benchContext';
import { seatClaims } from './groupSeats';
import { listenToLog, type EventSink } from './listenToLog';
import { NOT_SEATED } from './logOfGroup';

interface GroupListening {
  /** The seat of the device, as its cookie holds it. */
  readonly sealed: string | undefined;
  readonly address: string;
  readonly after: number;
}

/** Whether a group’s device may listen, and how: `listen` begins, and returns what ends it. */
export type GroupListener =
  | { readonly refusal: JsonAnswer }
  | { readonly refusal: null; readonly listen: (sink: EventSink) => () => void };

/** The log of its own group for a device with a seat; bounded by address and by group. */
export async function listenAsGroup(
  context: BenchContext,
  { sealed, address, after }: GroupListening,
): Promise<GroupListener> {
  const seat = await seatClaims(context, sealed);
  if (seat === null) return { refusal: NOT_SEATED };
  const { planId, group } = seat;
  const leave = streamPlaces().take(address, `${planId} ${group}`);
  if (leave === null) {
    return {
      refusal: refused(429, 'Too many pages of this group are open. Close the others.'),
    };
  }
  return {
    refusal: null,
    listen: (sink) => listenToLog(context, { planId, after, seat, onEnd: leave }, sink),
  };
}
