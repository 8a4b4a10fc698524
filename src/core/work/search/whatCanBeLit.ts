import type { BatteryCandidate } from './plannerTypes';
import { piecesOf, cellBuild, billOfCells } from '../../physics/recipes/cellBuild';
import { type PlannedCell, plannedCell } from '../../physics/readings/plannedCell';
import type { BillLine } from '../../physics/recipes/parts';
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
import { partOfTarget } from '../parts/partOfTarget';
import {
  countOf,
  isBatteryPart,
  missingParts,
  timesFrom,
  type MissingPart,
} from '../parts/partStock';
import { batteriesOf, fewestCells, PLANNER_DEFAULTS } from './planBatteries';
import { limitOfTarget } from './loadLimits';

/** What there is, and for how long it must run at least. */
export interface HaveQuestion {
  readonly have: PartCounts;
  readonly minutes: number;
  readonly running: Running;
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
}

/** Times that people speak of, minutes: while the class looks, a lesson, an evening, two days. */
const LONGER = [10, 45, 240, 2880] as const;
/** Pieces that are tried: what is thinner hardly lights anything. */
const TRIED_PIECES: readonly Piece[] = ['whole', 'half', 'quarter'];
/** A device stands between a dim light and a glimmer. */
const DEVICE_RANK = 0.5;
const MOST_HINTS = 2;

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
    yield { things, more: [] };
  }
  return { things, more: moreThatWouldDo(things, targets, options, question) };
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
    ([first]) => first !== undefined && countOf(have, partOfTarget(first)) >= 1,
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
): Parameters<typeof fewestCells>[1] {
  return {
    need: requirementOf(target, running.celsius),
    limit: limitOfTarget(target),
    resistor: { kind: 'as-needed' },
    minutes,
    running,
    supply: { prices: { entries: {} }, have, load: partOfTarget(target) },
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
  { have, minutes, running }: HaveQuestion,
): LitThing[] {
  const times = [minutes, ...LONGER.filter((time) => time > minutes)];
  const found: LitThing[] = [];
  let brightest = ladder.length - 1;
  for (const time of times) {
    const best = brightestFor(ladder.slice(0, brightest + 1), options, time, running, have);
    if (best === null) break;
    const last = found.at(-1);
    const thing = litThing(best, time, have);
    // What lasts longer at the same brightness is told once, with its longest time.
    if (last !== undefined && sameTarget(last.target, best.target)) {
      if (thing.candidate.recommended || !last.candidate.recommended)
        found[found.length - 1] = thing;
    } else if (last === undefined || thing.candidate.recommended) found.push(thing);
    if (!thing.candidate.recommended) break;
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
): Found | null {
  let marginal: Found | null = null;
  for (const target of [...ladder].reverse()) {
    let best: Found | null = null;
    for (const option of options) {
      // Cooking takes its time: only where nothing raw does it.
      if (option.cell.body.cooked && best?.candidate.recommended === true) continue;
      // What takes more cells than the best so far need not be looked at.
      const most = best?.candidate.recommended === true ? best.candidate.cells : undefined;
      const candidate = fewestCells(option.cell, questionFor(target, minutes, running, have, most));
      if (candidate === null) continue;
      const one = { target, option, candidate };
      if (best === null || isBetter(one, best)) best = one;
    }
    if (best?.candidate.recommended === true) return best;
    marginal ??= best;
  }
  return marginal;
}

function isBetter({ candidate: a }: Found, { candidate: b }: Found): boolean {
  if (a.recommended !== b.recommended) return a.recommended;
  return a.cells !== b.cells ? a.cells < b.cells : a.pairs < b.pairs;
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

/** What the first things lack for the next brightness, and for the next longer time. */
function moreThatWouldDo(
  things: readonly LitThing[],
  targets: readonly (readonly PlanTarget[])[],
  options: readonly BuildableOption[],
  { have, minutes, running }: HaveQuestion,
): UpgradeHint[] {
  const hints: UpgradeHint[] = [];
  const lack = (target: PlanTarget, option: BuildableOption, time: number): void => {
    const [least] = batteriesOf(option.cell, questionFor(target, time, running, null))
      .filter(({ recommended }) => recommended)
      .map(({ bill }): UpgradeHint => ({
        target,
        minutes: time,
        missing: missingParts(bill, have),
      }))
      .filter(({ missing }) => missing.length > 0)
      .sort((a, b) => missingAmount(a) - missingAmount(b));
    if (least === undefined) return;
    // Several kinds of cells may lack the same parts.
    const text = JSON.stringify(least);
    if (hints.every((one) => JSON.stringify(one) !== text)) hints.push(least);
  };
  const [best] = things.filter(({ target }) => target.kind === 'led');
  if (best === undefined) {
    // Of what is there already nothing is said: a device runs or does not.
    const [first] = targets
      .flat()
      .filter((target) => !things.some((thing) => sameTarget(thing.target, target)));
    if (first === undefined) return [];
    for (const option of options) lack(first, option, minutes);
    return hints.sort((a, b) => missingAmount(a) - missingAmount(b)).slice(0, MOST_HINTS);
  }
  const ladder = targets.find((one) => one.some((target) => sameTarget(target, best.target))) ?? [];
  const option = options.find(
    ({ recipe, body, piece }) =>
      recipe === best.option.recipe && body === best.option.body && piece === best.option.piece,
  );
  if (option === undefined) return [];
  const longer = LONGER.find((time) => time > best.minutes);
  if (longer !== undefined) lack(best.target, option, longer);
  const brighter = ladder[ladder.findIndex((target) => sameTarget(target, best.target)) + 1];
  if (brighter !== undefined) lack(brighter, option, minutes);
  return hints.slice(0, MOST_HINTS);
}

function missingAmount({ missing }: UpgradeHint): number {
  return missing.reduce((sum, { needed, there }) => sum + needed - there, 0);
}
