import * as z from 'zod/mini';
import { DEMO_KIWI } from '../../physics/readings/referenceCells';
import { randomStream } from '../../physics/chance/random';
import { builtCell } from '../measuring/builtBattery';
import type { SpecCell } from '../../physics/circuit/faults/batterySpec';
import { METER_ACCURACY } from '../../physics/instruments/meter';
import { usualFault } from '../../physics/desk/deskEdits';
import { drillLevel, FIRST_LEVEL, LAST_LEVEL, type DrillFault, type DrillLevel } from './levels';

export const HIGHEST_DRILL = 99_999;

/** Names a drill: the same level and number are the same drill for everybody. */
export const drillKeySchema = z.strictObject({
  level: z.coerce
    .number('Give a level.')
    .check(
      z.int('Give a level.'),
      z.minimum(FIRST_LEVEL, `Levels begin with ${FIRST_LEVEL}.`),
      z.maximum(LAST_LEVEL, `There are ${LAST_LEVEL} levels.`),
    ),
  seed: z.coerce
    .number('Give the number of the drill.')
    .check(
      z.int('Give the number of the drill.'),
      z.minimum(1, 'Drills are counted from 1.'),
      z.maximum(HIGHEST_DRILL, `The highest drill is ${HIGHEST_DRILL}.`),
    ),
});
export type DrillKey = z.infer<typeof drillKeySchema>;

export interface HiddenFault {
  readonly string: number;
  readonly cell: number;
  readonly kind: DrillFault;
}

export interface Drill {
  readonly key: DrillKey;
  readonly level: DrillLevel;
  /** The strings as somebody built them: cells that scatter, faults in them. */
  readonly built: readonly (readonly SpecCell[])[];
  readonly hidden: readonly HiddenFault[];
  /** By how much the meter reads too high, as a share: within what its sheet allows. */
  readonly meterGain: number;
}

/** Every drill is built of the demonstration's kiwi. */
export const DRILL_CELL = DEMO_KIWI;
/** How often nothing at all is wrong where that may be. */
export const SOUND_CHANCE = 1 / 6;

/** A drill from its level and number; the same each time. */
export function makeDrill(key: DrillKey): Drill {
  const level = drillLevel(key.level);
  const random = randomStream(1000 * key.seed + key.level);
  const pick = (count: number): number => Math.min(count - 1, Math.floor(random.uniform() * count));
  const faultIn = (string: number): HiddenFault => {
    const place = pick(level.cells);
    const kind = level.faults[pick(level.faults.length)]!;
    // Leads lie between cells: the last cell has none to the next.
    const leads = kind === 'open' || kind === 'poor-contact';
    return { string, cell: leads ? Math.max(1, place) : 1 + place, kind };
  };
  const strings = Array.from({ length: level.strings }, (_, index) => index + 1);
  const hidden = level.each
    ? strings.map(faultIn)
    : random.uniform() < SOUND_CHANCE
      ? []
      : [faultIn(strings[pick(strings.length)]!)];
  const built = strings.map((string) =>
    Array.from({ length: level.cells }, (_, index) =>
      builtCell(
        DRILL_CELL,
        random,
        hidden
          .filter((one) => one.string === string && one.cell === index + 1)
          .map(({ kind }) => usualFault(kind)),
      ),
    ),
  );
  return {
    key,
    level,
    built,
    hidden,
    meterGain: METER_ACCURACY.share * (2 * random.uniform() - 1),
  };
}
