import { CLASS_SCATTER } from '../chance/scatter';
import { jointOhms, runClasses, type ClassesOutcome } from '../chance/simulateClasses';
import type { RandomStream } from '../chance/random';
import { tangentOf } from '../circuit/battery/gridCurve';
import type { LinearSource } from '../circuit/battery/reduceBattery';
import { solveNetwork } from '../circuit/network/solveNetwork';
import { ROOM_THERMAL_VOLTS } from '../constants';
import type { Desk, StandingCell, StandingItem } from '../desk/desk';
import { deskNetwork } from '../desk/deskNetwork';
import type { TargetNeed } from '../plan/needOfTarget';
import { CHANCE_DEFAULTS, chanceOfGrid } from './chanceOfGrid';

/**
 * Chance that a sound battery works in class, whatever its shape. A cell with a polarisation curve is taken as the
 * straight line that touches its curve where it works, scattered like an ideal source.
 */
export function chanceOfDesk(
  desk: Desk,
  need: TargetNeed,
  run: { classes: number; seed: number } = CHANCE_DEFAULTS,
): ClassesOutcome {
  const [first] = desk.strings[0] ?? [];
  if (desk.plainGrid && first?.kind === 'cell') {
    const cells = desk.strings[0]?.length ?? 0;
    return chanceOfGrid(first.model, need, cells, desk.strings.length, run);
  }
  const strings = straightened(desk, need);
  return runClasses(
    { load: need.load, wantedAmps: need.amps, thermalVolts: ROOM_THERMAL_VOLTS, ...run },
    (random) => drawSideBySide(strings, random),
  );
}

/** A cell as a straight line with the scatter of its volts. */
interface Straight {
  readonly line: LinearSource;
  readonly spreadVolts: number;
}
type StraightItem = Straight | { readonly strings: readonly (readonly Straight[])[] };

/** Every cell of the battery as the straight line that touches its curve where it works. */
function straightened(desk: Desk, need: TargetNeed): StraightItem[][] {
  const outcome = solveNetwork(deskNetwork(desk, need.load));
  const amps = outcome.status === 'solved' ? outcome.componentAmps : {};
  const straight = ({ name, model }: StandingCell): Straight => ({
    line: tangentOf(model, Math.max(0, amps[name] ?? 0)),
    spreadVolts: CLASS_SCATTER.emfShare * model.emfVolts,
  });
  const item = (one: StandingItem): StraightItem =>
    one.kind === 'cell'
      ? straight(one)
      : { strings: one.strings.map((cells) => cells.map(straight)) };
  return desk.strings.map((items) => items.map(item));
}

/** Millman's theorem over scattered strings. */
function drawSideBySide(
  strings: readonly (readonly StraightItem[])[],
  random: RandomStream,
): LinearSource {
  let siemens = 0;
  let shortAmps = 0;
  for (const items of strings) {
    const { emfVolts, resistanceOhms } = drawString(items, random);
    siemens += 1 / resistanceOhms;
    shortAmps += emfVolts / resistanceOhms;
  }
  return { emfVolts: shortAmps / siemens, resistanceOhms: 1 / siemens };
}

function drawString(items: readonly StraightItem[], random: RandomStream): LinearSource {
  let emfVolts = 0;
  // n items have n + 1 clip joints, counting the two ends.
  let resistanceOhms = jointOhms(CLASS_SCATTER, random);
  for (const item of items) {
    const source =
      'strings' in item ? drawSideBySide(item.strings, random) : drawCell(item, random);
    emfVolts += source.emfVolts;
    resistanceOhms += source.resistanceOhms + jointOhms(CLASS_SCATTER, random);
  }
  return { emfVolts, resistanceOhms };
}

function drawCell({ line, spreadVolts }: Straight, random: RandomStream): LinearSource {
  return {
    emfVolts: line.emfVolts + spreadVolts * random.normal(),
    resistanceOhms: line.resistanceOhms * Math.exp(CLASS_SCATTER.resistanceLog * random.normal()),
  };
}
