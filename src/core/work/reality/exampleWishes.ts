import type { CautionId } from '../../physics/safety/cautions';
import type { Wish } from '../../records/plan/wishSchema';

/** A wish that ships as an example, with the cautions of what it asks for. */
export interface ExampleWish {
  readonly id: string;
  /** The question as people ask it, before “how many”. */
  readonly wish: Wish;
  readonly cautions: readonly CautionId[];
}

const HOUR = 3600;
const run = (name: string, volts: number, amps: number, seconds: number): Wish => ({
  kind: 'run',
  name,
  volts,
  amps,
  seconds,
});

/**
 * Wishes of the demo scenario and those that every class has. What each takes: round figures from memory; whoever
 * knows better types their own.
 */
export const EXAMPLE_WISHES: readonly ExampleWish[] = [
  {
    id: 'lighthouse',
    wish: run('light the lighthouse for a whole night', 24, 4, 12 * HOUR),
    cautions: [],
  },
  { id: 'horn', wish: run('sound the harbour horn once', 12, 5, 5), cautions: [] },
  { id: 'ferry', wish: run('take the ferry across the bay', 400, 750, 25 * 60), cautions: [] },
  { id: 'bulb', wish: run('light a bicycle bulb', 6, 0.45, 10 * 60), cautions: [] },
  { id: 'radio', wish: run('run a pocket radio', 3, 0.02, HOUR), cautions: [] },
  { id: 'phone', wish: run('charge a phone', 5, 1, 2 * HOUR), cautions: ['devices'] },
  { id: 'spark', wish: run('start a spark in steel wool', 9, 2, 1), cautions: ['sparks'] },
  { id: 'car', wish: run('drive a car for an hour', 400, 40, HOUR), cautions: ['devices'] },
  {
    id: 'weld',
    wish: { kind: 'pulse', name: 'weld a fine wire from a capacitor bank', volts: 12, farads: 0.2 },
    cautions: ['capacitors', 'sparks'],
  },
];
