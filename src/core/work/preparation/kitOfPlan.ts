import { liquidsOf, piecesOfCell } from '../../physics/recipes/cellBuild';
import { cellsOf, withoutFaults, type StandingCell } from '../../physics/desk/desk';
import type { Lesson } from '../../records/plan/lessonSchema';
import type { Plan } from '../../records/plan/planSchema';
import type { PlanEvaluation } from '../judging/evaluatePlan';
import { loadParts } from '../parts/partOfTarget';
import { PIECE_FACTS } from '../../physics/recipes/pieces';
import { cautionsOfCell } from '../../physics/recipes/recipe';
import { billOfItems } from '../parts/billOfDesk';
import {
  foilStep,
  fruitStep,
  sandingStep,
  separatorStep,
  wireStep,
  type CuttingStep,
} from './cutting';
import type { CellLiquid } from '../../physics/recipes/liquids';
import { sparesOf } from './sparesOf';
import { mixingCards, type MixingCard } from './mixingCards';
import { type PartId, PARTS } from '../../physics/recipes/parts';
import { SUBSTITUTE_OF } from '../parts/substituteOf';

/** So much of a part for a group and for the class. */
export interface KitLine {
  readonly part: PartId;
  /** In the bag of one group; 0 for what the class shares. */
  readonly perGroup: number;
  /** For the class, spares among it. */
  readonly total: number;
}

/** Everything that a class needs to build the plan's battery once a group. */
export interface Kit {
  readonly groups: number;
  readonly pupilsInGroup: { readonly least: number; readonly most: number };
  readonly cellsInGroup: number;
  /** Spare cells for the whole class. */
  readonly spareCells: number;
  readonly lines: readonly KitLine[];
  readonly cutting: readonly CuttingStep[];
  readonly mixing: readonly MixingCard[];
}

/** Paper towels for a group (common practice, no source). */
const TOWELS_PER_GROUP = 4;

/** One small part in six gets lost or burns (common practice, no source). */
const LOADS_PER_SPARE = 6;

/** Counts every part of a plan for its class. Things that are wrong on purpose count as sound. */
export function kitOfPlan(
  { lesson, target, have }: Pick<Plan, 'lesson' | 'target' | 'have'>,
  evaluation: Pick<PlanEvaluation, 'desk' | 'seriesResistorOhms'>,
): Kit {
  const desk = withoutFaults(evaluation.desk);
  const cells = cellsOf(desk);
  const { groups, pupils } = lesson;
  // Whoever makes it from what there is has no more for spares.
  const spareCells = have === null ? sparesOf(cells.length * groups, lesson) : 0;
  const spareLoads = have === null ? Math.ceil(groups / LOADS_PER_SPARE) : 0;
  const counter = partCounter(groups, lesson.swapped);

  const kinds = kindsOf(cells, spareCells);
  for (const { kind, count, spares } of kinds) {
    for (const { part, amount } of piecesOfCell(kind)) {
      // A spare takes the leads of the one that it stands in for.
      counter.add(part, amount * count, part === 'clip-lead' ? 0 : amount * spares);
    }
  }
  for (const { part, amount } of desk.strings.flatMap(billOfItems)) counter.add(part, amount, 0);
  for (const { part, amount } of loadParts(target)) {
    counter.add(part, amount, PARTS[part].pack > 1 ? spareLoads : 0);
  }
  addGroupThings(counter, cells, lesson);
  if (evaluation.seriesResistorOhms !== null) counter.add('series-resistor', 1, spareLoads);
  const pieces = counter.lines().find(({ part }) => part === 'bell-wire')?.total ?? 0;
  const cutting = [...cuttingOf(kinds, lesson), ...(pieces === 0 ? [] : [wireStep(pieces)])];
  for (const step of cutting) {
    const { from } = step;
    if (from !== null && (step.id === 'separators' || step.id === 'sanding')) {
      counter.share(from.part, from.amount);
    }
  }
  const mixing = mixingCards(liquidsOfKinds(kinds, groups));
  for (const { ingredients } of mixing) {
    for (const { part, amount } of ingredients) if (part !== null) counter.share(part, amount);
  }
  return {
    groups,
    pupilsInGroup: { least: Math.floor(pupils / groups), most: Math.ceil(pupils / groups) },
    cellsInGroup: cells.length,
    spareCells,
    lines: counter.lines(),
    cutting,
    mixing,
  };
}

interface CellKind {
  readonly kind: StandingCell;
  /** On one desk. */
  readonly count: number;
  /** For the class. */
  readonly spares: number;
}

/** Different cells on a desk, and the class's spares shared out among them by how many there are. */
function kindsOf(cells: readonly StandingCell[], spareCells: number): CellKind[] {
  const kinds = new Map<string, { kind: StandingCell; count: number }>();
  for (const one of cells) {
    const { recipe, body, piece, size, overhangMillimetres } = one;
    const key = JSON.stringify([recipe.id, recipe.name, body.id, piece, size, overhangMillimetres]);
    const known = kinds.get(key);
    if (known === undefined) kinds.set(key, { kind: one, count: 1 });
    else known.count += 1;
  }
  return [...kinds.values()].map((one) => ({
    ...one,
    spares: Math.ceil((spareCells * one.count) / cells.length),
  }));
}

interface PartCounter {
  /** So much in one group's bag, and so many spares for the class. */
  readonly add: (part: PartId, perGroup: number, spares: number) => void;
  /** So much for the class, not in the bags. */
  readonly share: (part: PartId, total: number) => void;
  readonly lines: () => KitLine[];
}

function partCounter(groups: number, swapped: Lesson['swapped']): PartCounter {
  const counts = new Map<PartId, { perGroup: number; more: number }>();
  const at = (wanted: PartId) => {
    const instead = swapped.find((one) => one === wanted);
    const part = instead === undefined ? wanted : SUBSTITUTE_OF[instead];
    const found = counts.get(part) ?? { perGroup: 0, more: 0 };
    counts.set(part, found);
    return found;
  };
  return {
    add: (part, perGroup, spares) => {
      const found = at(part);
      found.perGroup += perGroup;
      found.more += spares;
    },
    share: (part, total) => {
      at(part).more += total;
    },
    lines: () =>
      [...counts].map(([part, { perGroup, more }]) => ({
        part,
        perGroup,
        total: perGroup * groups + more,
      })),
  };
}

function addGroupThings(
  counter: PartCounter,
  cells: readonly StandingCell[],
  lesson: Lesson,
): void {
  counter.add('tray', 1, 0);
  counter.add('scissors', 1, 0);
  counter.add('paper-towel', TOWELS_PER_GROUP, 0);
  counter.share('meter', lesson.meters);
  counter.share('tape', Math.ceil(lesson.groups / 3));
  const cautions = new Set(cells.flatMap(({ recipe, body }) => cautionsOfCell(recipe, body)));
  if (cautions.has('food')) {
    counter.add('label', 1, 0);
    counter.share('knife', 1);
  }
  const splashes = [
    'weak-acid',
    'metal-salts',
    'strong-acid',
    'dust',
    'sharp',
    'hydrogen',
  ] as const;
  if (splashes.some((id) => cautions.has(id))) counter.share('goggles', lesson.pupils + 1);
  if (cautions.has('metal-salts') || cautions.has('strong-acid')) {
    counter.share('gloves', lesson.pupils + 1);
  }
}

function cuttingOf(kinds: readonly CellKind[], lesson: Lesson): CuttingStep[] {
  const steps: CuttingStep[] = [];
  let coins = 0;
  let foil = 0;
  for (const { kind, count, spares } of kinds) {
    const total = count * lesson.groups + spares;
    const { sheet, part: fruit } = kind.body;
    if (sheet !== null) {
      steps.push(separatorStep(total, kind.size, sheet, kind.overhangMillimetres, lesson.paper));
    }
    if (fruit !== null && kind.piece !== 'whole') {
      steps.push(fruitStep(fruit, kind.piece, total * PIECE_FACTS[kind.piece].share));
    }
    const bill = kind.recipe.parts.cell;
    if (bill.some(({ part }) => part === 'coin-to-sand')) coins += total;
    if (bill.some(({ part }) => part === 'aluminium-foil')) foil += total;
  }
  if (coins > 0) steps.push(sandingStep(coins));
  if (foil > 0) steps.push(foilStep(foil));
  return steps;
}

function liquidsOfKinds(
  kinds: readonly CellKind[],
  groups: number,
): { liquid: CellLiquid; cells: number }[] {
  const found = new Map<string, { liquid: CellLiquid; cells: number }>();
  for (const { kind, count, spares } of kinds) {
    for (const liquid of liquidsOf(kind)) {
      const key = JSON.stringify(liquid);
      const known = found.get(key) ?? { liquid, cells: 0 };
      known.cells += count * groups + spares;
      found.set(key, known);
    }
  }
  return [...found.values()];
}
