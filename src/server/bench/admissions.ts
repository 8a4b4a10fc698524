import { randomInt, randomUUID } from 'node:crypto';

/** A device that asks for a group whose name is in use. */
export interface AskingDevice {
  readonly id: string;
  readonly group: string;
  /** Stands on the device and on the board, so that the teacher knows which one it is. */
  readonly number: number;
}

export type AdmissionState = 'waiting' | 'let-in' | 'refused';

/** Second devices that wait for the teacher’s word; kept in memory only, as a device simply asks again. */
export interface Admissions {
  /** Puts a device on the board; `null` where too many wait already. */
  ask(planId: string, group: string, now: number, address?: string): AskingDevice | null;
  /** How it stands for a device, which thereby says that it is still there; `null` where it is not known. */
  state(planId: string, id: string, group: string, now: number): AdmissionState | null;
  /** What the teacher says; false where the device does not wait any more. */
  decide(planId: string, id: string, letIn: boolean): boolean;
  waiting(planId: string, now: number): readonly AskingDevice[];
}

/** Devices that may wait at one time: a board full of questions helps nobody. */
const MOST_WAITING = 8;
/** Of them from one address: one device does not take all places. */
const MOST_OF_ADDRESS = 3;
/** A device that has not asked again for so long has gone away, milliseconds. */
const PATIENCE_MS = 20_000;

interface Asked extends AskingDevice {
  readonly planId: string;
  readonly address: string | undefined;
  readonly state: AdmissionState;
  readonly seenAt: number;
}

export function createAdmissions(changed: (planId: string) => void): Admissions {
  const asked = new Map<string, Asked>();
  const waitingNow = (planId: string, now: number): Asked[] => {
    for (const { id, seenAt } of asked.values()) if (now - seenAt > PATIENCE_MS) asked.delete(id);
    return [...asked.values()].filter((one) => one.planId === planId && one.state === 'waiting');
  };
  const freeNumber = (taken: readonly Asked[]): number => {
    for (;;) {
      const number = randomInt(10, 100);
      if (taken.every((one) => one.number !== number)) return number;
    }
  };
  return {
    ask: (planId, group, now, address) => {
      const waiting = waitingNow(planId, now);
      const own = waiting.filter((one) => address !== undefined && one.address === address);
      if (waiting.length >= MOST_WAITING || own.length >= MOST_OF_ADDRESS) return null;
      const device = { id: randomUUID(), group, number: freeNumber(waiting) };
      asked.set(device.id, { ...device, planId, address, state: 'waiting', seenAt: now });
      changed(planId);
      return device;
    },
    state: (planId, id, group, now) => {
      const one = asked.get(id);
      if (one?.planId !== planId || one.group !== group) return null;
      asked.set(id, { ...one, seenAt: now });
      return one.state;
    },
    decide: (planId, id, letIn) => {
      const one = asked.get(id);
      if (one?.planId !== planId || one.state !== 'waiting') return false;
      asked.set(id, { ...one, state: letIn ? 'let-in' : 'refused' });
      changed(planId);
      return true;
    },
    waiting: (planId, now) =>
      waitingNow(planId, now).map(({ id, group, number }) => ({ id, group, number })),
  };
}
