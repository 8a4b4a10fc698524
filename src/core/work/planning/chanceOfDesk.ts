import { CLASS_SCATTER } from '../../physics/chance/scatter';
import {
  runClasses,
  sideBySideOf,
  type ClassDraw,
  type ClassesOutcome,
  type DrawnSource,
} from '../../physics/chance/simulateClasses';
import type { RandomStream } from '../../physics/chance/random';
import { linearizeAt } from '../../physics/circuit/battery/gridCurve';
import type { TheveninSource } from '../../physics/circuit/battery/theveninSource';
import { solveNetwork } from '../../physics/circuit/network/solveNetwork';
import { ROOM_THERMAL_VOLTS } from '../../constants';
import type { Desk, StandingCell, StandingItem } from '../../physics/desk/desk';
import { deskNetwork } from '../../physics/desk/deskNetwork';
import type { LoadRequirement } from '../../records/plan/loadRequirement';
import { CHANCE_DEFAULTS, chanceOfGrid } from './chanceOfGrid';

/**
 * Chance that a sound battery works in class, whatever its shape. A cell with a polarisation curve is taken as the
 * straight line that touches its curve where it works, scattered like an ideal source.
 */
export function chanceOfDesk(
  desk: Desk,
  need: LoadRequirement,
  run: { classes: number; seed: number } = CHANCE_DEFAULTS,
): ClassesOutcome {
  const [first] = desk.strings[0] ?? [];
  if (desk.plainGrid && first?.kind === 'cell') {
    const cells = desk.strings[0]?.length ?? 0;
    return chanceOfGrid(first.model, need, cells, desk.strings.length, run);
  }
  const strings = straightened(desk, need);
  return runClasses(
    {
      load: need.load,
      wantedAmps: need.amps,
      thermalVolts: ROOM_THERMAL_VOLTS,
      scatter: CLASS_SCATTER,
      joints: jointsOf(strings),
      ...run,
    },
    (draw) => drawSideBySide(strings, draw),
  );
}

/** A cell as a straight line with the scatter of its volts. */
interface Straight {
  readonly line: TheveninSource;
  readonly spreadVolts: number;
}
type StraightItem = Straight | { readonly strings: readonly (readonly Straight[])[] };

/** Every cell of the battery as the straight line that touches its curve where it works. */
function straightened(desk: Desk, need: LoadRequirement): StraightItem[][] {
  const outcome = solveNetwork(deskNetwork(desk, need.load));
  const amps = outcome.status === 'solved' ? outcome.componentAmps : {};
  const straight = ({ name, model }: StandingCell): Straight => ({
    line: linearizeAt(model, Math.max(0, amps[name] ?? 0)),
    spreadVolts: CLASS_SCATTER.emfShare * model.emfVolts,
  });
  const item = (one: StandingItem): StraightItem =>
    one.kind === 'cell'
      ? straight(one)
      : { strings: one.strings.map((cells) => cells.map(straight)) };
  return desk.strings.map((items) => items.map(item));
}

/** n items in a string have n + 1 clip joints, counting the two ends; so have the strings of a group. */
function jointsOf(strings: readonly (readonly StraightItem[])[]): number {
  return strings
    .flatMap((items) => [items.length + 1, ...items.map(jointsWithin)])
    .reduce((sum, joints) => sum + joints, 0);
}

const jointsWithin = (item: StraightItem): number =>
  'strings' in item ? jointsOf(item.strings) : 0;

function drawSideBySide(
  strings: readonly (readonly StraightItem[])[],
  draw: ClassDraw,
): DrawnSource {
  return sideBySideOf(strings.length, (index) => drawString(strings[index] ?? [], draw));
}

function drawString(items: readonly StraightItem[], draw: ClassDraw): DrawnSource {
  let emfVolts = 0;
  let emfVariance = 0;
  let resistanceOhms = draw.jointOhms();
  for (const item of items) {
    const source =
      'strings' in item ? drawSideBySide(item.strings, draw) : drawCell(item, draw.random);
    emfVolts += source.emfVolts;
    emfVariance += source.emfVariance;
    resistanceOhms += source.resistanceOhms + draw.jointOhms();
  }
  return { emfVolts, emfVariance, resistanceOhms };
}

function drawCell({ line, spreadVolts }: Straight, random: RandomStream): DrawnSource {
  return {
    emfVolts: line.emfVolts,
    emfVariance: spreadVolts ** 2,
    resistanceOhms: line.resistanceOhms * Math.exp(CLASS_SCATTER.resistanceLog * random.normal()),
  };
}
