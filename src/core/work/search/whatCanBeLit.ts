import type { BatteryCandidate } from './plannerTypes';
import { piecesOf, cellBuild, billOfCells } from '../../physics/recipes/cellBuild';
import { type PlannedCell, plannedCell } from '../../physics/readings/plannedCell';
import { type BillLine, PARTS } from '../../physics/recipes/parts';
import type { Piece } from '../../physics/recipes/pieces';
import { RECIPE_IDS, type RecipeId } from '../../physics/recipes/recipe';
import { RECIPES } from '../../physics/recipes/recipes';
import { WANTED_BRIGHTNESSES } from '../../physics/circuit/brightness';
import { DEVICE_KINDS, DEVICE_PRESETS } from '../../physics/circuit/devicePresets';
import { LED_COLOURS, LED_PRESETS } from '../../physics/circuit/load/ledPresets';
import { requirementOf } from '../../records/plan/loadRequirement';
import type { PartCounts } from '../../records/plan/haveSchema';
import type { PlanTarget } from '../../records/plan/planSchema';
import type { Running } from '../../records/plan/runningSchema';
import { loadParts } from '../parts/partOfTarget';
import {
  countOf,
  isBatteryPart,
  missingParts,
  timesFrom,
  type MissingPart,
} from '../parts/partStock';
import { batteriesOf, bestBattery, comparisonOf, PLANNER_DEFAULTS } from './planBatteries';
import type { Objective } from './plannerTypes';
import { limitOfTarget } from './loadLimits';

/** What there is, and for how long it must run at least. */
export interface HaveQuestion {
  readonly have: PartCounts;
  readonly minutes: number;
  readonly running: Running;
  /** What orders the batteries for one thing; nothing said: the least to build. */
  readonly objective?: Objective;
}

/** One kind of cell that can be built of what there is. */
export interface CellOption {
  readonly recipe: RecipeId;
  readonly body: string;
  readonly piece: Piece;
}

/** Something that can be lit or run. */
export interface LitThing {
  readonly target: PlanTarget;
  readonly option: CellOption;
  /** For so long: as long as is wanted, or longer. */
  readonly minutes: number;
  readonly candidate: BatteryCandidate;
  readonly uses: readonly BillLine[];
  /** Parts of it that stay in the cupboard. */
  readonly leftOver: readonly BillLine[];
}

/** With a few parts more it would be brighter, or last longer. */
export interface UpgradeHint {
  readonly target: PlanTarget;
  readonly minutes: number;
  readonly missing: readonly MissingPart[];
}

export interface WhatCanBeLit {
  /** Sure ones first, then the brightest and the longest. */
  readonly things: readonly LitThing[];
  readonly more: readonly UpgradeHint[];
  /** Where nothing but an LED is missing: what a red one would do. */
  readonly withLed: LitThing | null;
}

/** The LED that needs least. */
const EASIEST_LED = 'led-red';

/** Times that people speak of, minutes: while the class looks, a lesson, an evening, two days. */
const LONGER = [10, 45, 240, 2880] as const;
/** Pieces that are tried: what is thinner hardly lights anything. */
const TRIED_PIECES: readonly Piece[] = ['whole', 'half', 'quarter'];
/** A device stands between a dim light and a glimmer. */
const DEVICE_RANK = 0.5;

/** What can be lit or run with the parts that there are, over all recipes and every way to cut the fruit. */
export function whatCanBeLit(question: HaveQuestion): WhatCanBeLit {
  const steps = whatCanBeLitInSteps(question);
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}

/** The same, thing by thing: what is found so far after each LED and device. */
export function* whatCanBeLitInSteps(
  question: HaveQuestion,
): Generator<WhatCanBeLit, WhatCanBeLit> {
  const options = optionsOf(question);
  const targets = targetsOf(question.have);
  let things: LitThing[] = [];
  for (const ladder of targets) {
    things = [...things, ...thingsFor(ladder, options, question)].sort(bestFirst);
    yield { things, more: [], withLed: null };
  }
  return {
    things,
    more: moreThatWouldDo(things, targets, options, question),
    withLed: targets.length === 0 ? litByRed(question) : null,
  };
}

/** What a red LED would do with parts among which there is nothing to light. */
function litByRed(question: HaveQuestion): LitThing | null {
  const have = { ...question.have, [EASIEST_LED]: 1 };
  return whatCanBeLit({ ...question, have }).things[0] ?? null;
}

function bestFirst(a: LitThing, b: LitThing): number {
  return (
    Number(b.candidate.recommended) - Number(a.candidate.recommended) ||
    rankOf(b.target) - rankOf(a.target) ||
    b.minutes - a.minutes ||
    a.candidate.cells - b.candidate.cells
  );
}

function rankOf(target: PlanTarget): number {
  return target.kind === 'led' ? WANTED_BRIGHTNESSES.indexOf(target.brightness) : DEVICE_RANK;
}

/** LEDs and devices that are there, each with its wishes from the least to the greatest. */
function targetsOf(have: PartCounts): PlanTarget[][] {
  const leds = LED_COLOURS.filter((colour) => LED_PRESETS[colour].visible).map((colour) =>
    WANTED_BRIGHTNESSES.map((brightness): PlanTarget => ({ kind: 'led', colour, brightness })),
  );
  const devices = DEVICE_KINDS.map((device): PlanTarget[] => {
    const { leastVolts, amps } = DEVICE_PRESETS[device];
    return [{ kind: 'device', device, leastVolts, amps }];
  });
  return [...leds, ...devices].filter(
    ([first]) => first !== undefined && missingParts(loadParts(first), have).length === 0,
  );
}

interface BuildableOption extends CellOption {
  readonly cell: PlannedCell;
}

/** Every cell of which at least one can be built. */
function optionsOf({ have, running }: HaveQuestion): BuildableOption[] {
  return RECIPE_IDS.map((id) => RECIPES[id])
    .filter(({ restricted }) => !restricted)
    .flatMap((recipe) =>
      recipe.bodies.flatMap((body) =>
        TRIED_PIECES.filter((piece) => piecesOf(recipe, body).includes(piece))
          .map((piece) => plannedCell(cellBuild(recipe, body, { piece }), running.celsius))
          .filter((cell) => timesFrom(have, billOfCells(cell, 1), []) >= 1)
          .map((cell) => ({ cell, recipe: recipe.id, body: body.id, piece: cell.piece })),
      ),
    );
}

/** What is asked of one kind of cell; `have` of `null`: whatever it takes is bought. */
function questionFor(
  target: PlanTarget,
  minutes: number,
  running: Running,
  have: PartCounts | null,
  mostCells: number = PLANNER_DEFAULTS.mostCells,
): Parameters<typeof bestBattery>[1] {
  return {
    need: requirementOf(target, running.celsius),
    limit: limitOfTarget(target),
    resistor: { kind: 'as-needed' },
    minutes,
    running,
    supply: { prices: { entries: {} }, have, load: loadParts(target) },
    mostCells,
    mostPairs: PLANNER_DEFAULTS.mostPairs,
    mayCut: false,
    mostPrice: null,
  };
}

/** For one LED or device: the brightest for the wanted time, and what it is for longer. */
function thingsFor(
  ladder: readonly PlanTarget[],
  options: readonly BuildableOption[],
  { have, minutes, running, objective = 'least-to-buy' }: HaveQuestion,
): LitThing[] {
  const times = [minutes, ...LONGER.filter((time) => time > minutes)];
  const found: LitThing[] = [];
  let brightest = ladder.length - 1;
  for (const time of times) {
    const best = brightestFor(
      ladder.slice(0, brightest + 1),
      options,
      time,
      running,
      have,
      objective,
    );
    if (best === null) break;
    const last = found.at(-1);
    const { recommended } = best.candidate;
    if (last !== undefined && !recommended) break;
    // What lasts longer at the same brightness is told once, with its longest time.
    if (last !== undefined && sameTarget(last.target, best.target)) found.pop();
    found.push(litThing(best, time, have));
    if (!recommended) break;
    brightest = ladder.indexOf(best.target);
  }
  return found;
}

function sameTarget(a: PlanTarget, b: PlanTarget): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}

interface Found {
  readonly target: PlanTarget;
  readonly option: BuildableOption;
  readonly candidate: BatteryCandidate;
}

/** The brightest that works in nearly every class; where none does, the brightest that may. */
function brightestFor(
  ladder: readonly PlanTarget[],
  options: readonly BuildableOption[],
  minutes: number,
  running: Running,
  have: PartCounts,
  objective: Objective,
): Found | null {
  // What is there has no price: the least to build is the fewest bodies.
  const order = objective === 'least-to-buy' ? 'fewest-cells' : objective;
  const compare = comparisonOf(order);
  let marginal: Found | null = null;
  for (const target of [...ladder].reverse()) {
    let best: Found | null = null;
    for (const option of options) {
      // Cooking takes its time: only where nothing raw does it.
      if (option.cell.body.cooked && best?.candidate.recommended === true) continue;
      // What takes more cells than the best so far need not be looked at.
      const most =
        order === 'fewest-cells' && best?.candidate.recommended === true
          ? best.candidate.cells
          : undefined;
      const asked = questionFor(target, minutes, running, have, most);
      const candidate = bestBattery(option.cell, asked, order);
      if (candidate === null) continue;
      if (best === null || compare(candidate, best.candidate) < 0) {
        best = { target, option, candidate };
      }
    }
    if (best?.candidate.recommended === true) return best;
    marginal ??= best;
  }
  return marginal;
}

function litThing(
  { target, option, candidate }: Found,
  minutes: number,
  have: PartCounts,
): LitThing {
  const { recipe, body, piece } = option;
  const uses = candidate.bill;
  const leftOver = uses
    .filter(({ part }) => isBatteryPart(part))
    .map(({ part, amount }) => ({ part, amount: countOf(have, part) - amount }))
    .filter(({ amount }) => amount >= 1);
  return { target, option: { recipe, body, piece }, minutes, candidate, uses, leftOver };
}

/** What is lacking for the next brightness, and for the next longer time; where nothing is lit, for anything at all. */
function moreThatWouldDo(
  things: readonly LitThing[],
  targets: readonly (readonly PlanTarget[])[],
  options: readonly BuildableOption[],
  { have, minutes, running }: HaveQuestion,
): UpgradeHint[] {
  const lack = (target: PlanTarget | undefined, time: number | undefined): UpgradeHint[] => {
    if (target === undefined || time === undefined) return [];
    return options
      .flatMap(({ cell }) => batteriesOf(cell, questionFor(target, time, running, null)))
      .filter(({ recommended }) => recommended)
      .map(({ bill }): UpgradeHint => ({
        target,
        minutes: time,
        missing: missingParts(bill, have),
      }))
      .filter(({ missing }) => missing.length > 0 && isNear(missing))
      .sort((a, b) => missingAmount(a) - missingAmount(b))
      .slice(0, 1);
  };
  const best = things.find(({ target }) => target.kind === 'led');
  if (best === undefined) {
    // Of what is there already nothing is said: a device runs or does not.
    const first = targets
      .flat()
      .find((target) => !things.some((thing) => sameTarget(thing.target, target)));
    return lack(first, minutes);
  }
  const ladder = targets.find((one) => one.some((target) => sameTarget(target, best.target))) ?? [];
  const brighter = ladder[ladder.findIndex((target) => sameTarget(target, best.target)) + 1];
  const longer = LONGER.find((time) => time > best.minutes);
  return [...lack(best.target, longer), ...lack(brighter, minutes)];
}

/** A hint names what somebody fetches at once: a few things of a few kinds. */
const NEAR = { kinds: 4, pieces: 8 } as const;

function isNear(missing: readonly MissingPart[]): boolean {
  return (
    missing.length <= NEAR.kinds &&
    missing.every(
      ({ part, needed, there }) => PARTS[part].unit !== 'piece' || needed - there <= NEAR.pieces,
    )
  );
}

function missingAmount({ missing }: UpgradeHint): number {
  return missing.reduce((sum, { needed, there }) => sum + needed - there, 0);
}
